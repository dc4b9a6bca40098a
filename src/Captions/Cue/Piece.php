<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cue;

/**
 * Letters of a word as they stand in the frame, in one face. In pixels of the frame, to a tenth.
 */
final readonly class Piece
{
    /**
     * @param  int  $word  number of it in its caption
     * @param  int  $line  that it stands on, from the top
     * @param  string  $text  as it is drawn
     * @param  string  $face  id of the face that draws it
     * @param  string  $family  the name by which a renderer finds that
     * @param  float  $size  as a renderer of ASS takes it: ascent and descent of the face together
     * @param  float  $x  of its middle
     * @param  float  $y  of the middle between its ascent and its descent
     * @param  float  $foot  the line that it stands on
     * @param  float  $width  of its letters
     */
    public function __construct(
        public int $word,
        public int $line,
        public string $text,
        public string $face,
        public string $family,
        public float $size,
        public float $x,
        public float $y,
        public float $foot,
        public float $width,
        public bool $isEmoji = false,
    ) {
    }

    /** The same of another word. */
    public function of(int $word): self
    {
        return new self(
            $word, $this->line, $this->text, $this->face, $this->family, $this->size, $this->x, $this->y, $this->foot,
            $this->width, $this->isEmoji,
        );
    }

    /** @return array{int, int, string, string, string, float, float, float, float, float, bool} */
    public function toArray(): array
    {
        return [
            $this->word, $this->line, $this->text, $this->face, $this->family, $this->size, $this->x, $this->y,
            $this->foot, $this->width, $this->isEmoji,
        ];
    }

    /**
     * @param  array{
     *     int, int, string, string, string, float|int, float|int, float|int, float|int, float|int, bool
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data[0], $data[1], $data[2], $data[3], $data[4], (float) $data[5], (float) $data[6], (float) $data[7],
            (float) $data[8], (float) $data[9], $data[10],
        );
    }
}
