<?php

declare(strict_types=1);

namespace RapidReel\Captions\Drawing;

use RapidReel\Captions\Cue\Piece;

/**
 * Something of a caption that looks the same from one frame to another: letters, the glow behind them, or a plate.
 * Lengths in pixels of a frame of 1080 × 1920.
 */
final readonly class Drawn
{
    /**
     * @param  int  $from  the first frame, from the origin
     * @param  int  $until  the frame after the last
     * @param  Piece|null  $piece  letters; null for a plate
     * @param  array{float, float, float, float}|null  $plate  left, top, right and bottom; null for letters
     * @param  float  $x  of the middle of letters
     * @param  float  $y  of the middle of letters
     * @param  float  $scale  of letters, 1 as they are set
     * @param  int  $clear  0 opaque … 255 not to be seen
     * @param  string  $colour  of letters or plate, RRGGBB
     * @param  int|null  $letters  how many are shown; null for all
     * @param  bool  $isSpoken  whether they are of the word that is said
     */
    public function __construct(
        public int $from,
        public int $until,
        public ?Piece $piece,
        public ?array $plate,
        public float $x,
        public float $y,
        public float $scale,
        public int $clear,
        public string $colour,
        public ?int $letters = null,
        public bool $isSpoken = false,
    ) {
    }

    /** The same for longer. */
    public function until(int $until): self
    {
        return new self(
            $this->from, $until, $this->piece, $this->plate, $this->x, $this->y, $this->scale, $this->clear,
            $this->colour, $this->letters, $this->isSpoken,
        );
    }

    /** Whether it is the same but for its time. */
    public function looksLike(self $other): bool
    {
        return $this->piece === $other->piece && $this->plate === $other->plate && $this->x === $other->x
            && $this->y === $other->y && $this->scale === $other->scale && $this->clear === $other->clear
            && $this->colour === $other->colour && $this->letters === $other->letters
            && $this->isSpoken === $other->isSpoken;
    }
}
