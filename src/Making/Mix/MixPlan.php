<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Base\FrameGrid;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutEffect;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\IntroOutro;

/** What is heard in a short: every take at its place, the music under them, effects, and what clips sound like. */
final readonly class MixPlan
{
    /** Raised whenever the same plan mixes to another sound than before. */
    private const VERSION = 2;

    /**
     * @param  list<array{take: string, start_ms: int}>  $voice
     * @param  MusicBed|null  $bed  null without music
     * @param  LevelLine|null  $line  of the music, in dB against the voice
     * @param  list<CutEffect>  $effects
     * @param  list<ClipSound>  $clips
     */
    private function __construct(
        public array $voice,
        public ?CutMusic $music,
        public ?MusicBed $bed,
        public ?LevelLine $line,
        public array $effects,
        public array $clips,
        public int $frames,
        public int $fps,
        public float $loudness,
        public float $truePeak,
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
        $bed = $cut->sound->music === null ? null : MusicBed::of($cut->sound->music, $cut->durationMs);

        return new self(
            array_map(
                static fn (CutScene $scene): array => ['take' => $scene->take, 'start_ms' => $scene->startMs],
                $cut->scenes,
            ),
            $cut->sound->music,
            $bed,
            $cut->sound->music === null || $bed === null
                ? null
                : Ducking::of($cut->sound->music, $cut->words, $cut->durationMs, $bed->fadeMs),
            $cut->sound->effects,
            ClipSound::all($cut),
            $cut->frames(),
            $cut->grid()->fps,
            $cut->form->profile->loudness(),
            $cut->form->profile->truePeak(),
            $introOutro,
        );
    }

    /** Exact length in seconds: that of the picture. */
    public function seconds(): float
    {
        return $this->frames / $this->fps;
    }

    /** The same with what stands before and after it. */
    public function wholeSeconds(): float
    {
        return ($this->frames + $this->introOutro->frames(new FrameGrid($this->fps))) / $this->fps;
    }

    /** A hash of all that can change a sample of it. */
    public function key(): string
    {
        $heard = get_object_vars($this);
        // Why one is there is not heard.
        $heard['effects'] = array_map(static fn (CutEffect $effect): array => [
            $effect->fingerprint, $effect->atMs, $effect->under,
        ], $this->effects);

        $heard['music'] = $this->music?->toArray();
        unset($heard['introOutro']);
        // Left out where there is nothing, so that what was mixed before stays right.
        $introOutro = $this->introOutro->ms() === 0 ? [] : [$this->introOutro->toArray()];

        return hash('sha256', json_encode([self::VERSION, $heard, ...$introOutro], JSON_THROW_ON_ERROR));
    }

    /** A hash of all that can change a sample of the music at no level of its own. */
    public function bedKey(): string
    {
        return hash('sha256', json_encode([
            self::VERSION, 'bed', $this->music?->fingerprint, $this->music?->loudness, $this->bed, $this->frames,
            $this->fps, $this->loudness,
        ], JSON_THROW_ON_ERROR));
    }
}
