<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use InvalidArgumentException;
use RapidReel\Base\FrameGrid;
use RapidReel\Base\FrameShape;
use RapidReel\Base\TargetProfile;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Plan\Choice\ProgressLine;
use RapidReel\Plan\Choice\Transition;

/**
 * The complete timed plan of one short: all that is needed to preview, measure or render it. Times in ms from its
 * start.
 *
 * @phpstan-type Report array{
 *     schema: int, duration_ms: int, hook_ms: int,
 *     scenes: list<array{
 *         role: string, text: string, start_ms: int, end_ms: int, shots: list<array<string, mixed>>
 *     }>,
 *     words: list<array{text: string, start_ms: int, end_ms: int, scene: int}>,
 *     cues: list<array{text: string, start_ms: int, end_ms: int}>,
 *     flags: list<array{code: string, message: string}>
 * }
 */
final readonly class Cut
{
    public const SCHEMA = 3;

    /**
     * @param  non-empty-list<CutScene>  $scenes  one after the other, from 0 to the end
     * @param  list<CutWord>  $words
     * @param  list<Cue>  $cues
     * @param  list<Flag>  $flags
     * @param  Transition|null  $loop  how the end goes over into the first picture, so that it plays round
     * @param  list<CutEffect>  $effects  in order of their moments
     * @param  CutLogo|null  $logo  that is laid over it
     * @param  list<CutCard>  $cards  that are laid over it for a time, in order of their moments
     * @param  ProgressLine|null  $progress  that shows how far it has gone
     * @param  IntroOutro  $introOutro  what stands before it and after it; no other time here counts that
     */
    public function __construct(
        public string $title,
        public TargetProfile $profile,
        public int $durationMs,
        public int $hookMs,
        public array $scenes,
        public array $words,
        public array $cues,
        public array $flags,
        public ?CutMusic $music,
        public FrameShape $shape = FrameShape::Upright,
        public ?Transition $loop = null,
        public array $effects = [],
        public ?CutLogo $logo = null,
        public array $cards = [],
        public ?ProgressLine $progress = null,
        public IntroOutro $introOutro = new IntroOutro,
    ) {
        $at = 0;
        foreach ($scenes as $scene) {
            if ($scene->startMs !== $at) {
                throw new InvalidArgumentException('The scenes of a cut must follow one another.');
            }
            $at = $scene->endMs;
        }
        if ($at !== $durationMs) {
            throw new InvalidArgumentException('A cut ends where its last scene does.');
        }
    }

    /** @return int moment that the logo comes at; the end of the short where it has none */
    public function logoMs(): int
    {
        return match (true) {
            $this->logo === null => $this->durationMs,
            $this->logo->isAtEnd => $this->scenes[count($this->scenes) - 1]->startMs,
            default => 0,
        };
    }

    /** @return array{float, float, float}|null left, top and width of the logo; null where there is none, or no room */
    public function logoBox(): ?array
    {
        $from = $this->logoMs();

        return $this->logo?->box($this->shape, array_values(array_filter(
            $this->cues,
            static fn (Cue $cue): bool => $cue->endMs > $from,
        )));
    }

    public function grid(): FrameGrid
    {
        return new FrameGrid(TargetProfile::FPS);
    }

    public function frames(): int
    {
        return $this->grid()->frameOf($this->durationMs);
    }

    /**
     * The same with some shots darkened under their captions.
     *
     * @param  array<int, int>  $percent  by the moment at which each begins
     */
    public function shaded(array $percent): self
    {
        $shade = static fn (CutShot $shot): CutShot => isset($percent[$shot->startMs])
            ? $shot->looking($shot->look->shaded($percent[$shot->startMs]))
            : $shot;
        $scenes = array_map(static fn (CutScene $scene): CutScene => $scene->withShots($shade), $this->scenes);

        return new self(
            $this->title, $this->profile, $this->durationMs, $this->hookMs, $scenes, $this->words, $this->cues,
            $this->flags, $this->music, $this->shape, $this->loop, $this->effects, $this->logo, $this->cards,
            $this->progress, $this->introOutro,
        );
    }

    /** How long it is with what stands before it and after it. */
    public function wholeMs(): int
    {
        return $this->durationMs + $this->introOutro->ms();
    }

    /** The same in frames. */
    public function wholeFrames(): int
    {
        return $this->frames() + $this->introOutro->frames($this->grid());
    }

    /**
     * What callers outside are promised, no key more. Times from the begin of the opening.
     *
     * @return Report
     */
    public function report(): array
    {
        $later = $this->introOutro->openingMs();
        $scenes = [];
        foreach ($this->scenes as $scene) {
            $scenes[] = [
                'role' => $scene->role->value,
                'text' => $scene->text,
                'start_ms' => $scene->startMs + $later,
                'end_ms' => $scene->endMs + $later,
                'shots' => array_map(static fn (CutShot $shot): array => $shot->toArray($later), $scene->shots),
            ];
        }

        return [
            'schema' => self::SCHEMA,
            'duration_ms' => $this->wholeMs(),
            'hook_ms' => $this->hookMs + $later,
            'scenes' => $scenes,
            'words' => array_map(static fn (CutWord $word): array => $word->toArray($later), $this->words),
            'cues' => array_map(
                static fn (Cue $cue): array => [
                    'text' => $cue->text(),
                    'start_ms' => $cue->startMs + $later,
                    'end_ms' => $cue->endMs + $later,
                ],
                $this->cues,
            ),
            'flags' => array_map(static fn (Flag $flag): array => $flag->toArray(), $this->flags),
        ];
    }

    /** Two equal cuts hash equal. */
    public function hash(): string
    {
        return hash('sha256', CutJson::encode($this));
    }
}
