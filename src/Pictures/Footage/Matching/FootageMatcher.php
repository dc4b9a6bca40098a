<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\ShotNeed;

/**
 * Puts a picture under every shot of a short, all at once: what fits the words best over all, where a picture that
 * stands again costs the more the nearer it is.
 */
final class FootageMatcher
{
    /** Each shot is offered so many that fit it best, and so many that fit the short. */
    private const OWN = 12;

    private const SHARED = 12;

    /** What it costs to show a picture again, and how much more right beside itself. */
    private const AGAIN = 5.0;

    private const NEAR = 5.0;

    /** And one that another short of the batch shows. */
    private const ELSEWHERE = 0.6;

    public const MOST_BY_OTHERS = 3;

    /** The first seconds decide: what fits them counts more. */
    private const HOOK = 1.5;

    private const ROUNDS = 4;

    /** A library that is no larger is offered whole. */
    private const SMALL = 40;

    private readonly FootageIndexes $indexes;

    /**
     * @param  string  $language  of the words, as a BCP 47 tag
     * @param  string  $subject  of the short
     * @param  array<array-key, int>  $shownByOthers  how often other shorts of the batch show a picture, by id
     * @param  FootageIndexes|null  $indexes  where many shorts are given pictures of the same library
     * @param  Collection|null  $of  the whole library, where what it chooses from is a part
     */
    public function __construct(
        private readonly string $language = 'en',
        private readonly string $subject = '',
        private readonly array $shownByOthers = [],
        ?FootageIndexes $indexes = null,
        private readonly ?Collection $of = null,
    ) {
        $this->indexes = $indexes ?? new FootageIndexes;
    }

    /**
     * @param  list<ShotNeed>  $needs  in order of the short
     * @param  non-empty-list<Footage>  $library
     * @return list<ShotMatch> one for each need
     */
    public function match(array $needs, array $library): array
    {
        $index = $this->indexes->of($library, $this->language, $this->of);
        $numbers = [];
        foreach ($library as $number => $footage) {
            $numbers[$footage->id] = $number;
        }
        $wishes = $fits = [];
        foreach ($needs as $i => $need) {
            $wishes[$i] = ShotWish::of($need, $this->subject, $this->language);
            $fits[$i] = $index->fits($wishes[$i]);
        }
        $shared = $this->shared($fits, count($library), count($needs));
        $fixed = $scores = [];
        foreach ($needs as $i => $need) {
            if ($need->chosen !== null) {
                $fixed[$i] = $numbers[$need->chosen->id] ?? null;

                continue;
            }
            $scores[$i] = $this->offers($i, $need, $index, $fits[$i], $shared);
        }
        $chosen = $this->settled($this->assigned($scores, array_filter($fixed, is_int(...))), $scores, $fixed);
        $matches = [];
        foreach ($needs as $i => $need) {
            $number = $chosen[$i] ?? null;
            $footage = $need->chosen ?? $library[(int) $number];
            $matches[] = new ShotMatch(
                $footage,
                $number === null ? 1.0 : $index->fit($number, $wishes[$i]),
                $number === null ? '' : $index->why($number, $wishes[$i]),
            );
        }

        return $matches;
    }

    /**
     * The pictures that fit one shot best, whatever stands elsewhere.
     *
     * @param  non-empty-list<Footage>  $library
     * @return list<ShotMatch>
     */
    public function best(ShotNeed $need, array $library, int $count): array
    {
        $index = $this->indexes->of($library, $this->language, $this->of);
        $wish = ShotWish::of($need, $this->subject, $this->language);
        $fits = $index->fits($wish);
        $scores = [];
        foreach ($fits as $number => $fit) {
            $scores[$number] = $fit + $index->bonus($number, $need);
        }
        arsort($scores);
        $best = [];
        foreach (array_slice(array_keys($scores), 0, $count) as $number) {
            $best[] = new ShotMatch($library[$number], $index->fit($number, $wish), $index->why($number, $wish));
        }

        return $best;
    }

    /**
     * Pictures for shots that nothing fits: those that fit most of the short.
     *
     * @param  array<int, array<int, float>>  $fits
     * @return list<int>
     */
    private function shared(array $fits, int $size, int $needs): array
    {
        $sums = $size <= self::SMALL ? array_fill(0, $size, 0.0) : [];
        foreach ($fits as $own) {
            foreach ($own as $number => $fit) {
                $sums[$number] = ($sums[$number] ?? 0.0) + min(2.0, $fit);
            }
        }
        arsort($sums);
        $shared = array_slice(array_keys($sums), 0, max(self::SHARED, $size <= self::SMALL ? $size : $needs));
        // A library of other things has something to show all the same.
        for ($number = 0; count($shared) < min($size, self::SHARED); $number++) {
            if (! isset($sums[$number])) {
                $shared[] = $number;
            }
        }

        return $shared;
    }

