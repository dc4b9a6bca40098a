<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use JsonException;
use RapidReel\Base\FrameGrid;
use RapidReel\Base\Plain;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Order\OrderKind;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutEffect;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\IntroOutro;

/** What is heard in a short: every take at its place, the music under them, effects, and what clips sound like. */
final readonly class MixPlan implements Order
{
    /** Raised whenever the same plan mixes to another sound than before. */
    private const VERSION = 3;

    /** Music is laid in lengths of so many seconds. */
    private const BED_SECONDS = 10;

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
                $cut->frames(), $cut->grid()->fps, $cut->form->target->sound->loudness,
                $cut->form->target->sound->truePeak,
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

    public function kind(): OrderKind
    {
        return OrderKind::Mix;
    }

    /**
     * Content hashes of all that is heard beside its takes; of clips the sound is meant.
     *
     * @return list<string> each once
     */
    public function sounds(): array
    {
        return array_values(array_unique([
            ...$this->music === null ? [] : [$this->music->piece->fingerprint],
            ...array_column($this->effects, 'fingerprint'),
            ...array_column($this->clips, 'fingerprint'),
            ...array_column(array_filter([$this->introOutro->opening, $this->introOutro->ending]), 'fingerprint'),
        ]));
    }

    /** @throws JsonException */
    public function toJson(): string
    {
        return json_encode(['mix' => [
            'voice' => $this->voice,
            'music' => $this->music === null ? null : [
                'piece' => $this->music->piece->toArray(), 'bed' => Plain::of($this->music->bed),
                'line' => Plain::of($this->music->line),
            ],
            'effects' => Plain::of($this->effects),
            'clips' => Plain::of($this->clips),
            'target' => Plain::of($this->target),
            'intro_outro' => (object) $this->introOutro->toArray(),
        ]], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * Reads what toJson() wrote.
     *
     * @throws JsonException
     */
    public static function fromJson(string $json): self
    {
        /** @var array{mix: array{
         *     voice: list<array{take: string, start_ms: int}>,
         *     music: array{
         *         piece: array{
         *             id: string, fingerprint: string, loudness: float, under?: int, durationMs?: int,
         *             bars?: list<int>, lift?: int, attackMs?: int, releaseMs?: int, line?: list<array{int, int}>
         *         },
         *         bed: array{inMs: int, loopMs: int, fadeMs: int},
         *         line: array{points: non-empty-list<array{int, float|int}>}
         *     }|null,
         *     effects: list<array{
         *         sound: string, fingerprint: string, loudest: float, atMs: int, under: int, why: string
         *     }>,
         *     clips: list<array{
         *         fingerprint: string, atMs: int, inMs: int, lengthMs: int, speed: float|int, under: int,
         *         line: array{points: non-empty-list<array{int, float|int}>}
         *     }>,
         *     target: array{frames: int, fps: int, loudness: float, truePeak: float},
         *     intro_outro: array{
         *         opening?: array{fingerprint: string, kind: string, width: int, height: int, ms: int},
         *         ending?: array{fingerprint: string, kind: string, width: int, height: int, ms: int}
         *     }
         * }} $data
         */
        $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        $mix = $data['mix'];
        $piece = CutMusic::fromArray($mix['music']['piece'] ?? null);

        return new self(
            $mix['voice'],
            $piece === null || $mix['music'] === null ? null : new MixMusic(
                $piece, MusicBed::fromArray($mix['music']['bed']), LevelLine::fromArray($mix['music']['line']),
            ),
            array_map(static fn (array $effect): CutEffect => new CutEffect(...$effect), $mix['effects']),
            array_map(ClipSound::fromArray(...), $mix['clips']),
            new MixTarget(...$mix['target']),
            IntroOutro::fromArray($mix['intro_outro']),
        );
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

    /**
     * How long its music is laid, at no level of its own, in seconds: longer than it is, so that it need not be laid
     * again for an edit.
     */
    public function bedSeconds(): int
    {
        return self::BED_SECONDS * (int) ceil($this->seconds() / self::BED_SECONDS);
    }

    /** A hash of all that can change a sample of the music at no level of its own. */
    public function bedKey(): string
    {
        return hash('sha256', json_encode([
            self::VERSION, 'laid', $this->music?->piece->fingerprint, $this->music?->piece->loudness,
            $this->music?->bed->inMs, $this->music?->bed->loopMs, $this->bedSeconds(), $this->target->loudness,
        ], JSON_THROW_ON_ERROR));
    }
}
