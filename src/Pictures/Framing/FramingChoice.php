<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing;

/** How a shot is to be framed, before it is known what it shows. */
final readonly class FramingChoice
{
    /** How close a window is, in percent of the largest there is: the least and the most. */
    public const WIDEST = 100;

    public const CLOSEST = 300;

    /** Colours behind what is shown over two. */
    public const TOP = '1F3540';

    public const BOTTOM = '0B1418';

    /**
     * @param  int  $close  100…300
     * @param  StillMotion  $motion  of a still
     * @param  int  $strength  of that motion, in percent of the window, 1…40
     * @param  bool  $isEven  whether it goes on evenly, and not eased at both ends
     * @param  string  $top  colour behind what is shown over two, as RRGGBB
     * @param  string  $bottom  the other
     */
    public function __construct(
        public Framing $framing = Framing::Follow,
        public int $close = self::WIDEST,
        public StillMotion $motion = StillMotion::Varied,
        public int $strength = StillMotion::STRENGTH,
        public bool $isEven = false,
        public string $top = self::TOP,
        public string $bottom = self::BOTTOM,
    ) {
    }

    /** The same with another motion of stills. */
    public function moving(StillMotion $motion): self
    {
        return new self(
            $this->framing, $this->close, $motion, $this->strength, $this->isEven, $this->top, $this->bottom,
        );
    }
}
