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
     */
    public function __construct(
        public int $word,
        public int $line,
        public string $text,
        public PieceType $type,
        public PieceBox $box,
        public bool $isEmoji = false,
    ) {
    }

    /** The same of another word. */
    public function of(int $word): self
    {
        return new self(
            $word, $this->line, $this->text, $this->type, $this->box, $this->isEmoji,
        );
    }

    /** The same so many pixels further down. */
    public function moved(float $by): self
    {
        $box = new PieceBox(
            $this->box->x, round($this->box->y + $by, 1), round($this->box->foot + $by, 1), $this->box->width,
        );

        return new self($this->word, $this->line, $this->text, $this->type, $box, $this->isEmoji);
    }

    /** @return array{int, int, string, string, string, float, float, float, float, float, bool} */
    public function toArray(): array
    {
        return [
            $this->word, $this->line, $this->text, $this->type->face, $this->type->family, $this->type->size,
            $this->box->x, $this->box->y, $this->box->foot, $this->box->width, $this->isEmoji,
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
            $data[0],
            $data[1],
            $data[2],
            new PieceType($data[3], $data[4], (float) $data[5]),
            new PieceBox((float) $data[6], (float) $data[7], (float) $data[8], (float) $data[9]),
            $data[10],
        );
    }
}
