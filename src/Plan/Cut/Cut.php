<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use InvalidArgumentException;
use RapidReel\Base\FrameGrid;
use RapidReel\Base\Target\Target;
use RapidReel\Captions\Cue\Cue;

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

    public int $durationMs;

    /**
     * @param  non-empty-list<CutScene>  $scenes  one after the other, from 0 to the end
     * @param  list<CutWord>  $words
     * @param  list<Cue>  $cues
     */
    public function __construct(
        public string $title,
        public CutForm $form,
        public array $scenes,
        public array $words,
        public array $cues,
        public CutFindings $found,
        public CutSound $sound = new CutSound,
        public CutOver $over = new CutOver,
    ) {
        $at = 0;
        foreach ($scenes as $scene) {
            if ($scene->startMs !== $at) {
                throw new InvalidArgumentException('The scenes of a cut must follow one another.');
            }
            $at = $scene->endMs;
        }
        $this->durationMs = $at;
    }

    /** @param  non-empty-list<CutScene>  $scenes */
    public function withScenes(array $scenes): self
    {
        return new self(
            $this->title, $this->form, $scenes, $this->words, $this->cues, $this->found, $this->sound, $this->over,
        );
    }

    /** @param  list<Cue>  $cues */
    public function withCues(array $cues): self
    {
        return new self(
            $this->title, $this->form, $this->scenes, $this->words, $cues, $this->found, $this->sound, $this->over,
        );
    }

    public function titled(string $title): self
    {
        return new self(
            $title, $this->form, $this->scenes, $this->words, $this->cues, $this->found, $this->sound, $this->over,
        );
    }

    /** The same frames for another target. */
    public function madeFor(Target $target): self
    {
        return new self(
            $this->title, $this->form->madeFor($target), $this->scenes, $this->words, $this->cues, $this->found,
            $this->sound, $this->over,
        );
    }

    public function sounding(CutSound $sound): self
    {
        return new self(
            $this->title, $this->form, $this->scenes, $this->words, $this->cues, $this->found, $sound, $this->over,
        );
    }

    public function under(CutOver $over): self
    {
        return new self(
            $this->title, $this->form, $this->scenes, $this->words, $this->cues, $this->found, $this->sound, $over,
        );
    }

    /** @return int moment that the logo comes at; the end of the short where it has none */
    public function logoMs(): int
    {
        return match (true) {
            $this->over->logo === null => $this->durationMs,
            $this->over->logo->isAtEnd => $this->scenes[count($this->scenes) - 1]->startMs,
            default => 0,
        };
    }

    /** @return array{float, float, float}|null left, top and width of the logo; null where there is none, or no room */
    public function logoBox(): ?array
    {
        $from = $this->logoMs();

        return $this->over->logo?->box($this->form->frame, array_values(array_filter(
            $this->seenCues(),
            static fn (Cue $cue): bool => $cue->endMs > $from,
        )));
    }

    /** @return list<Cue> all captions that are seen, those in a second language too */
    public function seenCues(): array
    {
        return $this->over->second === [] ? $this->cues : [...$this->cues, ...$this->over->second];
    }

    public function grid(): FrameGrid
    {
        return $this->form->frame->grid();
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

        return $this->withScenes($scenes);
    }

    /** @return list<int> the frame in the middle of every caption that is seen, without what stands before */
    public function captionFrames(): array
    {
        $grid = $this->grid();

        return array_map(fn (Cue $cue): int => min(
            $this->frames() - 1, $grid->frameOf(intdiv($cue->startMs + $cue->endMs, 2)),
        ), $this->seenCues());
    }

    /** How long it is with what stands before it and after it. */
    public function wholeMs(): int
    {
        return $this->durationMs + $this->over->introOutro->ms();
    }

    /** The same in frames. */
    public function wholeFrames(): int
    {
        return $this->frames() + $this->over->introOutro->frames($this->grid());
    }

    /**
     * What callers outside are promised, no key more. Times from the begin of the opening.
     *
     * @return Report
     */
    public function report(): array
    {
        $later = $this->over->introOutro->openingMs();
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
            'hook_ms' => $this->found->hookMs + $later,
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
            'flags' => array_map(static fn (Flag $flag): array => $flag->toArray(), $this->found->flags),
        ];
    }

    /** Two equal cuts hash equal. */
    public function hash(): string
    {
        return hash('sha256', CutJson::encode($this));
    }
}
