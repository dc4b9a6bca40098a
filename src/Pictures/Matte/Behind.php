<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Matte;

use InvalidArgumentException;
use RapidReel\Base\Colour\Written;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;

/** What a keyed subject is put over: two colours, a blurred copy of itself over them, a still or a clip. */
final readonly class Behind
{
    /**
     * @param  list<string>  $colours  the upper and the lower one, as RRGGBB
     * @param  string  $footage  hash of a still's or clip's content; empty for none
     * @param  int  $inMs  where in a clip it begins; a clip that ends is begun again
     */
    public function __construct(
        public BehindKind $kind,
        public array $colours,
        public string $footage = '',
        public FootageKind $footageKind = FootageKind::Still,
        public int $width = 0,
        public int $height = 0,
        public int $durationMs = 0,
        public int $inMs = 0,
    ) {
        Written::all($colours);
        if (count($colours) !== 2 || ($kind === BehindKind::Footage) !== ($footage !== '')) {
            throw new InvalidArgumentException('There are two colours behind a subject, or there is a picture.');
        }
    }

    /** @param  list<string>  $colours */
    public static function footage(Footage $footage, array $colours): self
    {
        return new self(
            BehindKind::Footage, $colours, $footage->fingerprint, $footage->kind, $footage->width, $footage->height,
            $footage->durationMs,
        );
    }

    /** The same so much later, or earlier. */
    public function from(int $ms): self
    {
        $inMs = $this->durationMs <= 0
            ? 0
            : (($this->inMs + $ms) % $this->durationMs + $this->durationMs) % $this->durationMs;

        return new self(
            $this->kind, $this->colours, $this->footage, $this->footageKind, $this->width, $this->height,
            $this->durationMs, $inMs,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'colours' => $this->colours,
            ...$this->footage === '' ? [] : [
                'footage' => $this->footage, 'footage_kind' => $this->footageKind->value, 'width' => $this->width,
                'height' => $this->height, 'duration_ms' => $this->durationMs, 'in_ms' => $this->inMs,
            ],
        ];
    }

    /**
     * @param  array{
     *     kind: string, colours: list<string>, footage?: string, footage_kind?: string, width?: int, height?: int,
     *     duration_ms?: int, in_ms?: int
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            BehindKind::from($data['kind']),
            $data['colours'],
            $data['footage'] ?? '',
            FootageKind::from($data['footage_kind'] ?? FootageKind::Still->value),
            $data['width'] ?? 0,
            $data['height'] ?? 0,
            $data['duration_ms'] ?? 0,
            $data['in_ms'] ?? 0,
        );
    }
}
