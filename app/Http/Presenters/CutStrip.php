<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use RapidReel\Cut\Cut;
use RapidReel\Cut\CutScene;
use RapidReel\Cut\CutShot;
use RapidReel\Publish\TargetProfile;

/** A cut drawn to scale on an axis of seconds that all shorts of a target share. Places are percent of the axis. */
final readonly class CutStrip
{
    /** The axis ends a little beyond the limit. */
    private const AXIS = 1.1;

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
    ) {
    }

    /**
     * Where the marks of the common axis stand, and what they say.
     *
     * @return list<array{at: float, says: string, limit: bool}>
     */
    public static function marks(TargetProfile $profile): array
    {
        $limit = $profile->longestMs();
        $mark = static fn (int $ms, string $says, bool $isLimit = false): array => ['at' => round(100 * $ms / ($limit * self::AXIS), 3), 'says' => $says, 'limit' => $isLimit];

        return [
            $mark($profile->hookWindowMs(), 'hook'),
            $mark(intdiv($limit, 4), (string) intdiv($limit, 4000)),
            $mark(intdiv($limit, 2), (string) intdiv($limit, 2000)),
            $mark(intdiv(3 * $limit, 4), (string) intdiv(3 * $limit, 4000)),
            $mark($limit, intdiv($limit, 1000).' s', true),
        ];
    }

    public static function of(Cut $cut): self
    {
        $limit = $cut->profile->longestMs();
        // What is longer than the axis gets a longer one of its own.
        $axis = max($limit * self::AXIS, $cut->durationMs * 1.02);
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
