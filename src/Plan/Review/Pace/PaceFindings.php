<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Pace;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Pace\Cadence;
use RapidReel\Plan\Pace\PaceLimits;
use RapidReel\Voice\Speech\DeadAir;

/** What a pace report is flagged for: each with its place and, where there is an obvious one, its mend. */
final class PaceFindings
{
    public const LONG_SHOT_MS = 4_000;

    private const LONG_MEAN_MS = 3_400;

    private const LONG_PAUSE_MS = 600;

    public const SILENT_SHARE = 0.15;

    private const SLOW = 2.3;

    /** A picture that comes back before so many others is noticed. */
    private const NEAR_SHOTS = 5;

    /**
     * @return list<PaceFinding> in the order of the short, those of the whole first
     *
     * @throws Refusal
     */
    public static function of(PaceReport $report): array
    {
        return [
            ...self::lengths($report), ...self::speech($report), ...self::shots($report), ...self::pictures($report),
        ];
    }

    /** @return list<PaceFinding> */
    private static function lengths(PaceReport $report): array
    {
        $summary = $report->summary;
        $limits = $summary->limits;
        $found = [];
        $says = static fn (int $ms): string => number_format($ms / 1000, 1).' s';
        $of = static fn (string $whose): string => $whose === '' ? '' : " (“{$whose}”)";
        $longest = $limits->length->longestMs ?? 0;
        if ($summary->isOver()) {
            $found[] = new PaceFinding(
                PaceCode::TooLong,
                sprintf('%s over the limit of %s%s.', $says($limits->over($summary->wholeMs())), $says($longest),
                    $of($limits->whose[1])),
                $longest,
                $report->sceneAt($longest),
                new PaceMend('Tighten it to '.$says($longest), 'tighten', $longest),
            );
        }
        if ($summary->isUnder()) {
            $shortest = $limits->length->shortestMs;
            $found[] = new PaceFinding(
                PaceCode::TooShort,
                sprintf('%s short of %s%s.', $says($limits->under($summary->wholeMs())), $says($shortest),
                    $of($limits->whose[0])),
                $summary->times->durationMs,
                $report->sceneAt($summary->times->durationMs),
                new PaceMend('Stretch it to '.$says($shortest), 'stretch', $shortest),
            );
        }
        if ($summary->isHookLate()) {
            $found[] = new PaceFinding(
                PaceCode::HookLate,
                sprintf('The hook takes %s; viewers give it %s%s.', $says($summary->hookOutMs()),
                    $says($limits->length->hookWindowMs), $of($limits->whose[2])),
                0,
                0,
            );
        }

        return $found;
    }

    /** @return list<PaceFinding> */
    private static function speech(PaceReport $report): array
    {
        $found = [];
        $rate = $report->wordsASecond();
        if ($rate > 0 && $rate < self::SLOW) {
            $found[] = new PaceFinding(
                PaceCode::SpeechSlow,
                sprintf('It is spoken slowly: %.1f words a second.', $rate),
                0,
                0,
                new PaceMend('Speak at 110 % of the tempo', 'tempo', 110),
            );
        }
        if ($rate > PaceLimits::FAST_SPEECH) {
            $found[] = new PaceFinding(
                PaceCode::SpeechFast,
                sprintf('It is spoken fast: %.1f words a second.', $rate),
                0,
                0,
                new PaceMend('Speak at 92 % of the tempo', 'tempo', 92),
            );
        }
        if ($report->silenceShare() > self::SILENT_SHARE) {
            $found[] = new PaceFinding(
                PaceCode::Silence,
                sprintf('%.0f %% of it is silent.', 100 * $report->silenceShare()),
                0,
                0,
                new PaceMend('Cut pauses to 80 ms', 'dead_air', 80),
            );
        }
        $end = $report->summary->times->durationMs;
        foreach ($report->silences as [$from, $until]) {
            // What is after the last word is no pause.
            if ($until - $from > self::LONG_PAUSE_MS && $until < $end) {
                $isGap = $report->sceneAt($from) !== $report->sceneAt($until);
                $found[] = new PaceFinding(
                    PaceCode::PauseLong,
                    sprintf('A pause of %.1f s.', ($until - $from) / 1000),
                    $from,
                    $report->sceneAt($from),
                    $isGap
                        ? new PaceMend('Close the gap', 'pause', DeadAir::USUAL_MS, true)
                        : new PaceMend('Close it', 'dead_air', DeadAir::USUAL_MS, true),
                );
            }
        }

        return $found;
    }

    /**
     * @return list<PaceFinding>
     *
     * @throws Refusal
     */
    private static function shots(PaceReport $report): array
    {
        $found = [];
        $cadence = (string) Cadence::seconds(2.5);
        if ($report->summary->meanShotMs() > self::LONG_MEAN_MS) {
            $found[] = new PaceFinding(
                PaceCode::ShotsSlow,
                sprintf('Pictures change every %.1f s.', $report->summary->meanShotMs() / 1000),
                0,
                0,
                new PaceMend('Change them every 2.5 s', 'cadence', $cadence),
            );
        }
        foreach ($report->shots as [$from, $until]) {
            if ($until - $from > self::LONG_SHOT_MS) {
                $found[] = new PaceFinding(
                    PaceCode::ShotLong,
                    sprintf('A shot of %.1f s.', ($until - $from) / 1000),
                    $from,
                    $report->sceneAt($from),
                    new PaceMend('Change the picture every 2.5 s there', 'cadence', $cadence, true),
                );
            }
        }

        return $found;
    }

    /** @return list<PaceFinding> */
    private static function pictures(PaceReport $report): array
    {
        $found = [];
        $last = [];
        foreach ($report->pictures as $i => $picture) {
            if (isset($last[$picture], $report->shots[$i]) && $i - $last[$picture] <= self::NEAR_SHOTS) {
                $found[] = new PaceFinding(
                    PaceCode::PictureRepeats,
                    sprintf('The picture of %d shots before comes back.', $i - $last[$picture]),
                    $report->shots[$i][0],
                    $report->sceneAt($report->shots[$i][0]),
                );
            }
            $last[$picture] = $i;
        }

        return $found;
    }
}
