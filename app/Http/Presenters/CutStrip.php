<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use RapidReel\Cut\Cut;
use RapidReel\Cut\CutScene;
use RapidReel\Cut\CutShot;

/** A cut drawn to scale on an axis of seconds that all shorts of a target share. Places are percent of the axis. */
final readonly class CutStrip
{
    /**
     * @param  list<array{from: float, width: float, role: string, title: string}>  $scenes
     * @param  list<float>  $cuts  where pictures change inside scenes
     */
    private function __construct(
        public array $scenes,
        public array $cuts,
        public float $hookWindow,
        public float $limit,
        public float $end,
        public float $hookEnd,
        public string $seconds,
        public string $hookSeconds,
        public string $limitSeconds,
        public bool $over,
        public bool $hookLate,
    ) {}

    public static function of(Cut $cut): self
    {
        $limit = $cut->profile->longestMs();
        // The axis ends a little beyond the limit, or beyond what is longer still.
        $axis = max($limit * 1.1, $cut->durationMs * 1.02);
        $percent = static fn (int $ms): float => round(100 * $ms / $axis, 3);
        $cuts = array_merge([], ...array_map(static fn (CutScene $scene): array => array_map(
            static fn (CutShot $shot): float => $percent($shot->startMs),
            array_slice($scene->shots, 1),
        ), $cut->scenes));

        return new self(
            array_map(static fn (CutScene $scene): array => [
                'from' => $percent($scene->startMs),
                'width' => $percent($scene->endMs - $scene->startMs),
                'role' => $scene->role->value,
                'title' => sprintf('%.1f s  %s', $scene->startMs / 1000, $scene->text),
            ], $cut->scenes),
            $cuts,
            $percent($cut->profile->hookWindowMs()),
            $percent($limit),
            $percent($cut->durationMs),
            $percent($cut->hookMs),
            number_format($cut->durationMs / 1000, 1),
            number_format($cut->hookMs / 1000, 1),
            (string) intdiv($limit, 1000),
            $cut->durationMs > $limit,
            $cut->hookMs > $cut->profile->hookWindowMs(),
        );
    }
}
