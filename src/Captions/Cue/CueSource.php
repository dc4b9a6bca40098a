<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cue;

/** Which words a caption shows. */
final readonly class CueSource
{
    /**
     * @param  int  $scene  number of its scene
     * @param  int  $word  number of its first word in the scene
     * @param  int  $count  how many words of the scene it is shown for
     * @param  bool  $isLocked  whether an operator made it
     */
    public function __construct(
        public int $scene = 0,
        public int $word = 0,
        public int $count = 1,
        public bool $isLocked = false,
    ) {
    }
}
