<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

use RapidReel\Captions\Style\CaptionStyle;

/** All that is set for a scene, and for those of its shots that have nothing of their own. */
final readonly class SceneSettings
{
    /**
     * @param  CaptionStyle|null  $captions  how its captions look; null where it has none
     * @param  SecondCaptions|null  $second  those in another language; null where there are none
     */
    public function __construct(
        public SpeechChoice $speech = new SpeechChoice,
        public PaceChoice $pace = new PaceChoice,
        public ?CaptionStyle $captions = new CaptionStyle,
        public ShotSettings $shots = new ShotSettings,
        public ?SecondCaptions $second = null,
    ) {
    }

    public function with(?SecondCaptions $second): self
    {
        return new self($this->speech, $this->pace, $this->captions, $this->shots, $second);
    }
}
