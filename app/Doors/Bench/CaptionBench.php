<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Desks\Intake\ScriptChoices;
use App\Desks\Intake\ScriptPlanner;
use App\Makers\Planning\CutMaker;
use App\Media\Artwork\EmojiLists;
use App\Media\Artwork\TypefaceBook;
use App\Media\Making\Maker;
use App\Media\Making\OrderedCards;
use App\Media\Process\Unwatched;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Colour\Looks;
use RapidReel\Base\Target\Frame;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Captions\Card\CardDesign;
use RapidReel\Captions\Card\CardMotion;
use RapidReel\Captions\Card\CardMotions;
use RapidReel\Captions\Card\CardPicture;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cueing\CueMaker;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Captions\Style\Styles;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Segment;
use RapidReel\Plan\Choice\LogoPlace;
use RapidReel\Plan\Cut\CardPlace;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutCard;
use RapidReel\Plan\Cut\CutLogo;
use RapidReel\Plan\Cut\CutLook;
use RapidReel\Plan\Cut\CutOver;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Voice\Speech\WordTiming;

/** What captions cost: to be found and set, and to be burned. */
final readonly class CaptionBench
{
    private const ROUNDS = 5;

    private const SCRIPT = 'The keeper of Calder Ness wrote down every light he saw, and 1,200 letters to the harbour '
        .'office. Nobody answered before the winter of 1884. Then a boat with nine men came in through the fog.';

    /** Segments that are rendered: some seconds of stills and clips. */
    private const SEGMENTS = 6;

    public function __construct(
        private ScriptPlanner $planner,
        private CutMaker $cuts,
        private Registrar $registrar,
        private Studio $studio,
        private Maker $maker,
        private TypefaceBook $faces,
        private EmojiLists $emoji,
        private OrderedCards $cards,
    ) {
    }

    /** @return list<BenchRow> */
    public function run(int $pairs, Shelf $shelf): array
    {
        $rows = [BenchRow::within(
            'captions of 60 s broken, set and written, the slowest style',
            $this->setting() / 1000,
            0.1,
            Unit::Loop,
        )];

        return $pairs === 0 ? $rows : [...$rows, ...$this->burning($pairs, $shelf)];
    }

    /** Milliseconds: of every style the median, of these the longest. */
    private function setting(): float
    {
        $words = [];
        for ($at = 0, $i = 0; $at < 60_000; $i++) {
            $text = explode(' ', self::SCRIPT)[$i % substr_count(self::SCRIPT, ' ')];
            $words[] = new WordTiming($text, $at, $at += 90 + 45 * mb_strlen($text));
        }
        $faces = $this->faces->set();
        $slowest = 0.0;
        foreach (Styles::cases() as $case) {
            $times = [];
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $times[] = 1_000 * Usage::of(function () use ($words, $case, $faces, $at): void {
                    $maker = new CueMaker(
                        $faces,
                        new Frame,
                        'en',
                        array_column($words, 'text'),
                        $this->emoji->of('en'),
                    );
                    $cues = $maker->cues(0, $words, [[0, $at]], $at, new CaptionMarks, $case->style());
                    $rate = TargetPicture::USUAL_RATE;
                    AssWriter::write($cues, $rate, 0, 0, intdiv($at * $rate, 1_000));
                })->wall;
            }
            sort($times);
            $slowest = max($slowest, $times[intdiv(self::ROUNDS, 2)]);
        }

        return $slowest;
    }

    /** @return list<BenchRow> */
    private function burning(int $pairs, Shelf $shelf): array
    {
        $tasks = $this->planner
            ->plan(new ScriptSource(self::SCRIPT), new ScriptChoices($this->registrar->of(null)))
            ->tasks();
        $marked = $this->cuts->make('Captions', $tasks, $shelf, new Unwatched);
        $typed = $marked->withCues(array_map(
            static fn (Cue $cue): Cue => new Cue(...[
                ...get_object_vars($cue), 'style' => $cue->style->with(['appear' => 'typed']),
            ]),
            $marked->cues,
        ));
        $bare = $this->studio->segments($marked, Quality::Final, true);
        // Lays the sources, too.
        $this->studio->make($marked, $bare, $shelf);
        $dressed = $this->dressed($marked);
        $ratios = ['marked' => [], 'typed' => [], 'dressed' => []];
        for ($pair = 0; $pair < $pairs; $pair++) {
            $without = $this->render($bare);
            $captioned = $this->render($this->studio->segments($marked, Quality::Final));
            $ratios['marked'][] = $captioned / $without;
            $ratios['dressed'][] = $this->render($this->studio->segments($dressed, Quality::Final)) / $captioned;
            $ratios['typed'][] = $this->render($this->studio->segments($typed, Quality::Final)) / $this->render($bare);
        }
        $rows = [];
        foreach ([
            'marked' => ['captions that are marked', 1.1], 'typed' => ['captions that are typed', 1.1],
            'dressed' => ['a look, a logo and cards', 1.15],
        ] as $kind => [$what, $bound]) {
            sort($ratios[$kind]);
            $rows[] = BenchRow::atMost(
                "$what / the same without, processor",
                $ratios[$kind][intdiv($pairs, 2)],
                $bound,
                '%.2f ×',
            );
        }

        return $rows;
    }

    /** The same with every picture graded and a logo over all of it. */
    private function dressed(Cut $cut): Cut
    {
        $logo = imagecreatetruecolor(400, 200);
        imagefilledrectangle($logo, 0, 0, 399, 199, 0x12303D);
        ob_start();
        imagepng($logo);
        $bytes = (string) ob_get_clean();
        $picture = hash('xxh128', $bytes);
        $this->studio->lay($picture, $bytes);
        $graded = static fn (CutShot $shot): CutShot => $shot->looking(new CutLook(...[
            ...get_object_vars($shot->look), 'grade' => Looks::of('lamplight'),
        ]));

        $scenes = array_map(static fn (CutScene $scene): CutScene => $scene->withShots($graded), $cut->scenes);

        return $cut->withScenes($scenes)->under(new CutOver(
            new CutLogo($picture, 400, 200, LogoPlace::TopLeft, 20, 90, false),
            // One on the hook, and one at every third second.
            array_map(fn (int $second): CutCard => new CutCard(
                1_000 * $second, 1_000 * $second + 2_000,
                $this->cards->of(new CardDesign(
                    CardMark::TEXT, "Card $second", 'condensed', 'FFFFFF', '14202B', 500, 0,
                ), $cut->form->frame->shape) ?? new CardPicture($picture, 400, 200),
                new CardPlace(0.5, 0.25, 0.5), new CardMotions(CardMotion::Rise),
            ), range(0, max(1, intdiv($cut->durationMs, 1_000) - 3), 3)),
        ));
    }

    /**
     * @param  list<Segment>  $segments
     * @return float seconds of processor
     */
    private function render(array $segments): float
    {
        $some = array_slice($segments, 0, self::SEGMENTS);
        foreach ($some as $segment) {
            @unlink($this->maker->file($segment->recipe));
        }
        $orders = array_map(static fn (Segment $segment): Recipe => $segment->recipe, $some);

        return Usage::of(fn () => $this->maker->make($orders))->processor;
    }
}
