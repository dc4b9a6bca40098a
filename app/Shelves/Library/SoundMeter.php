<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Audio\SoundReader;
use App\Media\Probing\LoudnessMeter;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\Findings;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Making\Mix\Beat\OnsetMeter;
use RapidReel\Making\Mix\Beat\TempoMeter;
use RapidReel\Making\Mix\Loudness;

/** Listens to music and effects that come in: how long and loud they are, and how they beat. */
final readonly class SoundMeter
{
    /** So much of a piece tells its beat; the rest goes on alike. */
    private const HEARD_MS = 240_000;

    /** Nothing is heard of what is quieter, in LUFS. */
    private const SILENT = -60.0;

    /** A sound that is shorter than a moment is taken to be this much under its peak, in dB. */
    private const UNDER_PEAK = 12.0;

    /** Seconds beyond which nothing is listened to. */
    private const LONGEST_MUSIC = 1_200;

    private const LONGEST_EFFECT = 15;

    /** A day of sound in one file is no sound, but a head that says so. */
    private const BEYOND_BELIEF_MS = 86_400_000;

    /** Raised whenever the same piece is heard otherwise than before. */
    private const VERSION = 3;

    public function __construct(
        private Prober $prober,
        private LoudnessMeter $meter,
        private SoundReader $reader,
        private MediaStore $store,
        private Findings $findings,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @return array{duration_ms: int, loudness: float, tempo: float|null, bars: list<int>}
     *
     * @throws UnusableMedia when nothing is heard in it
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     * @throws StrangePlace
     */
    public function music(string $path, string $name): array
    {
        [$loudness, $durationMs] = $this->heard($path, $name, self::LONGEST_MUSIC);

        return ['duration_ms' => $durationMs, 'loudness' => $loudness->integrated, ...$this->beat($path, $name)];
    }

    /**
     * What was found before, where the same was heard before.
     *
     * @return array{duration_ms: int, loudness: float, tempo: float|null, bars: list<int>}
     *
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     * @throws StrangePlace
     */
    public function known(string $path, string $name, string $fingerprint): array
    {
        return $this->findings->of(
            Findings::HEARD,
            hash('xxh128', sprintf('music-%d-%s', self::VERSION, $fingerprint)),
            fn (): array => $this->music($path, $name),
        );
    }

    /**
     * @return array{duration_ms: int, loudest: float}
     *
     * @throws UnusableMedia when nothing is heard in it
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    public function effect(string $path, string $name): array
    {
        [$loudness, $durationMs] = $this->heard($path, $name, self::LONGEST_EFFECT, false);
        $loudest = max([-120.0, ...$this->meter->moments($path, $name, self::LONGEST_EFFECT + 1, 0.5)]);
        if ($loudest < self::SILENT) {
            throw UnusableMedia::isSilent($name);
        }

        return ['duration_ms' => $durationMs, 'loudest' => max($loudest, $loudness->peak - self::UNDER_PEAK)];
    }

    /**
     * What is there of it, whatever it says of itself.
     *
     * @param  int  $most  seconds that it may last
     * @return array{Loudness, int} and its length in ms
     *
     * @throws UnusableMedia
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function heard(string $path, string $name, int $most, bool $isMusic = true): array
    {
        $told = $this->prober->soundMs($path, $name, $most);
        if ($told > 1000 * $most && $told < self::BEYOND_BELIEF_MS) {
            throw UnusableMedia::isTooLongASound($name, $told, $most, $isMusic);
        }
        [$loudness, $ms] = $this->meter->brought($path, $name, $most + 1);
        if ($ms > 1000 * $most) {
            throw UnusableMedia::isTooLongASound($name, $ms, $most, $isMusic);
        }
        // Of some kinds the length is a guess out of their first seconds.
        if ($ms < 0.9 * $told - 1_000 && ! $this->prober->isLengthGuessed($path, $name)) {
            throw UnusableMedia::isShortOfItsLength($name, $ms, $told);
        }
        if ($isMusic && $loudness->integrated < self::SILENT) {
            throw UnusableMedia::isSilent($name);
        }

        return [$loudness, $ms];
    }

    /**
     * @return array{tempo: float|null, bars: list<int>}
     *
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     * @throws StrangePlace
     */
    private function beat(string $path, string $name): array
    {
        $folder = $this->store->workFolder();
        try {
            $sound = $this->reader->open($path, $name, OnsetMeter::RATE, $folder, most: self::LONGEST_MUSIC + 1)
                ->between(0, self::HEARD_MS);
        } catch (UnusableMedia) {
            // Too short to beat, or longer than can be read: it is cut anywhere.
            return ['tempo' => null, 'bars' => []];
        } finally {
            $this->store->discard($folder);
        }
        $rhythm = TempoMeter::of(OnsetMeter::of($sound), OnsetMeter::of($sound, true));

        return ['tempo' => $rhythm === null ? null : round($rhythm->bpm, 2), 'bars' => $rhythm?->bars() ?? []];
    }
}
