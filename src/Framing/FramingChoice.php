<?php

declare(strict_types=1);

namespace RapidReel\Framing;

/** How a shot is to be framed, before it is known what it shows. */
final readonly class FramingChoice
{
    /** How close a window is, in percent of the largest there is: the least and the most. */
    public const WIDEST = 100;

    public const CLOSEST = 300;

    /**
     * @param  int  $close  100…300
     * @param  StillMotion  $motion  of a still
     * @param  int  $strength  of that motion, in percent of the window, 1…40
     * @param  bool  $isEven  whether it goes on evenly, and not eased at both ends
     */
    public function __construct(
        public Framing $framing = Framing::Follow,
        public int $close = self::WIDEST,
        public StillMotion $motion = StillMotion::Varied,
        public int $strength = StillMotion::STRENGTH,
        public bool $isEven = false,
    ) {
    }

    /** The same with another motion of stills. */
    public function moving(StillMotion $motion): self
    {
        return new self($this->framing, $this->close, $motion, $this->strength, $this->isEven);
    }
}
