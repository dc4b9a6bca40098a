<?php

declare(strict_types=1);

namespace RapidReel\Captions\Style;

/** How the letters of captions are set. */
final readonly class StyleType
{
    /**
     * @param  string  $face  id of a typeface
     * @param  int  $size  height of a capital letter, in pixels
     * @param  string  $case  upper, written or lower
     * @param  int  $letterSpace  in pixels
     * @param  int  $lineSpace  percent of the usual distance of lines
     * @param  int  $lines  how many a caption may have
     * @param  int  $least  percent of its size that type may be shrunk to
     */
    public function __construct(
        public string $face = 'condensed',
        public int $size = 88,
        public string $case = 'upper',
        public int $letterSpace = 0,
        public int $lineSpace = 100,
        public int $lines = 3,
        public int $least = 60,
    ) {
    }

    /** A text as it is shown. */
    public function cased(string $text): string
    {
        return match ($this->case) {
            'upper' => mb_strtoupper($text),
            'lower' => mb_strtolower($text),
            default => $text,
        };
    }
}
