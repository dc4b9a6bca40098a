<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Base\FrameGrid;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutEffect;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\IntroOutro;

/** What is heard in a short: every take at its place, the music under them, effects, and what clips sound like. */
final readonly class MixPlan
{
    /** Raised whenever the same plan mixes to another sound than before. */
    private const VERSION = 2;

    /**
     * @param  list<array{take: string, start_ms: int}>  $voice
     * @param  list<CutEffect>  $effects
     * @param  list<ClipSound>  $clips
     */
    private function __construct(
        public array $voice,
        public ?MixMusic $music,
        public array $effects,
        public array $clips,
        public MixTarget $target,
        public IntroOutro $introOutro,
    ) {
    }

    /** With what stands before the short and after it. */
    public static function whole(Cut $cut): self
    {
        return self::made($cut, $cut->over->introOutro);
    }

    /** Of the short alone. */
    public static function of(Cut $cut): self
    {
        return self::made($cut, new IntroOutro);
    }

    private static function made(Cut $cut, IntroOutro $introOutro): self
    {
        $piece = $cut->sound->music;
        $bed = $piece === null ? null : MusicBed::of($piece, $cut->durationMs);

        return new self(
            array_map(
                static fn (CutScene $scene): array => ['take' => $scene->take, 'start_ms' => $scene->startMs],
                $cut->scenes,
            ),
            $piece === null || $bed === null ? null : new MixMusic(
                $piece, $bed, Ducking::of($piece, $cut->words, $cut->durationMs, $bed->fadeMs),
            ),
            $cut->sound->effects,
            ClipSound::all($cut),
            new MixTarget(
                $cut->frames(), $cut->grid()->fps, $cut->form->profile->loudness(), $cut->form->profile->truePeak(),
            ),
            $introOutro,
        );
    }

    /** Exact length in seconds: that of the picture. */
    public function seconds(): float
    {
        return $this->target->frames / $this->target->fps;
    }

    /** The same with what stands before and after it. */
    public function wholeSeconds(): float
    {
        $fps = $this->target->fps;

        return ($this->target->frames + $this->introOutro->frames(new FrameGrid($fps))) / $fps;
    }

    /** A hash of all that can change a sample of it. */
    public function key(): string
    {
        $heard = [
            'voice' => $this->voice,
            'music' => $this->music?->piece->toArray(),
            'bed' => $this->music?->bed,
            'line' => $this->music?->line,
            // Why one is there is not heard.
            'effects' => array_map(static fn (CutEffect $effect): array => [
                $effect->fingerprint, $effect->atMs, $effect->under,
            ], $this->effects),
            'clips' => $this->clips,
            'frames' => $this->target->frames,
            'fps' => $this->target->fps,
            'loudness' => $this->target->loudness,
            'truePeak' => $this->target->truePeak,
        ];
        // Left out where there is nothing, so that what was mixed before stays right.
        $introOutro = $this->introOutro->ms() === 0 ? [] : [$this->introOutro->toArray()];

        return hash('sha256', json_encode([self::VERSION, $heard, ...$introOutro], JSON_THROW_ON_ERROR));
    }

    /** A hash of all that can change a sample of the music at no level of its own. */
    public function bedKey(): string
    {
        return hash('sha256', json_encode([
            self::VERSION, 'bed', $this->music?->piece->fingerprint, $this->music?->piece->loudness, $this->music?->bed,
            $this->target->frames, $this->target->fps, $this->target->loudness,
        ], JSON_THROW_ON_ERROR));
    }
}
