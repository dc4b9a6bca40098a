<?php

declare(strict_types=1);

namespace RapidReel\Making\Finished;

/** What was measured of a video, frame by frame and sample by sample. */
final readonly class FileFacts
{
    /**
     * @param  string  $problem  what its decoder said; empty where all of it was decoded
     * @param  array{width: int, height: int, fps: float, frames: int}|null  $picture  null where there is none
     * @param  int|null  $soundMs  how long it sounds; null where nothing does
     * @param  array{black: list<array{int, int}>, frozen: list<array{int, int}>, silent: list<array{int, int}>,
     *   clipped: list<array{int, int}>}  $spans  in ms
     * @param  array{loudness: float, peak: float}  $levels  LUFS (ITU-R BS.1770) and dBTP
     */
    public function __construct(
        public string $problem,
        public int $bytes,
        public ?array $picture,
        public ?int $soundMs,
        public array $spans,
        public array $levels,
    ) {
    }

    public function pictureMs(): int
    {
        return $this->picture === null || $this->picture['fps'] <= 0
            ? 0
            : (int) round(1000 * $this->picture['frames'] / $this->picture['fps']);
    }
}
