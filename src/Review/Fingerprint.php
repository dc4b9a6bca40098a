<?php

declare(strict_types=1);

namespace RapidReel\Review;

use RapidReel\Language\Shingles;
use RapidReel\Script\Scene;

/** What tells a script and its hook from others: their shingles. */
final readonly class Fingerprint
{
    private const SKETCH = 24;

    /**
     * @param  list<int>  $hook
     * @param  list<int>  $script
     */
    private function __construct(
        public array $hook,
        public array $script,
    ) {
    }

    /** @param  non-empty-list<Scene>  $scenes */
    public static function of(array $scenes): self
    {
        return new self(
            Shingles::of($scenes[0]->text, Shingles::HOOK),
            Shingles::of(
                implode(' ', array_map(static fn (Scene $scene): string => $scene->text, $scenes)),
                Shingles::SCRIPT,
            ),
        );
    }

    /**
     * The smallest few of the script's shingles: scripts that are alike share some of them (Broder 1997, section 4), so
     * that only these need be looked up.
     *
     * @return list<int>
     */
    public function sketch(): array
    {
        return array_slice($this->script, 0, self::SKETCH);
    }

    public function likeness(self $other): Likeness
    {
        return new Likeness(
            Shingles::resemblance($this->hook, $other->hook),
            Shingles::resemblance($this->script, $other->script),
        );
    }

    /**
     * Finds those that are alike without comparing all with all.
     *
     * @param  list<self>  $all
     * @return list<array{int, int, Likeness}> pairs of places in the list, the first before the second, that are alike
     */
    public static function alike(array $all): array
    {
        $seen = [];
        $pairs = [];
        foreach ($all as $i => $one) {
            $others = [];
            foreach ([...$one->hook, ...$one->script] as $hash) {
                foreach ($seen[$hash] ?? [] as $other) {
                    $others[$other] = true;
                }
                // A phrase that everything holds tells nothing, and would make this slow.
                if (count($seen[$hash] ?? []) < 20) {
                    $seen[$hash][] = $i;
                }
            }
            foreach (array_keys($others) as $other) {
                $likeness = $all[$other]->likeness($one);
                if ($likeness->isNotable()) {
                    $pairs[] = [$other, $i, $likeness];
                }
            }
        }

        return $pairs;
    }
}
