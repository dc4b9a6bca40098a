<?php

declare(strict_types=1);

namespace App\Makers\Reviewing;

use App\Shelves\Models\Short;
use App\Shelves\Models\Verdict;
use RapidReel\Plan\Finding\Severities;
use RapidReel\Plan\Finding\Severity;
use RapidReel\Plan\Review\Check\Finding;

/** What speaks against a short, and what was said of it by those who looked. */
final readonly class ReviewOf
{
    /** @param  list<JudgedFinding>|null  $shown  those that stop it first; null while it is not planned as it is */
    private function __construct(
        public Short $short,
        public ?array $shown,
        public ?Verdict $verdict,
        public bool $isOfNow,
    ) {
    }

    /** @param  list<Finding>|null  $found */
    public static function of(Short $short, ?array $found, Severities $severities): self
    {
        $waived = $short->waivers->keyBy('finding');
        $judged = $found === null ? null : array_map(static fn (Finding $one): JudgedFinding => new JudgedFinding(
            $one, $severities->of($one->kind), $waived->get($one->key()),
        ), $found);
        if ($judged !== null) {
            // Of equal ones that which comes first in the short.
            usort($judged, static fn (JudgedFinding $a, JudgedFinding $b): int => [
                $a->counts() ? 0 : 1, $a->severity->rank(), $a->finding->place->startMs,
            ] <=> [$b->counts() ? 0 : 1, $b->severity->rank(), $b->finding->place->startMs]);
        }
        $verdict = $short->latestVerdict;

        return new self(
            $short, $judged, $verdict, $verdict !== null && $verdict->isOf($short),
        );
    }

    /** @return list<JudgedFinding> those that keep it from leaving */
    public function stopping(): array
    {
        return $this->counting(Severity::Stops);
    }

    /** @return list<JudgedFinding> */
    public function warning(): array
    {
        return $this->counting(Severity::Warns);
    }

    /** @return list<JudgedFinding> those that count and can be mended by themselves */
    public function mendable(): array
    {
        return array_values(array_filter(
            $this->shown ?? [],
            static fn (JudgedFinding $one): bool => $one->counts() && $one->finding->mend !== null,
        ));
    }

    public function isCleared(): bool
    {
        return $this->verdict !== null && $this->verdict->cleared && $this->isOfNow;
    }

    public function isSentBack(): bool
    {
        return $this->verdict !== null && ! $this->verdict->cleared && $this->isOfNow;
    }

    /** Cleared or sent back as it was, and changed since. */
    public function isChanged(): bool
    {
        return $this->verdict !== null && ! $this->isOfNow;
    }

    /** @return list<JudgedFinding> */
    private function counting(Severity $severity): array
    {
        return array_values(array_filter(
            $this->shown ?? [],
            static fn (JudgedFinding $one): bool => $one->counts() && $one->severity === $severity,
        ));
    }
}
