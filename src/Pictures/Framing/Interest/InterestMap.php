<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Interest;

use InvalidArgumentException;
use RapidReel\Base\Colour\PictureColours;

/**
 * Where the interest of a clip or a still lies: for each moment a profile across and one down, bytes from 0 to 255, and
 * the moments at which its own shots begin. Times in ms of the file.
 */
final readonly class InterestMap
{
    /** Raised whenever the same pictures are judged otherwise. */
    public const VERSION = 3;

    /**
     * @param  int  $width  of the pictures, in pixels as they are seen
     * @param  int  $height  of the pictures, in pixels as they are seen
     * @param  int  $stepMs  between two moments
     * @param  non-empty-list<string>  $across
     * @param  non-empty-list<string>  $down
     * @param  non-empty-list<int>  $shots  first is 0
     * @param  PictureColours|null  $colours  of all of it
     */
    public function __construct(
        public int $width,
        public int $height,
        public int $stepMs,
        public array $across,
        public array $down,
        public array $shots = [0],
        public ?PictureColours $colours = null,
    ) {
        if ($width < 2 || $height < 2 || $stepMs < 1 || count($across) !== count($down)) {
            throw new InvalidArgumentException('A map of interest needs a picture at every moment.');
        }
    }

    /** Of what nobody has looked at, or is to be shown in its middle. */
    public static function middle(int $width, int $height): self
    {
        return new self($width, $height, 1_000, ["\0\1\1\0"], ["\0\1\1\0"]);
    }

    public function moments(): int
    {
        return count($this->across);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'version' => self::VERSION,
            'width' => $this->width,
            'height' => $this->height,
            'step_ms' => $this->stepMs,
            'across' => array_map(base64_encode(...), $this->across),
            'down' => array_map(base64_encode(...), $this->down),
            'shots' => $this->shots,
            'colours' => $this->colours?->toArray(),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $found  as toArray() wrote it
     * @return self|null null where it was made by other rules
     */
    public static function fromArray(array $found): ?self
    {
        if (($found['version'] ?? null) !== self::VERSION) {
            return null;
        }
        /**
         * @var array{
         *     version: int, width: int, height: int, step_ms: int, across: non-empty-list<string>,
         *     down: non-empty-list<string>, shots: non-empty-list<int>,
         *     colours: array{
         *         palette: non-empty-list<array{float, float, float, float}>, light: float, contrast: float,
         *         blue: float, red: float, saturation: float
         *     }|null
         * } $data
         */
        $data = $found;
        $bytes = static fn (string $text): string => (string) base64_decode($text, true);

        return new self(
            $data['width'],
            $data['height'],
            $data['step_ms'],
            array_map($bytes, $data['across']),
            array_map($bytes, $data['down']),
            $data['shots'],
            $data['colours'] === null ? null : PictureColours::fromArray($data['colours']),
        );
    }
}
