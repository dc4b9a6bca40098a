<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

use RapidReel\Base\Language\SentenceSplitter;
use RapidReel\Base\Language\TextRank;
use RapidReel\Text\Hook\HookCandidates;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\Script;
use RapidReel\Text\Script\UnusableScript;
use RapidReel\Voice\Speech\SpeechRate;

/**
 * Shortens a source text to a narration of so many seconds, in its own sentences and their order: those that the rest
 * of the text has most in common with (TextRank, R. Mihalcea and P. Tarau, 2004), and its strongest as the hook before
 * them.
 */
final readonly class Condenser
{
    /** A sentence that points back needs the one before it. */
    private const POINTS_BACK = '/^[“"‘\']?(?:he|she|it|they|his|her|its|their|this|that|these|those|but|and|so|yet'
        .'|then|however|therefore|instead|also|another|both|such|there)\b/iu';

    /** A source of fewer sentences has nothing to leave out. */
    private const FEWEST_SENTENCES = 3;

    public function __construct(private SentenceSplitter $splitter = new SentenceSplitter)
    {
    }

    /**
     * @param  Script  $source  cleaned
     * @param  int  $pauseMs  between sentences
     *
     * @throws UnusableScript when there is too little to shorten
     */
    public function condense(Script $source, int $seconds, SpeechRate $rate, int $windowMs, int $pauseMs): Sketch
    {
        $sentences = array_values(
            array_filter(
                $this->splitter->split($source->spoken()),
                static fn (string $sentence): bool => Scene::isSpeakable($sentence) &&
                    mb_strlen($sentence) <= Scene::MOST_CHARACTERS,
            ),
        );
        if (count($sentences) < self::FEWEST_SENTENCES) {
            throw UnusableScript::isTooShortToCondense();
        }
        $times = array_map(static fn (string $sentence): int => $rate->ofText($sentence) + $pauseMs, $sentences);
        $scores = TextRank::scores($sentences);
        // The later of two that say the same goes first.
        $hook = (int) array_search(HookCandidates::strongest($sentences, $rate, $windowMs), $sentences, true);
        $room = 1000 * $seconds - $times[$hook];
        $taken = [];
        arsort($scores);
        foreach (array_keys($scores) as $i) {
            $with = $this->withItsNoun($i, $sentences, $hook, $taken);
            $needs = array_sum(array_map(static fn (int $j): int => $times[$j], $with));
            if ($with !== [] && $needs <= $room) {
                $taken += array_fill_keys($with, true);
                $room -= $needs;
            }
        }
        ksort($taken);

        return new Sketch($source->title, [
            $sentences[$hook],
            ...array_map(static fn (int $i): string => $sentences[$i], array_keys($taken)),
        ]);
    }

    /**
     * A sentence with those before it that it points back to, less what is taken already.
     *
     * @param  list<string>  $sentences
     * @param  array<int, true>  $taken
     * @return list<int>
     */
    private function withItsNoun(int $i, array $sentences, int $hook, array $taken): array
    {
        if ($i === $hook || isset($taken[$i])) {
            return [];
        }
        $with = [$i];
        $pointsBack = static fn (int $at): bool => $at > 0 && preg_match(self::POINTS_BACK, $sentences[$at]) === 1;
        for ($j = $i; count($with) < 3 && $pointsBack($j) && ! isset($taken[$j - 1]); $j--) {
            if ($j - 1 !== $hook) {
                $with[] = $j - 1;
            }
        }

        return $with;
    }
}
