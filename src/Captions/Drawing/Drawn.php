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
     * @param  int|null  $letters  how many are shown; null for all
     * @param  bool  $isSpoken  whether they are of the word that is said
     */
    public function __construct(
        public int $from,
        public int $until,
        public ?Piece $piece,
        public ?array $plate,
        public DrawnPaint $look,
        public ?int $letters = null,
        public bool $isSpoken = false,
    ) {
    }

    /** The same for longer. */
    public function until(int $until): self
    {
        return new self(
            $this->from, $until, $this->piece, $this->plate, $this->look, $this->letters, $this->isSpoken,
        );
    }

    /** Whether it is the same but for its time. */
    public function looksLike(self $other): bool
    {
        return $this->piece === $other->piece && $this->plate === $other->plate
            && $this->look->x === $other->look->x && $this->look->y === $other->look->y
            && $this->look->scale === $other->look->scale && $this->look->clear === $other->look->clear
            && $this->look->colour === $other->look->colour && $this->letters === $other->letters
            && $this->isSpoken === $other->isSpoken;
    }
}
