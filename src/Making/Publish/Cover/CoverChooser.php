<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Cover;

/** Which frames of a short make good covers. The weights were found by looking; there is no published source. */
final class CoverChooser
{
    private const BEST = 4;

    /** Two that are nearer in time than this show the same. */
    private const APART_MS = 900;

    /** Levels by which parts of two pictures differ on average before nobody takes the one for the other. */
    private const UNLIKE = 40;

    private const BRIGHT = 0.5;

    /**
     * @param  list<CoverFrame>  $frames
     * @param  list<array{int, int}>  $halfCaptions  spans in ms at which a caption is there in part
     * @param  list<list<int>>  $others  signatures of the covers of the batch
     * @return list<ScoredCover> the best first, not two of the same moment
     */
    public static function best(array $frames, array $halfCaptions = [], array $others = []): array
    {
        $scored = array_map(
            static fn (CoverFrame $frame): ScoredCover => self::scored($frame, $halfCaptions, $others), $frames,
        );
        usort($scored, static fn (ScoredCover $one, ScoredCover $other): int => [-$one->score, $one->ms]
            <=> [-$other->score, $other->ms]);
        $best = [];
        foreach ($scored as $one) {
            foreach ($best as $better) {
                if (abs($better->ms - $one->ms) < self::APART_MS) {
                    continue 2;
                }
            }
            $best[] = $one;
            if (count($best) === self::BEST) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param  list<array{int, int}>  $halfCaptions
     * @param  list<list<int>>  $others
     */
    private static function scored(CoverFrame $frame, array $halfCaptions, array $others): ScoredCover
    {
        $bright = $frame->brightness();
        $parts = [
            'sharp' => $frame->sharpness(),
            'subject' => $frame->centred(),
            // Dark and blown out are equally bad; the middle is best.
            'bright' => max(0.0, 1 - (($bright - self::BRIGHT) / self::BRIGHT) ** 2),
            'unlike' => self::unlike($frame->signature(), $others),
        ];
        $score = 0.3 * $parts['sharp'] + 0.25 * $parts['subject'] + 0.25 * $parts['bright'] + 0.2 * $parts['unlike'];
        foreach ($halfCaptions as [$from, $to]) {
            if ($frame->ms >= $from && $frame->ms < $to) {
                $score -= 0.5;
                break;
            }
        }

        return new ScoredCover($frame->ms, $score, $parts, $frame->signature());
    }

    /**
     * @param  list<int>  $signature
     * @param  list<list<int>>  $others
     */
    private static function unlike(array $signature, array $others): float
    {
        $least = self::UNLIKE;
        foreach ($others as $other) {
            $sum = 0;
            foreach ($signature as $i => $level) {
                $sum += abs($level - ($other[$i] ?? 0));
            }
            $least = min($least, $sum / count($signature));
        }

        return $least / self::UNLIKE;
    }
}
