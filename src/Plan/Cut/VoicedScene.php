<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\ShotSettings;
use RapidReel\Text\Script\Scene;
use RapidReel\Voice\Speech\Take;

/** A scene with its take, and what is set for it and for its shots. */
final readonly class VoicedScene
{
    /** @var array<int, ChosenShot> by the word they begin at, rising */
    public array $chosen;

    /** @param  array<ChosenShot>  $chosen */
    public function __construct(
        public Scene $scene,
        public Take $take,
        array $chosen = [],
        public SceneSettings $settings = new SceneSettings,
    ) {
        $byWord = [];
        $last = count($take->words) - 1;
        foreach ($chosen as $shot) {
            // A take may hold fewer words than the text; what is beyond them goes with the last.
            $byWord[min($shot->word, $last)] ??= $shot;
        }
        ksort($byWord);
        $this->chosen = $byWord;
    }

    /** What is set for the shot that begins at a word. */
    public function shotAt(int $word): ShotSettings
    {
        return $this->chosen[$word]->settings ?? $this->settings->shots;
    }

    /** @return array<int, int> words that touched shots are held over at least, by the word that each begins at */
    public function spans(): array
    {
        return array_filter(array_map(static fn (ChosenShot $shot): int => $shot->span, $this->chosen));
    }

    /** @return list<int> words at which a shot begins that was touched */
    public function fixed(): array
    {
        return array_keys(array_filter($this->chosen, static fn (ChosenShot $shot): bool => $shot->isLocked));
    }
}
