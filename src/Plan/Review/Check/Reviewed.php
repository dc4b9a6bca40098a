<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Base\Target\Target;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\CutWord;

/** A short that is reviewed: its plan, what it is for, what stands beside it, and what was seen of it. */
final readonly class Reviewed
{
    /**
     * @param  CutSummary  $summary  of the same cut
     * @param  non-empty-list<Target>  $targets  that for which it is planned first
     * @param  list<string>  $tags
     * @param  list<string>  $forbidden  words and phrases that the channel does not say
     */
    public function __construct(
        public Cut $cut,
        public CutSummary $summary,
        public array $targets,
        public Observed $seen = new Observed,
        public array $tags = [],
        public array $forbidden = [],
        public string $channel = '',
    ) {
    }

    /** @return list<array{int, CutShot}> all shots in order, each with the number of its scene */
    public function shots(): array
    {
        $all = [];
        foreach ($this->cut->scenes as $number => $scene) {
            foreach ($scene->shots as $shot) {
                $all[] = [$number, $shot];
            }
        }

        return $all;
    }

    /** All that is said. */
    public function text(): string
    {
        return implode(' ', array_map(static fn (CutScene $scene): string => $scene->text, $this->cut->scenes));
    }

    /** What is said from one moment to another; where nothing is, what its scene says. */
    public function saidBetween(int $scene, int $startMs, int $endMs): string
    {
        $words = array_filter($this->cut->words, static fn (CutWord $word): bool => $word->scene === $scene
            && $word->timing->startMs >= $startMs - 20 && $word->timing->startMs < $endMs - 20);
        $said = implode(' ', array_map(static fn (CutWord $word): string => $word->timing->text, $words));

        return $said !== '' ? $said : $this->cut->scenes[$scene]->text ?? '';
    }

    public function sceneAt(int $ms): int
    {
        foreach ($this->cut->scenes as $number => $scene) {
            if ($ms < $scene->endMs) {
                return $number;
            }
        }

        return count($this->cut->scenes) - 1;
    }

    /** The word of a scene that is said at a moment, or that comes next. */
    public function wordAt(int $scene, int $ms): int
    {
        $number = 0;
        foreach ($this->cut->words as $word) {
            if ($word->scene !== $scene) {
                continue;
            }
            if ($word->timing->endMs > $ms) {
                return $number;
            }
            $number++;
        }

        return max(0, $number - 1);
    }

    /** The place of a moment, with its scene. */
    public function place(int $startMs, ?int $endMs = null): FindingPlace
    {
        $scene = $this->sceneAt($startMs);

        return new FindingPlace($startMs, $endMs ?? $startMs, $scene, $this->wordAt($scene, $startMs));
    }
}
