<?php

declare(strict_types=1);

namespace RapidReel\Cut;

use RapidReel\Caption\CaptionStyle;
use RapidReel\Caption\CueGrouper;
use RapidReel\Caption\FontMetrics;
use RapidReel\Footage\Footage;
use RapidReel\Footage\FootageKind;
use RapidReel\Footage\FootageMatcher;
use RapidReel\Footage\ShotNeed;
use RapidReel\Framing\FramePath;
use RapidReel\Framing\StillMotion;
use RapidReel\Pace\ShotPlanner;
use RapidReel\Publish\TargetProfile;
use RapidReel\Voice\WordTiming;

/**
 * Makes the cut of a short from its voiced scenes and the library.
 */
final readonly class CutBuilder
{
    /** Between the last word of a scene and the first of the next; even, and short enough to keep the pace. */
    public const GAP_MS = 140;

    /** After the last word, so that it is not clipped and the music can end. */
    public const TAIL_MS = 600;

    public function __construct(
        private TargetProfile $profile,
        private FontMetrics $metrics,
        private CaptionStyle $style = new CaptionStyle,
        private ShotPlanner $pace = new ShotPlanner,
        private FootageMatcher $matcher = new FootageMatcher,
    ) {
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  list<Footage>  $library  with none, the cut has no shots and can be measured but not rendered
     * @param  list<Flag>  $flags  known before
     */
    public function build(string $title, array $voiced, array $library, ?CutMusic $music, array $flags = []): Cut
    {
        $grid = new FrameGrid(TargetProfile::FPS);
        $spans = $this->spans($voiced, $grid);
        $pictures = $library === [] ? [] : $this->matcher->match($this->needs($voiced, $spans, $grid), $library);
        $grouper = new CueGrouper($this->metrics, $this->style, $this->profile);

        $scenes = [];
        $words = [];
        $cues = [];
        $at = 0;
        foreach ($voiced as $number => $one) {
            $span = $spans[$number];
            $startMs = $grid->msOf($span['start']);
            $timed = array_map(static fn (WordTiming $word): WordTiming => $word->shifted($startMs), $one->take->words);
            $shots = [];
            foreach ($span['shots'] as [$firstFrame, $endFrame, $firstWord, $endWord]) {
                $endMs = $grid->msOf($endFrame);
                if ($pictures !== []) {
                    $shots[] = $this->shot($pictures[$at], $grid->msOf($firstFrame), $endMs, $grid->msOf($endFrame - $firstFrame));
                    $at++;
                }
                $cues = [...$cues, ...$grouper->group(array_slice($timed, $firstWord, $endWord - $firstWord), $endMs)];
            }
            foreach ($timed as $word) {
                $words[] = new CutWord($word, $number);
            }
            $scenes[] = new CutScene($one->scene->role, $one->scene->text, $startMs, $grid->msOf($span['end']), $one->take->key, $shots);
        }

        $duration = $grid->msOf($spans[count($spans) - 1]['end']);
        $hookMs = $voiced[0]->take->spokenMs();

        return new Cut(
            $title,
            $this->profile,
            $duration,
            $hookMs,
            $scenes,
            $words,
            $cues,
            [...$flags, ...$this->flags($duration, $hookMs, $pictures, $words)],
            $this->style,
            $music,
        );
    }

    /**
     * Where scenes and shots begin and end, in frames. All lengths are rounded inside their scene, so that they stay the
     * same when an earlier scene gets longer.
     *
     * @param  non-empty-list<VoicedScene>  $voiced
     * @return non-empty-list<array{start: int, end: int, shots: non-empty-list<array{int, int, int, int}>}> shots as first frame, end frame, first word, end word
     */
    private function spans(array $voiced, FrameGrid $grid): array
    {
        $spans = [];
        $start = 0;
        $last = count($voiced) - 1;
        foreach ($voiced as $number => $one) {
            $ms = $one->take->durationMs + ($number === $last ? self::TAIL_MS : self::GAP_MS);
            $end = $start + max(1, $grid->frameOf($ms));
            $words = $one->take->words;
            $cuts = [0 => 0] + $this->pace->cuts($words, $ms);
            $firsts = array_keys($cuts);
            $shots = [];
            foreach ($firsts as $i => $first) {
                $next = $firsts[$i + 1] ?? null;
                $shots[] = [
                    $start + $grid->frameOf($cuts[$first]),
                    $next === null ? $end : $start + $grid->frameOf($cuts[$next]),
                    $first,
                    $next ?? count($words),
                ];
            }
            $spans[] = ['start' => $start, 'end' => $end, 'shots' => $shots];
            $start = $end;
        }

        return $spans;
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  non-empty-list<array{start: int, end: int, shots: non-empty-list<array{int, int, int, int}>}>  $spans
     * @return list<ShotNeed>
     */
    private function needs(array $voiced, array $spans, FrameGrid $grid): array
    {
        $needs = [];
        foreach ($voiced as $number => $one) {
            foreach ($spans[$number]['shots'] as $i => [$first, $end, $firstWord, $endWord]) {
                $said = array_slice($one->take->words, $firstWord, $endWord - $firstWord);
                $needs[] = new ShotNeed(
                    implode(' ', array_map(static fn (WordTiming $word): string => $word->text, $said)),
                    $one->scene->text,
                    $grid->msOf($end - $first),
                    $one->chosen[$i] ?? null,
                );
            }
        }

        return $needs;
    }

    private function shot(Footage $footage, int $startMs, int $endMs, int $lengthMs): CutShot
    {
        $clip = $footage->kind === FootageKind::Clip;

        return new CutShot(
            $footage->id,
            $footage->kind,
            $footage->fingerprint,
            $footage->width,
            $footage->height,
            $startMs,
            $endMs,
            // The middle of a clip: what it shows has come into view by then.
            $clip ? max(0, intdiv($footage->durationMs - $lengthMs, 2)) : 0,
            FramePath::centred($footage->width, $footage->height, $this->profile->aspect()),
            $clip ? null : StillMotion::of($footage->fingerprint),
        );
    }

    /**
     * @param  list<Footage>  $pictures
     * @param  list<CutWord>  $words
     * @return list<Flag>
     */
    private function flags(int $duration, int $hookMs, array $pictures, array $words): array
    {
        $flags = [];
        if ($hookMs > $this->profile->hookWindowMs()) {
            $flags[] = new Flag(FlagCode::HookLate, sprintf('The hook takes %.1f s to say; viewers give it %.1f s.', $hookMs / 1000, $this->profile->hookWindowMs() / 1000));
        }
        if ($duration > $this->profile->longestMs()) {
            $flags[] = new Flag(FlagCode::TooLong, sprintf('%.1f s over the limit of %d s.', ($duration - $this->profile->longestMs()) / 1000, intdiv($this->profile->longestMs(), 1000)));
        }
        if ($duration < $this->profile->shortestMs()) {
            $flags[] = new Flag(FlagCode::TooShort, sprintf('%.1f s short of the %d s that the target asks for.', ($this->profile->shortestMs() - $duration) / 1000, intdiv($this->profile->shortestMs(), 1000)));
        }
        $repeats = count($pictures) - count(array_unique(array_map(static fn (Footage $footage): string => $footage->id, $pictures)));
        if ($repeats > 0) {
            $flags[] = new Flag(FlagCode::FootageRepeats, sprintf('%d of %d pictures stand twice: the library holds too few.', $repeats, count($pictures)));
        }
        $odd = array_filter($words, fn (CutWord $word): bool => ! $this->metrics->covers($word->timing->text));
        if ($odd !== []) {
            $flags[] = new Flag(FlagCode::NoFace, sprintf('The caption face lacks characters of “%s”; another face stands in.', implode('”, “', array_slice(array_map(static fn (CutWord $word): string => $word->timing->text, array_values($odd)), 0, 3))));
        }

        return $flags;
    }
}
