<?php

declare(strict_types=1);

namespace App\Doors\Bench\Large;

use App\Desks\Editing\BatchMaker;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use App\Shelves\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use LogicException;
use RapidReel\Base\Language\Shingles;
use RapidReel\Base\Values;
use RapidReel\Plan\Review\Fingerprint;
use RapidReel\Plan\Source\ScriptSource;

/**
 * A channel that has worked for years, in a database of its own: shorts in batches, footage, music. Nothing of it is
 * rendered; its files are not there.
 */
final class LargeChannel
{
    private const PER_BATCH = 20;

    private const AT_ONCE = 400;

    private const WORDS = [
        'lamp', 'light', 'keeper', 'harbour', 'bell', 'fog', 'storm', 'boat', 'quay', 'signal', 'rock', 'reef', 'tide',
        'island', 'pilot', 'rope', 'sail', 'mast', 'anchor', 'chart', 'letter', 'winter', 'night', 'morning', 'tower',
        'stairs', 'window', 'lens', 'mirror', 'clock', 'log', 'book', 'bread', 'coal', 'oil', 'match', 'wind', 'wave',
        'gull', 'dog', 'child', 'captain', 'crew', 'herring', 'net', 'market', 'bridge', 'river', 'mill', 'church',
        'road', 'wall', 'stone', 'sand', 'beach', 'cliff', 'cave', 'moon', 'star', 'compass', 'flag', 'horn', 'whistle',
        'engine', 'steam', 'smoke', 'chimney', 'door', 'key', 'lock', 'coin', 'map', 'pencil', 'kettle', 'stove',
        'blanket', 'boot', 'coat', 'hat', 'glove', 'wool', 'barrel', 'crate', 'ladder', 'hammer', 'nail', 'paint',
        'brush', 'wire', 'code', 'radio', 'voice', 'song', 'fiddle', 'dance', 'wedding', 'grave', 'ghost', 'whale',
    ];

    private function __construct(
        public readonly Channel $channel,
        public readonly User $user,
    ) {
    }

    public static function begin(string $database): self
    {
        foreach (['', '-wal', '-shm'] as $end) {
            @unlink($database.$end);
        }
        touch($database);
        config(['database.connections.sqlite.database' => $database]);
        DB::purge('sqlite');
        Artisan::call('migrate', ['--force' => true]);
        $user = User::query()->create(['name' => 'Bench', 'email' => 'bench@lamplight.example', 'password' => 'bench']);

        return self::in(Channel::of($user), $user);
    }

    public static function in(Channel $channel, User $user): self
    {
        mt_srand(5);

        return new self($channel, $user);
    }

    /** Brings it to so many of each. */
    public function grow(int $shorts, int $footage, int $music): void
    {
        $this->footage($footage - (int) DB::table('footage')->count());
        $this->music($music - (int) DB::table('music')->count());
        $this->shorts($shorts - (int) DB::table('shorts')->count());
        DB::statement('PRAGMA optimize');
    }

    /** Nothing waits for anything. */
    public function settled(): void
    {
        DB::table('shorts')->update(['inputs' => DB::raw('planned_inputs')]);
        DB::table('jobs')->delete();
    }

    private function footage(int $count): void
    {
        $from = (int) DB::table('footage')->max('id');
        foreach (array_chunk(range(1, max(1, $count)), self::AT_ONCE) as $some) {
            $rows = [];
            foreach ($count > 0 ? $some : [] as $i) {
                $isClip = mt_rand(0, 2) > 0;
                $isUpright = mt_rand(0, 3) === 0;
                $rows[] = [
                    'name' => ucfirst(self::words(2)).' '.($from + $i), 'kind' => $isClip ? 'clip' : 'still',
                    'origin' => 'upload', 'path' => "library/none-$i.mp4", 'thumbnail' => "thumbnails/none-$i.jpg",
                    'fingerprint' => bin2hex(random_bytes(16)), 'width' => $isUpright ? 1080 : 1920,
                    'height' => $isUpright ? 1920 : 1080, 'duration_ms' => $isClip ? mt_rand(2_000, 20_000) : 0,
                    'tags' => str_replace(' ', ', ', self::words(mt_rand(2, 6))), 'channel_id' => $this->channel->id,
                    'state' => 'ready', 'collection' => 'Set '.mt_rand(1, 30), 'look' => bin2hex(random_bytes(8)),
                    'created_at' => '2026-01-01 00:00:00', 'updated_at' => '2026-01-01 00:00:00',
                ];
            }
            DB::table('footage')->insert($rows);
        }
    }

