<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use InvalidArgumentException;
use RapidReel\Base\Colour\ColourMatch;
use RapidReel\Base\Colour\Grade;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Pictures\Matte\Keying;
use RapidReel\Plan\Choice\Transition;

/**
 * One picture on screen: which footage, from where in it, and how it is framed and moves. Times in ms of the short.
 *
 * @phpstan-import-type KeyingData from Keying
 */
final readonly class CutShot
{
    /**
     * @param  int  $width  of the footage, in pixels
     * @param  int  $height  of the footage, in pixels
     * @param  int  $inMs  where in a clip the shot begins
     * @param  FramePath  $path  of the window over the footage, from the shot's start
     * @param  int  $word  of its scene at which it begins, from 0
     * @param  int  $dim  by how much it is darkened, in percent
     * @param  Backdrop|null  $backdrop  where all of the footage is shown over something, instead of a window of it
     * @param  string  $why  it shows this, in words
     * @param  bool  $isGood  whether what it shows fits what is said
     * @param  bool  $isOdd  whether its colours are unlike those of the rest
     * @param  ColourMatch|null  $match  the grade that brings its colours to those of the rest
     * @param  Transition|null  $transition  how the shot before goes over into it; null for a plain cut
     * @param  StillMotion|null  $motion  of a still, as it was found; null of a clip
     * @param  float  $speed  of a clip, 1 as it was taken
     * @param  int  $loopMs  after so many ms of a clip it begins again; 0 where it does not
     * @param  int|null  $sound  how far a clip's own sound stays under the voice, in dB; null where it is not heard
     * @param  Grade|null  $grade  how it is graded; null where it stays as it is
     * @param  list<string>  $ground  both colours behind it, the upper first, where it is shown over two
     * @param  Keying|null  $key  how its subject is taken off its ground; null where it is not
     * @param  int  $shade  by how much it is darkened under its captions, in percent
     */
    public function __construct(
        public string $footage,
        public FootageKind $kind,
        public string $fingerprint,
        public int $width,
        public int $height,
        public int $startMs,
        public int $endMs,
        public int $inMs,
        public FramePath $path,
        public int $word,
        public int $dim = 0,
        public ?Backdrop $backdrop = null,
        public string $why = '',
        public bool $isGood = true,
        public bool $isOdd = false,
        public ?ColourMatch $match = null,
        public ?Transition $transition = null,
        public ?StillMotion $motion = null,
        public float $speed = 1.0,
        public int $loopMs = 0,
        public ?int $sound = null,
        public ?Grade $grade = null,
        public array $ground = [],
        public ?Keying $key = null,
        public int $shade = 0,
    ) {
        if ($endMs <= $startMs || $inMs < 0) {
            throw new InvalidArgumentException('A shot must last.');
        }
    }

    public function shaded(int $percent): self
    {
        return new self(
            $this->footage, $this->kind, $this->fingerprint, $this->width, $this->height, $this->startMs, $this->endMs,
            $this->inMs, $this->path, $this->word, $this->dim, $this->backdrop, $this->why, $this->isGood, $this->isOdd,
            $this->match, $this->transition, $this->motion, $this->speed, $this->loopMs, $this->sound, $this->grade,
            $this->ground, $this->key, $percent,
        );
    }

    /** How much of a clip is shown, in ms of it */
    public function clipMs(): int
    {
        $ms = (int) round(($this->endMs - $this->startMs) * $this->speed);

        return $this->loopMs > 0 ? min($this->loopMs, $ms) : $ms;
    }

    /**
     * @param  int  $laterMs  added to its times
     * @return array{
     *     footage: string, start_ms: int, end_ms: int, kind: string, fingerprint: string, width: int, height: int,
     *     in_ms: int, path: list<array{ms: int, x: float, y: float, scale: float}>, word: int,
     *     dim: int, backdrop: string|null, why: string, fits: bool, odd: bool,
     *     match: array{gain: float, lift: float, saturation: float, blue: float, red: float}|null,
     *     transition?: array{kind: string, ms: int}, motion?: string, speed?: float, loop_ms?: int,
     *     sound?: int, grade?: array<string, int|string>,
     *     ground?: list<string>, key?: array<string, mixed>, shade?: int
     * }
     */
    public function toArray(int $laterMs = 0): array
    {
        return [
            'footage' => $this->footage,
            'start_ms' => $this->startMs + $laterMs,
            'end_ms' => $this->endMs + $laterMs,
            'kind' => $this->kind->value,
            'fingerprint' => $this->fingerprint,
            'width' => $this->width,
            'height' => $this->height,
            'in_ms' => $this->inMs,
            'path' => $this->path->toArray(),
            'word' => $this->word,
            'dim' => $this->dim,
            'backdrop' => $this->backdrop?->value,
            'why' => $this->why,
            'fits' => $this->isGood,
            'odd' => $this->isOdd,
            'match' => $this->match?->toArray(),
            ...$this->transition === null ? [] : ['transition' => $this->transition->toArray()],
            ...$this->motion === null ? [] : ['motion' => $this->motion->value],
            ...$this->speed === 1.0 ? [] : ['speed' => $this->speed],
            ...$this->loopMs === 0 ? [] : ['loop_ms' => $this->loopMs],
            ...$this->sound === null ? [] : ['sound' => $this->sound],
            ...$this->grade === null ? [] : ['grade' => $this->grade->toArray()],
            ...$this->ground === [] ? [] : ['ground' => $this->ground],
            ...$this->key === null ? [] : ['key' => $this->key->toArray()],
            ...$this->shade === 0 ? [] : ['shade' => $this->shade],
        ];
    }

    /**
     * @param  array{
     *     footage: string, start_ms: int, end_ms: int, kind: string, fingerprint: string, width: int, height: int,
     *     in_ms: int, path: non-empty-list<array{ms: int, x: float|int, y: float|int, scale: float|int}>, word: int,
     *     dim: int, backdrop?: string|null, why?: string, fits?: bool, odd?: bool,
     *     match?: array{gain: float|int, lift: float|int, saturation: float|int, blue: float|int, red: float|int}|null,
     *     transition?: array{kind: string, ms: int}, motion?: string, speed?: float|int, loop_ms?: int,
     *     sound?: int, grade?: array<string, mixed>,
     *     ground?: list<string>, key?: KeyingData, shade?: int
     * } $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['footage'],
            FootageKind::from($data['kind']),
            $data['fingerprint'],
            $data['width'],
            $data['height'],
            $data['start_ms'],
            $data['end_ms'],
            $data['in_ms'],
            FramePath::fromArray($data['path']),
            $data['word'],
            $data['dim'],
            Backdrop::tryFrom($data['backdrop'] ?? ''),
            $data['why'] ?? '',
            $data['fits'] ?? true,
            $data['odd'] ?? false,
            isset($data['match']) ? ColourMatch::fromArray($data['match']) : null,
            Transition::fromArray($data['transition'] ?? null),
            StillMotion::tryFrom($data['motion'] ?? ''),
            (float) ($data['speed'] ?? 1.0),
            $data['loop_ms'] ?? 0,
            $data['sound'] ?? null,
            isset($data['grade']) ? Grade::fromArray($data['grade']) : null,
            $data['ground'] ?? [],
            Keying::fromArray($data['key'] ?? null),
            $data['shade'] ?? 0,
        );
    }
}
