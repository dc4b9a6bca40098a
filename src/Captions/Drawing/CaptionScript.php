<?php

declare(strict_types=1);

namespace RapidReel\Captions\Drawing;

/** Captions as a renderer takes them. */
final readonly class CaptionScript
{
    /**
     * @param  string  $ass  as an ASS script
     * @param  list<string>  $faces  ids of the faces that draw them
     * @param  array{int, int}|null  $band  first and last line of the script's frame that anything is drawn on; null
     *                                      where nothing is drawn
     */
    public function __construct(
        public string $ass,
        public array $faces,
        public ?array $band,
    ) {
    }

    public static function none(): self
    {
        return new self('', [], null);
    }

    /** @return array{ass: string, faces: list<string>, band: array{int, int}|null} */
    public function toArray(): array
    {
        return ['ass' => $this->ass, 'faces' => $this->faces, 'band' => $this->band];
    }

    /** @param  array{ass: string, faces: list<string>, band: array{int, int}|null}  $data */
    public static function fromArray(array $data): self
    {
        return new self($data['ass'], $data['faces'], $data['band']);
    }
}
