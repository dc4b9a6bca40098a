<?php

declare(strict_types=1);

namespace RapidReel\Captions\Contrast;

/** Something that would make a caption stand out: what of its style would change, or by how much the picture dims. */
final readonly class Mend
{
    /**
     * @param  array<string, int|string>  $style  fields of a caption style
     * @param  int  $dim  percent
     */
    public function __construct(
        public MendKind $kind,
        public array $style,
        public int $dim = 0,
    ) {
    }

    /** @return array{kind: string, style: array<string, int|string>, dim: int} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value, 'style' => $this->style, 'dim' => $this->dim];
    }

    /** @param  array{kind: string, style: array<string, int|string>, dim: int}  $data */
    public static function fromArray(array $data): self
    {
        return new self(MendKind::from($data['kind']), $data['style'], $data['dim']);
    }
}
