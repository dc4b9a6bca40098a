<?php

declare(strict_types=1);

namespace App\Doors\Bench\Large;

use App\Desks\Editing\SettingsDesk;
use App\Doors\Bench\BenchRow;
use App\Doors\Bench\Usage;
use App\Doors\Jobs\OrphanSweep;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Planning\ShortShelves;
use App\Media\Process\Unwatched;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Likeness\LikenessBook;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use App\Shelves\Search\FootagePostings;
use Closure;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use RapidReel\Plan\Review\Fingerprint;
use RapidReel\Plan\Settings\Level;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RuntimeException;

/** How a channel that has worked for years answers, and how that grows with it. */
final class LargeBench
{
    /** Shorts, pieces of footage, pieces of music. */
    private const SIZES = [[500, 500, 50], [2_000, 8_000, 800], [5_000, 20_000, 2_000]];

    private const NEW = 50;

    private const PAIRS = 8;

    /** Before anything of a page is looked for. */
    private const FRAMEWORK_BYTES = 20 << 20;

    /** Bytes of the largest request. */
    private static int $request = 0;

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    public function run(string $database, callable $tell): array
    {
        $large = LargeChannel::begin($database);
        Auth::login($large->user);
        $found = [];
        $small = null;
        foreach (self::SIZES as [$shorts, $footage, $music]) {
            $grown = Usage::of(fn () => $large->grow($shorts, $footage, $music))->wall;
            app(FootagePostings::class)->catchUp();
            $large->settled();
            $small ??= self::copy($database);
            $tell(sprintf('%d shorts, %d pieces of footage (%.0f s to make them up):', $shorts, $footage, $grown));
            foreach ($this->measures($large) as $what => $measure) {
                $found[$what][] = self::median($measure, $what === 'setting' ? 1 : 5)->wall;
                $tell(sprintf('    %-10s %7.1f ms', $what, 1_000 * end($found[$what])));
            }
        }
        $edits = [];
        foreach ([1, 4, 8, 16] as $editors) {
            $edits[$editors] = Editors::together($editors, $database);
            $tell(sprintf('    %2d edit, nine of ten answers within %7.1f ms', $editors, 1_000 * $edits[$editors]));
        }
        $waits = Editors::besides($this->measures($large)['setting'], $database);
        $most = static fn (string $what): float => 1_000 * $found[$what][2];
        $planning = self::planning($small, $database);

        return [
            BenchRow::atMost(
                'planning of 20,000 pieces ÷ of 500, processor time', $planning, 1.5, '%.2f ×',
            ),
            BenchRow::atMost('footage: three words and filters', $most('footage'), 150, '%.0f ms'),
            BenchRow::atMost('page of batches', $most('batches'), 150, '%.0f ms'),
            BenchRow::atMost('rundown of 200', $most('rundown'), 150, '%.0f ms'),
            BenchRow::atMost('sheet', $most('sheet'), 150, '%.0f ms'),
            BenchRow::atMost('a setting of the house, all told as not fresh', $most('setting'), 300, '%.0f ms'),
            BenchRow::atMost('the longest wait of another write meanwhile', 1_000 * $waits, 200, '%.0f ms'),
            BenchRow::atMost('50 new scripts compared with all', $most('likeness'), 2_000, '%.0f ms'),
            BenchRow::atMost('sweep of what nobody has in hand', $most('sweep'), 20, '%.1f ms'),
            BenchRow::atMost('sweep while all wait to be looked at', $most('backlog'), 20, '%.1f ms'),
            BenchRow::atMost('a new file compared with all looks', $most('look'), 100, '%.1f ms'),
            BenchRow::atMost('page of sounds', $most('sounds'), 150, '%.0f ms'),
            BenchRow::atMost('an edit of eight people at once, nine of ten', 1_000 * $edits[8], 300, '%.0f ms'),
            BenchRow::atMost('memory of a request', self::$request / 1024 ** 2, 64, '%.0f MiB'),
            BenchRow::atMost('memory of all this', Usage::peakMemory(), 256, '%.0f MiB'),
        ];
    }

    /** @return array<string, Closure(): mixed> */
    private function measures(LargeChannel $large): array
    {
        $batch = Batch::query()->oldest('id')->firstOrFail();
        $short = Short::query()->where('batch_id', $batch->id)->oldest('number')->firstOrFail();
        // Once before: what is spoken is kept.
        self::plan();
        $size = 40;

        return [
            'plan' => self::plan(...),
            'footage' => self::page('/footage?words=lamp+night+tower&kind=clip&shape=wide'),
            'batches' => self::page('/'),
            'rundown' => self::page("/batches/{$batch->id}"),
            'sheet' => self::page("/shorts/{$short->id}/sheet"),
            'sounds' => self::page('/sounds'),
            'likeness' => static fn (): array => app(LikenessBook::class)->against(
                $large->channel->id, array_map(static fn (int $i): Fingerprint => Fingerprint::of([
                    new Scene(SceneRole::Beat, LargeChannel::script()),
                ]), range(1, self::NEW)),
            ),
            'look' => static fn (): ?int => app(FootageImporter::class)->near(
                $large->channel, bin2hex(random_bytes(8)), null,
            ),
            'sweep' => static fn (): int => app(OrphanSweep::class)->order(),
            'setting' => static function () use ($large, &$size): string {
                return app(SettingsDesk::class)->set(
                    $large->channel->refresh(), Level::Channel, [$large->channel->id], 'caption_size',
                    (string) (60 + 2 * (++$size % 10)),
                );
            },
            'backlog' => static fn (): int => app(OrphanSweep::class)->order(),
        ];
    }

    private static function plan(): void
    {
        $now = Short::query()->with('batch.channel')->oldest('id')->firstOrFail();
        app(ShortPlanner::class)->plan($now, app(ShortShelves::class)->of($now), new Unwatched);
    }

    /** @return string the database as it is now, beside it */
    private static function copy(string $database): string
    {
        $copy = "$database.small";
        @unlink($copy);
        DB::statement('vacuum into ?', [$copy]);

        return $copy;
    }

    /** In turn: a machine that is slow for a minute is slow for both. */
    private static function planning(string $small, string $large): float
    {
        $ratios = [];
        for ($i = 0; $i <= self::PAIRS; $i++) {
            $took = [];
            foreach ([$small, $large] as $database) {
                config(['database.connections.sqlite.database' => $database]);
                DB::purge('sqlite');
                // The first opens the database again.
                self::plan();
                $took[] = self::median(self::plan(...), 3)->processor;
            }
            $ratios[] = $took[1] / $took[0];
        }
        sort($ratios);

        return $ratios[intdiv(self::PAIRS, 2)];
    }

    /** @return Closure(): int */
    private static function page(string $address): Closure
    {
        return static function () use ($address): int {
            memory_reset_peak_usage();
            $before = memory_get_usage();
            $answer = app(Kernel::class)->handle(Request::create($address));
            // What the bench holds beside it is not the request’s; what the framework takes is.
            self::$request = max(self::$request, self::FRAMEWORK_BYTES + memory_get_peak_usage() - $before);

            return $answer->isOk()
                ? $answer->getStatusCode() : throw new RuntimeException("$address answers otherwise.");
        };
    }

    /** @param  Closure(): mixed  $measure */
    private static function median(Closure $measure, int $times): Usage
    {
        $taken = [];
        for ($i = 0; $i < $times; $i++) {
            $taken[] = Usage::of($measure);
        }
        usort($taken, static fn (Usage $a, Usage $b): int => $a->wall <=> $b->wall);

        return $taken[intdiv($times, 2)];
    }
}