    /**
     * @param  array<int, float>  $fits
     * @param  list<int>  $shared
     * @return array<int, float> scores by number
     */
    private function offers(int $i, ShotNeed $need, FootageIndex $index, array $fits, array $shared): array
    {
        arsort($fits);
        $offered = array_slice($fits, 0, self::OWN, true) + array_fill_keys($shared, 0.0);
        foreach (array_keys($offered) as $number) {
            $used = min(self::MOST_BY_OTHERS, $this->shownByOthers[$index->library[$number]->id] ?? 0);
            $offered[$number] = (($fits[$number] ?? 0.0) + $index->bonus($number, $need)) * ($i === 0 ? self::HOOK : 1)
                - self::ELSEWHERE * $used;
        }

        return $offered;
    }

    /**
     * The best over all when only the number of times counts: every copy of a picture costs more than the one before.
     *
     * @param  array<int, array<int, float>>  $scores  of those that are free, by shot and number
     * @param  array<int, int>  $fixed
     * @return array<int, int> number by shot
     */
    private function assigned(array $scores, array $fixed): array
    {
        if ($scores === []) {
            return $fixed;
        }
        $used = array_count_values($fixed);
        $kinds = count(array_replace([], ...array_values($scores)));
        $copies = 2 + intdiv(count($scores) + count($fixed), max(1, $kinds));
        $costs = [];
        foreach (array_values($scores) as $own) {
            $row = [];
            foreach ($own as $number => $score) {
                for ($copy = 0; $copy < $copies; $copy++) {
                    $times = $copy + ($used[$number] ?? 0);
                    $row[$number * $copies + $copy] = $times * (self::AGAIN + self::NEAR / 4) - $score;
                }
            }
            $costs[] = $row;
        }
        $columns = Assignment::solve($costs);
        $chosen = $fixed;
        foreach (array_keys($scores) as $row => $i) {
            $chosen[$i] = intdiv($columns[$row], $copies);
        }

        return $chosen;
    }

    /**
     * Made better, while it can be, by what nearness costs too: another picture for a shot, or two shots that change
     * theirs.
     *
     * @param  array<int, int>  $chosen
     * @param  array<int, array<int, float>>  $scores
     * @param  array<int, int|null>  $fixed
     * @return array<int, int>
     */
    private function settled(array $chosen, array $scores, array $fixed): array
    {
        for ($round = 0, $isBetter = true; $isBetter && $round < self::ROUNDS; $round++) {
            $isBetter = false;
            foreach ($scores as $i => $own) {
                $most = $own[$chosen[$i]] - self::price($chosen, $i, $chosen[$i]);
                foreach ($own as $number => $score) {
                    $gain = $score - self::price($chosen, $i, $number);
                    if ($gain > $most + 1e-9) {
                        [$chosen[$i], $most, $isBetter] = [$number, $gain, true];
                    }
                }
            }
            foreach ($scores as $i => $own) {
                foreach ($scores as $j => $others) {
                    if ($j > $i && self::isSwapBetter($chosen, $i, $j, $own, $others)) {
                        [$chosen[$i], $chosen[$j]] = [$chosen[$j], $chosen[$i]];
                        $isBetter = true;
                    }
                }
            }
        }

        return $chosen;
    }

    /**
     * @param  array<int, int>  $chosen
     * @param  array<int, float>  $own
     * @param  array<int, float>  $others
     */
    private static function isSwapBetter(array $chosen, int $i, int $j, array $own, array $others): bool
    {
        [$one, $other] = [$chosen[$i], $chosen[$j]];
        if ($one === $other || ! isset($own[$other], $others[$one])) {
            return false;
        }
        $gained = $own[$other] + $others[$one] - $own[$one] - $others[$other];
        if ($gained < -2 * self::NEAR) {
            return false;
        }
        $before = self::price($chosen, $i, $one) + self::price($chosen, $j, $other);
        [$chosen[$i], $chosen[$j]] = [$other, $one];
        $after = self::price($chosen, $i, $other) + self::price($chosen, $j, $one);

        return $gained > $after - $before + 1e-9;
    }

    /** @param  array<int, int>  $chosen */
    private static function price(array $chosen, int $i, int $number): float
    {
        $price = 0.0;
        foreach ($chosen as $j => $other) {
            if ($other === $number && $j !== $i) {
                $price += self::AGAIN + self::NEAR / abs($j - $i);
            }
        }

        return $price;
    }
}
