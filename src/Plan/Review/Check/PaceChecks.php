<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Pace\PaceLimits;
use RapidReel\Plan\Review\Pace\PaceCode;
use RapidReel\Plan\Review\Pace\PaceFinding;
use RapidReel\Plan\Review\Pace\PaceFindings;
use RapidReel\Plan\Review\Pace\PaceReport;
use RapidReel\Plan\Settings\Level;

/** Lengths, the hook and pauses: what the pace report finds of them. */
final class PaceChecks
{
    private const KINDS = [
        'too-long' => FindingKind::TooLong,
        'too-short' => FindingKind::TooShort,
        'hook-late' => FindingKind::HookLate,
        'pause-long' => FindingKind::DeadAir,
        'silence' => FindingKind::DeadAir,
    ];

    /**
     * @return list<Finding>
     *
     * @throws Refusal
     */
    public static function of(Reviewed $short): array
    {
        $found = [];
        foreach (PaceFindings::of(PaceReport::of($short->cut, $short->summary)) as $one) {
            $kind = self::KINDS[$one->code->value] ?? null;
            if ($kind !== null) {
                $found[] = self::finding($short, $kind, $one);
            }
        }

        return $found;
    }

    private static function finding(Reviewed $short, FindingKind $kind, PaceFinding $one): Finding
    {
        $isWhole = in_array($one->code, [PaceCode::TooLong, PaceCode::TooShort, PaceCode::Silence], true);
        $mend = $one->mend === null ? null : FindingMend::ofPace($one->mend);

        return new Finding(
            $kind,
            $one->message,
            $short->summary->isEstimated() ? Sureness::Likely : Sureness::Measured,
            $isWhole
                ? new FindingPlace($one->ms, $one->ms)
                : new FindingPlace($one->ms, $one->ms, $one->scene, $short->wordAt($one->scene, $one->ms)),
            $isWhole ? $short->text() : $short->cut->scenes[$one->scene]->text ?? '',
            $kind === FindingKind::HookLate ? self::sooner($short) : $mend,
        );
    }

    /** A hook that is only a little late is spoken a little faster. */
    private static function sooner(Reviewed $short): ?FindingMend
    {
        $over = $short->summary->hookOutMs() - $short->summary->limits->length->hookWindowMs;
        $percent = (int) ceil(100 * $short->summary->times->hookMs / max(1, $short->summary->times->hookMs - $over));

        return $percent < 100 || $percent > PaceLimits::FASTEST ? null : new FindingMend(
            MendDeed::Tempo, "Speak the hook at {$percent} % of its tempo", value: $percent, level: Level::Scene,
        );
    }
}
