<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Pictures\Footage\FootageKind;

/** Which footage a shot shows. */
final readonly class CutSource
{
    /**
     * @param  string  $footage  id of it
     * @param  string  $fingerprint  hash of its content
     * @param  int  $width  in pixels
     * @param  int  $height  in pixels
     */
    public function __construct(
        public string $footage,
        public FootageKind $kind,
        public string $fingerprint,
        public int $width,
        public int $height,
    ) {
    }

    public function isClip(): bool
    {
        return $this->kind === FootageKind::Clip;
    }

    /** @return array{footage: string, kind: string, fingerprint: string, width: int, height: int} */
    public function toArray(): array
    {
        return [
            'footage' => $this->footage, 'kind' => $this->kind->value, 'fingerprint' => $this->fingerprint,
            'width' => $this->width, 'height' => $this->height,
        ];
    }

    /** @param  array{footage: string, kind: string, fingerprint: string, width: int, height: int, ...}  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['footage'], FootageKind::from($data['kind']), $data['fingerprint'], $data['width'], $data['height'],
        );
    }
}
