<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Matte\MatteChoice;

/** All that is set for a shot. */
final readonly class ShotSettings
{
    /**
     * @param  Transition|null  $transition  how the shot before goes over into it; null for a plain cut
     * @param  ClipFit  $fit  what is done with a clip that does not last as long as it
     * @param  MatteChoice|null  $key  how a subject is taken off its plain ground; null where it is not
     * @param  SceneSounds  $sounds  what is heard beside the voice
     * @param  string  $effect  the sound where it begins; empty for none
     */
    public function __construct(
        public FramingChoice $framing = new FramingChoice,
        public PictureChoice $picture = new PictureChoice,
        public ?Transition $transition = null,
        public ClipFit $fit = ClipFit::Hold,
        public ?MatteChoice $key = null,
        public SceneSounds $sounds = new SceneSounds,
        public string $effect = '',
    ) {
    }
}
