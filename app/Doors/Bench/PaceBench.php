<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Desks\Editing\BatchMaker;
use App\Desks\Editing\ScriptEditor;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Proofs\ProofMaker;
use App\Media\Process\Unwatched;
use App\Shelves\Library\FolderShelf;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Base\Values;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Pace\Cadence;
use RapidReel\Plan\Pace\PacedScene;
use RapidReel\Plan\Pace\PaceLimits;
use RapidReel\Plan\Pace\PaceValues;
use RapidReel\Plan\Pace\ShotPlanner;
use RapidReel\Plan\Pace\Tightener;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Voice\Speech\Pause;
use RapidReel\Voice\Speech\WordTiming;

/** A short of three minutes: its sheet, its length, and what a change of one shot costs. In the database of a bench. */
final readonly class PaceBench
{
    private const REQUESTS = 9;

    private const CHANGES = 10;

    private const PIECES = 24;

    private const SCENES = 38;

    public function __construct(
        private BatchMaker $maker,
        private FootageImporter $importer,
        private LibraryShelf $shelves,
        private ShortPlanner $planner,
        private ProofMaker $proofs,
        private ScriptEditor $editor,
        private Studio $studio,
    ) {
    }

    /** @return list<BenchRow> */
    public function run(Channel $channel, string $footage): array
    {
        $shelf = $this->library($channel, $footage);
        $short = $this->short($channel);
        $cut = $this->planner->plan($short, $shelf, new Unwatched);
        $shots = array_sum(array_map(static fn ($scene): int => count($scene->shots), $cut->scenes));

        return [
            ...self::solved(),
            $this->sheet($short, sprintf(
                'sheet of %.0f s, %d shots, %d words answered', $cut->durationMs / 1000, $shots, count($cut->words),
            )),
            $this->seen($short, $shelf),
            $this->exported($short, $shelf),
        ];
    }

    private function library(Channel $channel, string $footage): Shelf
    {
        $files = array_filter(
            glob("$footage/*.*") ?: [],
            static fn (string $file): bool => in_array(pathinfo($file, PATHINFO_EXTENSION), ['png', 'mp4'], true),
        );
        foreach (array_slice($files, 0, self::PIECES) as $file) {
            $this->importer->footage($channel, $file, basename($file), FolderShelf::tagsOf($file), 'demo');
        }

        return $this->shelves->of($channel);
    }

    private function short(Channel $channel): Short
    {
        $lines = [];
        foreach (range(1, self::SCENES) as $i) {
            $lines[] = "On night number $i the keeper of the bay lamp counted boats in the fog.";
        }
        $batch = $this->maker->make(
            $channel,
            'Three minutes',
            [new ScriptSource(implode("\n", $lines), 'Three minutes')],
            new Values(['profile' => 'upto-180', 'cadence' => 'seconds:2.2']),
        );

        return $batch->shorts->firstOrFail();
    }

    /** @return list<BenchRow> */
    private static function solved(): array
    {
        mt_srand(13);
        $scenes = $spoken = [];
        foreach (range(0, self::SCENES - 1) as $i) {
            $scenes[] = new PacedScene(
                22_050 * 5, 22_050, [new Pause(2, 1_000, 1_000 + mt_rand(60, 500))], mt_rand(1, 100) / 100,
                $i > 0 && $i < self::SCENES - 1,
            );
            $words = [];
            foreach (range(0, 11) as $word) {
                $words[] = new WordTiming("w$word", 400 * $word, 400 * $word + mt_rand(150, 400));
            }
            $spoken[] = $words;
        }
        $values = new PaceValues(120, 140, 100, 600);
        $tightener = new Tightener($scenes, $values, new PaceLimits, TargetPicture::USUAL_RATE);
        $tight = Usage::of(static fn () => $tightener->tighten(120_000))->wall;
        $planner = new ShotPlanner(cadence: Cadence::seconds(2.5));
        $cadence = Usage::of(static fn () => array_map(
            static fn (array $words): array => $planner->changes($words, 4_900),
            $spoken,
        ))->wall;

        return [
            BenchRow::within('a short of three minutes tightened to two', $tight, 0.05, Unit::Loop),
            BenchRow::within('its cadence', $cadence, 0.05, Unit::Loop),
        ];
    }

    private function sheet(Short $short, string $what): BenchRow
    {
        Auth::login($short->batch->channel->user);
        $walls = [];
        for ($i = 0; $i < self::REQUESTS; $i++) {
            $walls[] = Usage::of(
                static fn () => app(Kernel::class)->handle(Request::create("/shorts/{$short->id}/sheet"))->getContent(),
            )->wall;
        }
        sort($walls);

        return BenchRow::within($what, $walls[intdiv(self::REQUESTS, 2)], 0.3, Unit::Loop);
    }

    /** What workers do until a page has the bare video of a short whose picture was swapped. */
    private function seen(Short $short, Shelf $shelf): BenchRow
    {
        $cut = $short->refresh()->plannedCut();
        $cut === null || $this->proofs->make($cut, $shelf, new Unwatched);
        $walls = [];
        for ($i = 0; $i < self::CHANGES; $i++) {
            $walls[] = Usage::of(function () use ($short, $shelf, $i): void {
                $this->proofs->make($this->swapped($short, $shelf, $i), $shelf, new Unwatched);
            })->wall;
        }
        sort($walls);

        return BenchRow::within('one of its shots changed, and seen', $walls[self::CHANGES / 2], 1.5, Unit::Encode);
    }

    private function exported(Short $short, Shelf $shelf): BenchRow
    {
        $make = fn (Cut $cut): float => Usage::of(
            fn () => $this->studio->make($cut, $this->studio->segments($cut, Quality::Draft), $shelf),
        )->wall;
        $whole = $make($short->refresh()->plannedCut() ?? $this->planner->plan($short, $shelf, new Unwatched));
        $again = $make($this->swapped($short, $shelf, self::CHANGES));

        return BenchRow::atMost('draft after one shot changed ÷ the whole', $again / $whole, 0.125, '%.3f');
    }

    private function swapped(Short $short, Shelf $shelf, int $i): Cut
    {
        $footage = Footage::query()->where('channel_id', $short->batch->channel_id)->orderBy('id');
        $scene = $short->refresh()->load('scenes.shots')->scenes->slice(3 + $i)->firstOrFail();
        $this->editor->swap($scene, 0, $footage->skip($i * 2 % max(1, $footage->count()))->firstOrFail());

        return $this->planner->plan($short->refresh(), $shelf, new Unwatched);
    }
}
