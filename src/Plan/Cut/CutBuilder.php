<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Colour\ColourMatch;
use RapidReel\Base\Colour\OddOnes;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Frame;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cueing\CueMaker;
use RapidReel\Captions\Cueing\EmojiBook;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\Matching\FootageMatcher;
use RapidReel\Pictures\Footage\Matching\ShotMatch;
use RapidReel\Pictures\Footage\ShotNeed;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\Path\Framer;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Choice\ShortSettings;
use RapidReel\Voice\Speech\WordTiming;

/**
 * Makes the cut of a short from its voiced scenes and the library.
 */
final readonly class CutBuilder
{
    private CutFlags $flags;

    private ScenePacer $pacer;

    private Frame $frame;

    public function __construct(
        private ShortSettings $settings,
        private Lettering $letters,
        private FootageMatcher $matcher = new FootageMatcher,
        private AtHand $hand = new AtHand,
    ) {
        $this->frame = $settings->targets->frame();
        $this->pacer = new ScenePacer($this->frame->grid());
        $this->flags = new CutFlags($settings->targets->limits(), $letters->faces);
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  list<Footage>  $library  with none, the cut has no shots and can be measured but not rendered
     * @param  list<Flag>  $flags  known before
     *
     * @throws Refusal
     */
    public function build(string $title, array $voiced, array $library, ?CutMusic $music, array $flags = []): Cut
    {
        $grid = $this->pacer->grid;
        $spans = $this->pacer->spans($voiced);
        $needs = $this->needs($voiced, $spans);
        $pictures = $library === [] ? [] : $this->matcher->match($needs, $library);
        $looks = $this->looks($pictures, $voiced, $spans);
        $captions = new CueMaker(
            $this->letters->faces,
            $this->frame,
            $this->letters->language,
            self::words($voiced),
            $this->letters->emoji ?? EmojiBook::none(),
        );

        $second = new SecondCues($this->letters->faces, $this->frame);
        $scenes = [];
        $words = [];
        $cues = [];
        $at = 0;
        $before = null;
        $unkeyed = 0;
        foreach ($voiced as $number => $one) {
            $span = $spans[$number];
            $startMs = $grid->msOf($span->startFrame);
            $timed = array_map(static fn (WordTiming $word): WordTiming => $word->shifted($startMs), $one->take->words);
            $shots = $ends = [];
            foreach ($span->shots as $shot) {
                $endMs = $grid->msOf($shot->endFrame);
                if ($pictures !== []) {
                    $shots[] = $this->shot($pictures[$at], $one, $shot, $looks[$at] ?? new ShotLook, $before,
                        $grid->msOf($shot->startFrame) - $startMs);
                    $before = $shots[count($shots) - 1]->view->motion;
                    $isKeyed = $one->shotAt($shot->firstWord)->key !== null;
                    $unkeyed += $isKeyed && $shots[count($shots) - 1]->look->matte === null ? 1 : 0;
                    $at++;
                }
                $ends[] = [$shot->firstWord, $endMs];
            }
            if ($one->settings->captions !== null) {
                array_push($cues, ...$captions->cues(
                    $number,
                    $timed,
                    $ends,
                    $grid->msOf($span->endFrame),
                    $one->scene->own->captions,
                    $one->settings->captions,
                ));
            }
            if ($one->settings->second !== null) {
                $second->add($number, $timed, $grid->msOf($span->endFrame), $one->settings->second);
            }
            foreach ($timed as $word) {
                $words[] = new CutWord($word, $number);
            }
            $scenes[] = new CutScene(
                $one->scene->role,
                $one->scene->text,
                $startMs,
                $grid->msOf($span->endFrame),
                $one->take->key,
                $shots,
            );
        }

        $duration = $grid->msOf($spans[count($spans) - 1]->endFrame);
        $hookMs = $voiced[0]->take->spokenMs();
        [$cues, $seconds] = $second->placed($cues);
        $seen = [...$cues, ...$seconds];

        return new Cut(
            $title,
            new CutForm(
                $this->settings->targets->main, $this->settings->targets->limits(), $this->frame, $this->settings->loop,
            ),
            $scenes,
            $words,
            $cues,
            new CutFindings($hookMs, [
                ...$flags,
                ...$this->flags->of(
                    $duration + $this->hand->introOutro->ms(),
                    $hookMs + $this->hand->introOutro->openingMs(),
                    $pictures,
                    [...self::words($voiced), ...$second->words()],
                    $seen,
                    CutFlags::unmatched($needs, $pictures),
                    count(array_filter($looks, static fn (ShotLook $look): bool => $look->isOdd)),
                    $unkeyed,
                ),
                ...UnmetSettings::of($voiced, $scenes),
            ]),
            new CutSound(
                $music,
                (new EffectPlacer($this->hand->effects))->place($voiced, $scenes, $cues, $duration),
            ),
            new CutOver(
                $this->hand->logo,
                $this->hand->cards?->place($title, $voiced, $scenes, $seen, $this->taken($seen)) ?? [],
                $this->settings->progress,
                $this->hand->introOutro,
                $seconds,
            ),
        );
    }

    /**
     * What is there all the time.
     *
     * @param  list<Cue>  $cues
     * @return list<array{float, float, float, float}> left, top, right and bottom
     */
    private function taken(array $cues): array
    {
        $logo = $this->hand->logo;
        $box = $logo?->box($this->frame, $cues);
        if ($logo === null || $box === null) {
            return [];
        }
        [$left, $top, $width] = $box;
        $height = $width * $logo->height / $logo->width * $this->frame->aspect();

        return [[$left, $top, $left + $width, $top + $height]];
    }

    /**
     * The times and the flags alone, without captions and pictures: all that a table of many shorts needs.
     *
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  list<Flag>  $flags  known before
     * @param  array{int, int}  $introOutro  how long stands before and after it, in ms
     */
    public function measure(array $voiced, array $flags = [], array $introOutro = [0, 0]): CutSummary
    {
        $grid = $this->pacer->grid;
        $scenes = [];
        $cuts = [];
        $words = self::words($voiced);
        $spans = $this->pacer->spans($voiced);
        foreach ($spans as $number => $span) {
            $scenes[] = [
                $grid->msOf($span->startFrame),
                $grid->msOf($span->endFrame),
                $voiced[$number]->scene->role->value,
            ];
            foreach (array_slice($span->shots, 1) as $shot) {
                $cuts[] = $grid->msOf($shot->startFrame);
            }
        }
        $duration = $grid->msOf($spans[count($spans) - 1]->endFrame);
        $hookMs = $voiced[0]->take->spokenMs();

        $times = new CutTimes($duration, $hookMs, $introOutro);

        return new CutSummary($this->settings->targets->limits(), $times, count($words), $scenes, $cuts, [
            ...$flags,
            ...$this->flags->of($duration + array_sum($introOutro), $hookMs + $introOutro[0], [], $words),
        ]);
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  non-empty-list<SceneSpan>  $spans
     * @return list<ShotNeed>
     */
    private function needs(array $voiced, array $spans): array
    {
        $needs = [];
        foreach ($voiced as $number => $one) {
            foreach ($spans[$number]->shots as $shot) {
                $needs[] = new ShotNeed(
                    $one->take->saying($shot->firstWord, $shot->endWord),
                    $one->scene->text,
                    $this->pacer->grid->msOf($shot->endFrame - $shot->startFrame),
                    ($one->chosen[$shot->firstWord] ?? null)?->footage,
                    $one->scene->brief,
                    ($one->chosen[$shot->firstWord] ?? null)->isLocked ?? false,
                );
            }
        }

        return $needs;
    }

    /**
     * How the colours of each picture lie among the others, and what brings them there where that is wanted.
     *
     * @param  list<ShotMatch>  $pictures
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  non-empty-list<SceneSpan>  $spans
     * @return array<int, ShotLook> by number of the shot
     */
    private function looks(array $pictures, array $voiced, array $spans): array
    {
        $colours = [];
        foreach ($pictures as $i => $match) {
            $own = $this->hand->interests?->of($match->footage->id)?->colours;
            if ($own !== null) {
                $colours[$i] = $own;
            }
        }
        $odd = OddOnes::among($colours);
        $looks = [];
        $at = 0;
        foreach ($voiced as $number => $one) {
            foreach ($spans[$number]->shots as $shot) {
                $others = array_values(array_diff_key($colours, [$at => true]));
                $isMatched = $one->shotAt($shot->firstWord)->picture->isMatched;
                $looks[$at] = $isMatched && isset($colours[$at]) && $others !== []
                    ? new ShotLook(match: ColourMatch::to($colours[$at], $others))
                    : new ShotLook(in_array($at, $odd, true));
                $at++;
            }
        }

        return $looks;
    }

    /**
     * @param  StillMotion|null  $before  how the shot before moves, if it is a still
     * @param  int  $intoMs  time since its scene began
     *
     * @throws Refusal
     */
    private function shot(
        ShotMatch $match,
        VoicedScene $one,
        ShotSpan $span,
        ShotLook $look,
        ?StillMotion $before,
        int $intoMs,
    ): CutShot {
        $footage = $match->footage;
        $grid = $this->pacer->grid;
        $chosen = $one->chosen[$span->firstWord] ?? null;
        $settings = $one->shotAt($span->firstWord);
        $lengthMs = $grid->msOf($span->endFrame - $span->startFrame);
        $isClip = $footage->kind === FootageKind::Clip;
        $speed = $isClip ? $settings->fit->speed(max(1, $footage->durationMs), $lengthMs) : 1.0;
        $loopMs = $isClip ? $settings->fit->loopMs($footage->durationMs, $lengthMs) : 0;
        $shownMs = (int) round($lengthMs * $speed);
        $last = max(0, $footage->durationMs - $shownMs);
        // The middle of a clip: what it shows has come into view by then.
        $inMs = $isClip ? min($last, $chosen->inMs ?? intdiv($last, 2)) : 0;
        $choice = $settings->framing;
        $motion = $isClip ? null : $choice->motion->of($footage->fingerprint, $before);
        $framed = Framer::shot(
            $footage,
            $this->hand->interests?->of($footage->id),
            $motion === null ? $choice : $choice->moving($motion),
            $chosen->pins ?? [],
            $this->frame->aspect(),
            $inMs,
            $loopMs > 0 ? $loopMs : $shownMs,
        );
        $path = match (true) {
            $loopMs > 0 => $framed->path->repeated($loopMs, $lengthMs),
            $speed !== 1.0 => $framed->path->stretched(1 / $speed),
            default => $framed->path,
        };

        return new CutShot(
            $grid->msOf($span->startFrame),
            $grid->msOf($span->endFrame),
            $span->firstWord,
            new CutSource($footage->id, $footage->kind, $footage->fingerprint, $footage->width, $footage->height),
            new CutView(
                $path,
                $framed->backdrop,
                $framed->backdrop === Backdrop::Gradient ? [$choice->top, $choice->bottom] : [],
                $motion,
                $settings->transition,
            ),
            new CutPlay($inMs, $speed, $loopMs, $isClip ? $settings->sounds->clip : null),
            new CutLook(
                $settings->picture->dim,
                0,
                $look->match,
                $settings->picture->grade,
                $this->hand->keyer?->of($footage->id, $settings->key, $intoMs),
                $settings->picture->isShaded,
            ),
            new ShotReason($match->why, $match->isGood(), $look->isOdd),
        );
    }

    /**
     * @param  list<VoicedScene>  $voiced
     * @return list<string> all that is said
     */
    private static function words(array $voiced): array
    {
        $words = [];
        foreach ($voiced as $one) {
            array_push($words, ...array_column($one->take->words, 'text'));
        }

        return $words;
    }
}
