<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Plan\Cut\CutMusic;

/**
 * How a piece lies under a short: it begins at a bar, goes round at a bar where it is too short, and is faded out from
 * a bar on, so that it ends with the picture.
 */
final readonly class MusicBed
{
    /** A piece whose beat is not known goes out over so long. */
    private const FADE_MS = 1_500;

    private const SHORTEST_FADE_MS = 800;

    private const LONGEST_FADE_MS = 4_000;

    /** Where it goes round, what was runs into what comes for so long: no click. */
    public const JOINT_MS = 40;

    /** A part that goes round is not shorter. */
    private const SHORTEST_LOOP_MS = 2_000;

    /** The first bar is looked for in the beginning: what begins later is the piece's own opening. */
    private const OPENING_MS = 6_000;

    /**
     * @param  int  $inMs  moment of the piece that it begins at
     * @param  int  $loopMs  goes round after so long; 0 where once is enough
     * @param  int  $fadeMs  moment of the short that it begins to go out at
     */
    private function __construct(
        public int $inMs,
        public int $loopMs,
        public int $fadeMs,
    ) {
    }

    /** @param  array{inMs: int, loopMs: int, fadeMs: int}  $data  its fields */
    public static function fromArray(array $data): self
    {
        return new self($data['inMs'], $data['loopMs'], $data['fadeMs']);
    }

    /** @param  int  $lengthMs  of the short */
    public static function of(CutMusic $music, int $lengthMs): self
    {
        $bars = $music->bars;
        $in = $bars !== [] && $bars[0] <= self::OPENING_MS ? $bars[0] : 0;
        if ($music->durationMs === 0) {
            return new self(0, 0, max(0, $lengthMs - self::FADE_MS));
        }
        $loop = 0;
        if ($lengthMs > $music->durationMs - $in - self::JOINT_MS) {
            $last = $music->durationMs - self::JOINT_MS;
            foreach ($bars as $bar) {
                $loop = $bar <= $last && $bar - $in >= self::SHORTEST_LOOP_MS ? $bar - $in : $loop;
            }
            $loop = $loop > 0 ? $loop : max(self::JOINT_MS, $last - $in);
        }

        return new self($in, $loop, self::fade($bars, $in, $loop, $lengthMs));
    }

    /**
     * The last bar that leaves enough to go out over.
     *
     * @param  list<int>  $bars
     */
    private static function fade(array $bars, int $in, int $loop, int $lengthMs): int
    {
        $latest = $lengthMs - self::SHORTEST_FADE_MS;
        $found = null;
        foreach ($bars as $bar) {
            $at = $bar - $in;
            if ($loop > 0 && $at >= $loop) {
                break;
            }
            // The last time round that it comes before that.
            $at += $loop > 0 && $latest >= $at ? $loop * intdiv($latest - $at, $loop) : 0;
            if ($at >= 0 && $at <= $latest && $at > ($found ?? -1)) {
                $found = $at;
            }
        }

        return $found !== null && $lengthMs - $found <= self::LONGEST_FADE_MS
            ? $found
            : max(0, $lengthMs - self::FADE_MS);
    }
}
