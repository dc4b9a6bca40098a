<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Colour\Grade;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Pictures\Matte\KeyChoice;

/** What is settled for the shot that begins at a word, before the whole is paced. */
final readonly class ChosenShot
{
    /**
     * @param  int  $word  number of the word in its scene
     * @param  int  $offset  frames off that word's start
     * @param  int|null  $inMs  where in a clip it begins; null for the usual place
     * @param  FramingChoice|null  $framing  null for that of the scene
     * @param  int|null  $dim  by how much it is darkened, in percent; null for that of the scene
     * @param  list<Pin>  $pins  where its window must stand
     * @param  bool|null  $isMatched  whether its colours are brought to those of the short; null for that of the scene
     * @param  int  $span  words that it is held over at least; 0 where the pace says how long
     * @param  Transition|null  $transition  how the shot before goes over into it, where it has settings of its own
     * @param  bool  $hasOwn  whether it has settings of its own
     * @param  ClipFit|null  $fit  what is done with a clip that does not last; null for that of the scene
     * @param  SceneSounds|null  $sounds  what is heard beside the voice; null for that of the scene
     * @param  string  $effect  the sound where it begins; empty for none
     * @param  Grade|null  $grade  where it has settings of its own
     * @param  KeyChoice|null  $key  where it has settings of its own
     */
    public function __construct(
        public int $word,
        public ?Footage $footage = null,
        public bool $isLocked = false,
        public int $offset = 0,
        public ?int $inMs = null,
        public ?FramingChoice $framing = null,
        public ?int $dim = null,
        public array $pins = [],
        public ?bool $isMatched = null,
        public int $span = 0,
        public ?Transition $transition = null,
        public bool $hasOwn = false,
        public ?ClipFit $fit = null,
        public ?SceneSounds $sounds = null,
        public string $effect = '',
        public ?Grade $grade = null,
        public ?KeyChoice $key = null,
    ) {
    }
}
