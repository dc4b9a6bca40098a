<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\FrameGrid;
use RapidReel\Plan\Pace\PacedScene;

/**
 * Puts scenes one after the other and cuts them into shots. All lengths are rounded inside their scene, so that they
 * stay the same when an earlier scene gets longer.
 */
final readonly class ScenePacer
{
    /** Between the last word of a scene and the first of the next; even, and short enough to keep the pace. */
    public const GAP_MS = 140;

    /** The same where a trailing ellipsis carries the thought on. */
    public const CARRY_MS = PacedScene::CARRY_MS;

    public function __construct(public FrameGrid $grid)
    {
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @return non-empty-list<SceneSpan>
     */
    public function spans(array $voiced): array
    {
        $spans = [];
        $start = 0;
        foreach ($voiced as $number => $one) {
            $ms = $one->take->durationMs + $this->pauseAfter($voiced, $number);
            $end = $start + max(1, $this->grid->frameOf($ms));
            $words = $one->take->words;
            $starts = $this->starts($one, $ms, $end - $start);
            $firsts = array_keys($starts);
            $shots = [];
            foreach ($firsts as $i => $first) {
                $next = $firsts[$i + 1] ?? null;
                $shots[] = new ShotSpan(
                    $start + $starts[$first],
                    $next === null ? $end : $start + $starts[$next],
                    $first,
                    $next ?? count($words),
                );
            }
            $spans[] = new SceneSpan($start, $end, $shots);
            $start = $end;
        }

        return $spans;
    }

    /**
     * Where the shots of a scene begin, in frames from its start: at the words that the pace and the operator ask for,
     * moved by what was dragged as far as every shot keeps a frame.
     *
     * @return non-empty-array<int, int> by the number of the first word, rising
     */
    private function starts(VoicedScene $one, int $sceneMs, int $frames): array
    {
        $changes = array_map(
            $this->grid->frameOf(...),
            $one->settings->pace->planner()->changes($one->take->words, $sceneMs, $one->fixed(), $one->spans()),
        );
        $starts = [0 => 0];
        $before = 0;
        $left = count($changes);
        foreach ($changes as $word => $frame) {
            $left--;
            $dragged = $frame + ($one->chosen[$word]->offset ?? 0);
            $before = max($before + 1, min($frames - 1 - $left, $dragged));
            // Words that are said within a frame of each other cannot each have a picture.
            if ($before < $frames - $left) {
                $starts[$word] = $before;
            }
        }

        return $starts;
    }

    /**
     * How long a short of these scenes is, in ms.
     *
     * @param  non-empty-list<VoicedScene>  $voiced
     */
    public function lengthOf(array $voiced): int
    {
        $frames = 0;
        foreach ($voiced as $number => $one) {
            $frames += max(1, $this->grid->frameOf($one->take->durationMs + $this->pauseAfter($voiced, $number)));
        }

        return $this->grid->msOf($frames);
    }

    /** @param  non-empty-list<VoicedScene>  $voiced */
    private function pauseAfter(array $voiced, int $number): int
    {
        $pace = $voiced[$number]->settings->pace;

        return match (true) {
            $number === count($voiced) - 1 => $pace->tailMs,
            $pace->pauseMs !== null => $pace->pauseMs,
            $voiced[$number]->scene->carriesOn() => self::CARRY_MS,
            default => self::GAP_MS,
        };
    }
}
