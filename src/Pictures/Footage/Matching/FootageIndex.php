<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use RapidReel\Base\Language\Terms;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\ShotNeed;

/** A library as it is looked through for shots. */
final readonly class FootageIndex
{
    private const UPRIGHT = 0.3;

    /** What a clip that ends before the shot would lose: all of that if it has no length at all. */
    private const TOO_SHORT = 3.0;

    private Bm25 $ranks;

    /**
     * @param  list<Footage>  $library
     * @param  Collection|null  $of  all of which that is a part; null where it is all
     */
    public function __construct(public array $library, private string $language, ?Collection $of = null)
    {
        $this->ranks = new Bm25(array_map(
            static fn (Footage $footage): array => FootageTerms::of($footage->words, $language), $library,
        ), $of);
    }

    /** @return array<int, float> how well each fits the words, by number; those that do not fit at all are left out */
    public function fits(ShotWish $wish): array
    {
        return $this->ranks->scores($wish->terms);
    }

    /** How much the word of a wish counts that a picture fits best: 0…1. */
    public function fit(int $number, ShotWish $wish): float
    {
        $most = 0.0;
        foreach ($wish->terms as $term => $weight) {
            if ($weight > $most && $this->ranks->of((string) $term, $number) > 0) {
                $most = $weight;
            }
        }

        return $most;
    }

    /** What speaks for a picture beside its words. */
    public function bonus(int $number, ShotNeed $need): float
    {
        $footage = $this->library[$number];
        $bonus = $footage->height > $footage->width ? self::UPRIGHT : 0.0;
        if ($footage->kind === FootageKind::Clip && $footage->durationMs < $need->durationMs) {
            $bonus -= self::TOO_SHORT * (1 - $footage->durationMs / $need->durationMs);
        }

        // Equal ones are told apart by the words, so that not every short opens on the same picture.
        return $bonus + hexdec(substr(hash('xxh32', $need->sceneText.$footage->id), 0, 6)) / 0x1000000 * 0.1;
    }

    /** Why a picture stands where it does, in words. */
    public function why(int $number, ShotWish $wish): string
    {
        $parts = [];
        foreach ($wish->terms as $term => $weight) {
            $adds = $weight * $this->ranks->of((string) $term, $number);
            if ($adds > 0) {
                $word = $wish->said[$term];
                $isSame = in_array((string) $term, Terms::of($word, $this->language), true);
                $parts[$word] = [
                    max($adds, $parts[$word][0] ?? 0.0),
                    $isSame || ($parts[$word][1] ?? '') === "“{$word}”" ? "“{$word}”" : "near “{$word}”",
                ];
            }
        }
        usort($parts, static fn (array $one, array $other): int => $other[0] <=> $one[0]);

        return implode(', ', array_slice(array_column($parts, 1), 0, 3));
    }
}
