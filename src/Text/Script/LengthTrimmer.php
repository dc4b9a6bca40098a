<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Base\Language\SentenceSplitter;
use RapidReel\Base\Language\TextRank;
use RapidReel\Base\Refusal;

/**
 * Finds the sentences that a script which is too long can do without: those with least in common with the rest of it
 * (TextRank, R. Mihalcea and P. Tarau, 2004). The hook and the last scene stay, and so does whatever others lean on.
 */
final readonly class LengthTrimmer
{
    public function __construct(private SentenceSplitter $sentences = new SentenceSplitter)
    {
    }

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  callable(non-empty-array<int, Scene>): int  $measure  how long a short of these scenes is, in ms; by
     *   their numbers
     * @param  int  $most  so many sentences at most
     *
     * @throws Refusal
     */
    public function plan(
        array $scenes,
        int $longestMs,
        callable $measure,
        int $most = PHP_INT_MAX,
        string $language = 'en',
    ): TrimPlan {
        $duration = $measure($scenes);
        if ($duration <= $longestMs) {
            return new TrimPlan([], $scenes, true);
        }
        /** @var list<array{int, string}> $all scene and sentence */
        $all = [];
        foreach ($scenes as $number => $scene) {
            foreach ($scene->sentences($this->sentences) as $sentence) {
                $all[] = [$number, $sentence];
            }
        }
        $scores = TextRank::scores(array_column($all, 1), $language);
        asort($scores);
        $last = count($scenes) - 1;
        $dropped = [];
        $steps = [];
        $left = $scenes;
        $leaning = Leaning::of(array_column($all, 1), $language);
        $may = array_values(array_filter(
            array_keys($scores),
            static fn (int $i): bool => $all[$i][0] !== 0 && $all[$i][0] !== $last,
        ));
        while ($duration > $longestMs && count($steps) < $most && $may !== []) {
            // One that says who the next is about goes when that is gone, or nothing else is left to go.
            $free = array_values(array_filter($may, static fn (int $i): bool => $leaning->missed(
                [...array_keys($dropped), $i],
            ) === []));
            $i = $free[0] ?? $may[0];
            $may = array_values(array_diff($may, [$i]));
            [$scene, $sentence] = $all[$i];
            $without = self::without($scenes, $all, $dropped + [$i => true]);
            if ($without === []) {
                continue;
            }
            $dropped[$i] = true;
            $left = $without;
            $duration = $measure($left);
            $steps[] = new TrimStep($sentence, $scene, $duration);
        }

        return new TrimPlan($steps, $left, $duration <= $longestMs);
    }

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  list<array{int, string}>  $all
     * @param  array<int, true>  $dropped
     * @return array<int, Scene> by the numbers they had
     *
     * @throws Refusal
     */
    private static function without(array $scenes, array $all, array $dropped): array
    {
        $kept = [];
        $changed = [];
        foreach ($all as $i => [$scene, $sentence]) {
            if (isset($dropped[$i])) {
                $changed[$scene] = true;
            } else {
                $kept[$scene][] = $sentence;
            }
        }
        $left = [];
        foreach ($scenes as $number => $scene) {
            $text = implode(' ', $kept[$number] ?? []);
            if (! isset($changed[$number])) {
                $left[$number] = $scene;
            } elseif (Scene::isSpeakable($text)) {
                $left[$number] = $scene->saying($text);
            }
        }

        return $left;
    }
}
