<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/** Which logo is over a short, where and how. */
final readonly class LogoChoice
{
    /**
     * @param  string  $picture  hash of its picture
     * @param  int  $size  its width, in percent of the frame's
     * @param  int  $opacity  in percent
     * @param  bool  $isAtEnd  whether it comes with the last scene alone
     */
    public function __construct(
        public string $picture,
        public LogoPlace $place,
        public int $size,
        public int $opacity,
        public bool $isAtEnd,
    ) {
    }
}
