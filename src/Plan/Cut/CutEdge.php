<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use InvalidArgumentException;
use RapidReel\Pictures\Footage\FootageKind;

/** A clip or card that stands before a short or after it, with the sound that it has. */
final readonly class CutEdge
{
    /**
     * @param  string  $fingerprint  hash of its content
     * @param  int  $width  in pixels
     * @param  int  $height  in pixels
     * @param  int  $ms  how long it is seen, in whole frames: a longer clip is cut, the last picture of a shorter stays
     */
    public function __construct(
        public string $fingerprint,
        public FootageKind $kind,
        public int $width,
        public int $height,
        public int $ms,
    ) {
        if ($ms < 1) {
            throw new InvalidArgumentException('What stands before or after a short must last.');
        }
    }

    /** @return array{fingerprint: string, kind: string, width: int, height: int, ms: int} */
    public function toArray(): array
    {
        return [
            'fingerprint' => $this->fingerprint, 'kind' => $this->kind->value, 'width' => $this->width,
            'height' => $this->height, 'ms' => $this->ms,
        ];
    }

    /** @param  array{fingerprint: string, kind: string, width: int, height: int, ms: int}|null  $data */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self(
            $data['fingerprint'], FootageKind::from($data['kind']), $data['width'], $data['height'], $data['ms'],
        );
    }
}
