<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cue;

use RapidReel\Base\FrameShape;

/** A caption as it stands in the frame. In pixels of a frame of its shape. */
final readonly class Setting
{
    /**
     * @param  non-empty-list<int>  $lines  number of words on each line, from the top
     * @param  float  $scale  0…1, how much of its size the type has
     * @param  list<Piece>  $pieces  in order of the words
     * @param  array{float, float, float, float}  $box  left, top, right and bottom of the letters: capitals and what
     *                                                  hangs below the line
     * @param  bool  $isTight  whether it was made smaller than its style allows
     * @param  bool  $isLeftwards  whether it is read from the right
     */
    public function __construct(
        public array $lines,
        public float $scale,
        public array $pieces,
        public array $box,
        public bool $isTight = false,
        public FrameShape $shape = FrameShape::Upright,
        public bool $isLeftwards = false,
    ) {
    }

    /** The same so many pixels further down. */
    public function moved(float $by): self
    {
        [$left, $top, $right, $bottom] = $this->box;

        return new self(
            $this->lines,
            $this->scale,
            array_map(static fn (Piece $piece): Piece => $piece->moved($by), $this->pieces),
            [$left, round($top + $by, 1), $right, round($bottom + $by, 1)],
            $this->isTight,
            $this->shape,
            $this->isLeftwards,
        );
    }

    /** @return array{float, float, float, float} the same box as fractions of the frame */
    public function parts(): array
    {
        [$left, $top, $right, $bottom] = $this->box;
        [$width, $height] = [$this->shape->width(), $this->shape->height()];

        return [$left / $width, $top / $height, $right / $width, $bottom / $height];
    }

    /** @return non-empty-list<int> after how many words of the caption each line ends */
    public function ends(): array
    {
        $ends = [];
        $at = 0;
        foreach ($this->lines as $count) {
            $ends[] = $at += $count;
        }

        return $ends;
    }

    /**
     * @return array{
     *     lines: non-empty-list<int>, scale: float,
     *     pieces: list<array{int, int, string, string, string, float, float, float, float, float, bool}>,
     *     box: array{float, float, float, float}, tight: bool, shape?: string, leftwards?: true
     * }
     */
    public function toArray(): array
    {
        return [
            'lines' => $this->lines, 'scale' => $this->scale,
            'pieces' => array_map(static fn (Piece $piece): array => $piece->toArray(), $this->pieces),
            'box' => $this->box, 'tight' => $this->isTight,
            ...($this->shape === FrameShape::Upright ? [] : ['shape' => $this->shape->value]),
            ...($this->isLeftwards ? ['leftwards' => true] : []),
        ];
    }

    /**
     * @param  array{
     *     lines: non-empty-list<int>, scale: float|int,
     *     pieces: list<array{
     *         int, int, string, string, string, float|int, float|int, float|int, float|int, float|int, bool
     *     }>,
     *     box: array{float|int, float|int, float|int, float|int}, tight: bool, shape?: string, leftwards?: true
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['lines'],
            (float) $data['scale'],
            array_map(Piece::fromArray(...), $data['pieces']),
            array_map(floatval(...), $data['box']),
            $data['tight'],
            FrameShape::from($data['shape'] ?? FrameShape::Upright->value),
            isset($data['leftwards']),
        );
    }
}
