<?php

declare(strict_types=1);

namespace RapidReel\Caption;

/**
 * How captions look. Sizes and places are fractions of the frame's height, colours are RRGGBB.
 */
final readonly class CaptionStyle
{
    /** Between words: the space of a condensed face is too narrow to part them on a phone. */
    public const WORD_SPACE = '  ';

    public function __construct(
        public float $size = 0.092,
        public float $middle = 0.62,
        public float $outline = 0.0042,
        public float $shadow = 0.0026,
        public string $ink = 'FFFFFF',
        public string $mark = 'FFC247',
        public string $edge = '14202B',
        public bool $upperCase = true,
    ) {
    }

    /**
     * @return array{
     *     size: float, middle: float, outline: float, shadow: float, ink: string, mark: string, edge: string,
     *     upperCase: bool
     * }
     */
    public function toArray(): array
    {
        return [
            'size' => $this->size, 'middle' => $this->middle, 'outline' => $this->outline, 'shadow' => $this->shadow,
            'ink' => $this->ink, 'mark' => $this->mark, 'edge' => $this->edge, 'upperCase' => $this->upperCase,
        ];
    }
}
