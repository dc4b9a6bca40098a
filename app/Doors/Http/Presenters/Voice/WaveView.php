<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Voice;

use App\Media\Audio\TakeFiles;
use App\Media\Store\Findings;
use App\Shelves\Models\Short;
use RapidReel\Making\Mix\WavePeaks;
use RapidReel\Plan\Cut\CutScene;

/** The wave form of a short's voice, scene by scene. */
final readonly class WaveView
{
    /** So many of the finest steps are drawn as one. */
    private const TOGETHER = 4;

    public function __construct(
        private TakeFiles $files,
        private Findings $findings,
    ) {
    }

    /** @return array{step: int, scenes: list<array{from: int, peaks: list<int>}>} ms, and 0…100 of full scale */
    public function of(Short $short): array
    {
        $cut = $short->plannedCut();

        return [
            'step' => self::TOGETHER * WavePeaks::STEP_MS,
            'scenes' => $cut === null ? [] : array_map(fn (CutScene $scene): array => [
                'from' => $scene->startMs, 'peaks' => $this->peaks($scene->take),
            ], $cut->scenes),
        ];
    }

    /** @return list<int> */
    private function peaks(string $take): array
    {
        if ($take === '' || ! is_file($this->files->soundFile($take))) {
            return [];
        }

        $size = (int) @filesize($this->files->soundFile($take));

        return $this->findings->of(
            Findings::HEARD,
            hash('xxh128', "wave-$take-$size-".self::TOGETHER),
            fn (): array => array_map(
                static fn (array $some): int => (int) max($some),
                array_chunk(WavePeaks::of($this->files->sound($take)), self::TOGETHER),
            ),
        );
    }
}
