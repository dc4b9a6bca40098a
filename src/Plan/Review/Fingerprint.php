<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review;

use RapidReel\Base\Language\Shingles;
use RapidReel\Text\Script\Scene;

/** What tells a script and its hook from others: their shingles. */
final readonly class Fingerprint
{
    private const SKETCH = 24;

    private const MOST_HOLDERS = 20;

    /** Half of what two that are alike share at least, as common phrases are not counted. */
    private const LEAST_SHARED = 0.25;

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
        return self::said(array_map(static fn (Scene $scene): string => $scene->text, $scenes));
    }

    /** @param  non-empty-list<string>  $texts  what is said in each scene */
    public static function said(array $texts): self
    {
        return new self(
            Shingles::of($texts[0], Shingles::HOOK), Shingles::of(implode(' ', $texts), Shingles::SCRIPT),
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
        $seen = ['hook' => [], 'script' => []];
        $pairs = [];
        foreach ($all as $i => $one) {
            $others = [];
            foreach (['hook' => $one->hook, 'script' => $one->script] as $part => $hashes) {
                foreach ($hashes as $hash) {
                    foreach ($seen[$part][$hash] ?? [] as $other) {
                        $others[$other][$part] = ($others[$other][$part] ?? 0) + 1;
                    }
                    // A phrase that everything holds tells nothing, and would make this slow.
                    if (count($seen[$part][$hash] ?? []) < self::MOST_HOLDERS) {
                        $seen[$part][$hash][] = $i;
                    }
                }
            }
            foreach ($others as $other => $shared) {
                $theirs = $all[$other];
                $likeness = new Likeness(
                    self::shared($shared['hook'] ?? 0, $theirs->hook, $one->hook),
                    self::shared($shared['script'] ?? 0, $theirs->script, $one->script),
                );
                if ($likeness->isNotable()) {
                    $pairs[] = [$other, $i, $likeness];
                }
            }
        }

        return $pairs;
    }

    /**
     * Lists are compared only where they have enough in common to be alike.
     *
     * @param  list<int>  $a
     * @param  list<int>  $b
     */
    private static function shared(int $seen, array $a, array $b): float
    {
        return $seen > self::LEAST_SHARED * min(count($a), count($b)) ? Shingles::resemblance($a, $b) : 0.0;
    }
}
