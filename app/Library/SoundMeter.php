<?php

declare(strict_types=1);

namespace App\Library;

use App\Media\LoudnessMeter;
use App\Media\MediaStore;
use App\Media\Prober;
use App\Media\SoundReader;
use App\Media\UnusableMedia;
use Illuminate\Support\Facades\Cache;
use RapidReel\Sound\Beat\OnsetMeter;
use RapidReel\Sound\Beat\TempoMeter;

/** Listens to music and effects that come in: how long and loud they are, and how they beat. */
final readonly class SoundMeter
{
    /** So much of a piece tells its beat; the rest goes on alike. */
    private const HEARD_MS = 240_000;

    /** Nothing is heard of what is quieter, in LUFS. */
    private const SILENT = -60.0;

    /** A sound that is shorter than a moment is taken to be this much under its peak, in dB. */
    private const UNDER_PEAK = 12.0;

    /** Raised whenever the same piece is heard otherwise than before. */
    private const VERSION = 2;

    public function __construct(
        private Prober $prober,
        private LoudnessMeter $meter,
        private SoundReader $reader,
        private MediaStore $store,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @return array{duration_ms: int, loudness: float, tempo: float|null, bars: list<int>}
     *
     * @throws UnusableMedia when nothing is heard in it
     */
    public function music(string $path, string $name): array
    {
        $durationMs = $this->prober->soundMs($path, $name);
        $loudness = $this->meter->file($path)->integrated;
        if ($loudness < self::SILENT) {
            throw UnusableMedia::isSilent($name);
        }

        return ['duration_ms' => $durationMs, 'loudness' => $loudness, ...$this->beat($path, $name)];
    }

    /**
     * What was found before, where the same was heard before.
     *
     * @return array{duration_ms: int, loudness: float, tempo: float|null, bars: list<int>}
     *
     * @throws UnusableMedia
     */
    public function known(string $path, string $name, string $fingerprint): array
    {
        return Cache::rememberForever(
            sprintf('music-%d-%s', self::VERSION, $fingerprint),
            fn (): array => $this->music($path, $name),
        );
    }

    /**
     * @return array{duration_ms: int, loudest: float}
     *
     * @throws UnusableMedia when nothing is heard in it
     */
    public function effect(string $path, string $name): array
    {
        $durationMs = $this->prober->soundMs($path, $name);
        $loudest = max([-120.0, ...$this->meter->moments($path, 0.5)]);
        if ($loudest < self::SILENT) {
            throw UnusableMedia::isSilent($name);
        }

        return [
            'duration_ms' => $durationMs,
            'loudest' => max($loudest, $this->meter->file($path)->truePeak - self::UNDER_PEAK),
        ];
    }

    /** @return array{tempo: float|null, bars: list<int>} */
    private function beat(string $path, string $name): array
    {
        $folder = $this->store->workFolder();
        try {
            $sound = $this->reader->open($path, $name, OnsetMeter::RATE, $folder)->between(0, self::HEARD_MS);
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
