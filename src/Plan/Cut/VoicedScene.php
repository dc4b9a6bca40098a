<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Colour\Grade;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Matte\KeyChoice;
use RapidReel\Plan\Pace\ShotPlanner;
use RapidReel\Text\Script\Scene;
use RapidReel\Voice\Speech\Take;

/** A scene with its take, what is settled for its shots, and how it is paced. */
final readonly class VoicedScene
{
    /** @var array<int, ChosenShot> by the word they begin at, rising */
    public array $chosen;

    /**
     * @param  array<ChosenShot>  $chosen
     * @param  int|null  $pauseMs  silence after it; null for the usual
     * @param  FramingChoice  $framing  of its shots
     * @param  CaptionStyle|null  $captions  how its captions look; null where it has none
     * @param  int  $dim  by how much its pictures are darkened, in percent
     * @param  bool  $isMatched  whether the colours of its pictures are brought to those of the short
     * @param  int  $tailMs  silence after it where it is the last
     * @param  Transition|null  $transition  how pictures go over into its shots
     * @param  ClipFit  $fit  what is done with clips that do not last as long as their shots
     * @param  SceneSounds  $sounds  what is heard beside the voice
     * @param  Grade|null  $grade  of its pictures; null where they stay as they are
     * @param  KeyChoice|null  $key  how subjects are taken off plain grounds; null where they are not
     */
    public function __construct(
        public Scene $scene,
        public Take $take,
        array $chosen = [],
        public ?int $pauseMs = null,
        public ShotPlanner $pace = new ShotPlanner,
        public FramingChoice $framing = new FramingChoice,
        public ?CaptionStyle $captions = new CaptionStyle,
        public int $dim = 0,
        public bool $isMatched = false,
        public int $tailMs = ScenePacer::TAIL_MS,
        public ?Transition $transition = null,
        public ClipFit $fit = ClipFit::Hold,
        public SceneSounds $sounds = new SceneSounds,
        public ?Grade $grade = null,
        public ?KeyChoice $key = null,
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