    private function music(int $count): void
    {
        foreach (array_chunk(range(1, max(1, $count)), self::AT_ONCE) as $some) {
            DB::table('music')->insert(array_map(fn (int $i): array => [
                'name' => ucfirst(self::words(2)), 'mood' => ['calm', 'tense', 'bright', 'grave'][$i % 4],
                'path' => "music/none-$i.mp3", 'fingerprint' => bin2hex(random_bytes(16)), 'duration_ms' => 90_000,
                'loudness' => -14.0, 'channel_id' => $this->channel->id,
            ], $count > 0 ? $some : []));
        }
    }

    /** The first batch is made as any other; those after it are like it, with words of their own. */
    private function shorts(int $count): void
    {
        if ($count > 0 && (int) DB::table('batches')->count() === 0) {
            $size = min($count, 10 * self::PER_BATCH);
            $sources = array_map(
                static fn (int $i): ScriptSource => new ScriptSource(self::script(), ucfirst(self::words(4))),
                range(1, $size),
            );
            $this->planned(app(BatchMaker::class)->make($this->channel, 'Week 1', $sources, new Values([])));
            $count -= $size;
        }
        for (; $count > 0; $count -= self::PER_BATCH) {
            DB::transaction(fn () => $this->another(min($count, self::PER_BATCH)));
        }
        DB::table('jobs')->delete();
    }

    private function another(int $size): void
    {
        $batch = Batch::query()->forceCreate([
            'channel_id' => $this->channel->id, 'name' => 'Week '.(1 + (int) DB::table('batches')->count()),
        ]);
        $like = Short::query()->with('scenes')->oldest('id')->firstOrFail();
        for ($number = 1; $number <= $size; $number++) {
            $short = $like->replicate();
            $short->forceFill(['batch_id' => $batch->id, 'number' => $number, 'title' => ucfirst(self::words(4)),
                'inputs' => bin2hex(random_bytes(32))])->save();
            $scenes = [];
            foreach ($like->scenes as $scene) {
                $copy = $scene->replicate();
                $copy->forceFill(['short_id' => $short->id, 'text' => self::sentence()])->save();
                $scenes[] = $copy->toScript();
            }
            $print = $scenes === [] ? throw new LogicException('It has no scenes.') : Fingerprint::of($scenes);
            $rows = [];
            foreach ([Shingles::HOOK => $print->hook, Shingles::SCRIPT => $print->sketch()] as $width => $hashes) {
                foreach ($hashes as $hash) {
                    $rows[] = ['short_id' => $short->id, 'width' => $width, 'hash' => $hash];
                }
            }
            DB::table('shingles')->insert($rows);
        }
        $this->planned($batch->load('shorts'));
    }

    /** As planning leaves them: with a plan of the usual size, and exported. */
    private function planned(Batch $batch): void
    {
        $cut = json_encode(['schema' => 9_999, 'filler' => str_repeat('a plan of the usual size; ', 1_300)]);
        DB::table('shorts')->where('batch_id', $batch->id)->update(['planned_inputs' => DB::raw('inputs')]);
        DB::table('cuts')->insertOrIgnore($batch->shorts->map(static fn (Short $short): array => [
            'short_id' => $short->id, 'cut' => $cut,
        ])->all());
        $shots = [];
        [$least, $most] = [(int) DB::table('footage')->min('id'), (int) DB::table('footage')->max('id')];
        foreach (DB::table('scenes')->whereIn('short_id', $batch->shorts->pluck('id'))->pluck('id') as $scene) {
            foreach ([0, 5] as $word) {
                $shots[] = ['scene_id' => $scene, 'word' => $word, 'footage_id' => mt_rand($least, $most)];
            }
        }
        foreach (array_chunk($shots, self::AT_ONCE) as $some) {
            DB::table('shots')->insertOrIgnore($some);
        }
        DB::table('exports')->insert($batch->shorts->map(static fn (Short $short): array => [
            'short_id' => $short->id, 'quality' => 'final', 'state' => ExportState::Done->value,
            'name' => $short->fileName(), 'bytes' => 20_000_000, 'inputs' => $short->inputs,
        ])->all());
    }

    public static function words(int $count): string
    {
        $words = [];
        for ($i = 0; $i < $count; $i++) {
            // A few words are in everything, most in little.
            $words[] = self::WORDS[(int) floor(count(self::WORDS) * (mt_rand() / mt_getrandmax()) ** 2)]
                ?? self::WORDS[0];
        }

        return implode(' ', $words);
    }

    public static function script(): string
    {
        $said = [];
        for ($i = 0; $i < 9; $i++) {
            $said[] = self::sentence();
        }

        return implode(' ', $said);
    }

    private static function sentence(): string
    {
        return 'The '.self::words(2).' was seen near the '.self::words(2).' by '.mt_rand(2, 99).' of them.';
    }
}
