<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Media\Probing\ProbedMedia;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/** A file with the frame path that was found for it. */
final readonly class FramedFile
{
    /**
     * @param  string  $key  hash of its content
     * @param  float  $fps  frames a second of the file
     * @param  array{int, int}  $aspect  of the window, width and height
     */
    public function __construct(
        public string $file,
        public string $key,
        public ProbedMedia $found,
        public float $fps,
        public array $aspect,
        public InterestMap $map,
        public FramePath $path,
    ) {
    }

    /**
     * @return array{
     *     width: int, height: int, fps: float, aspect: string,
     *     path: list<array{ms: int, x: float, y: float, scale: float}>,
     *     shots: list<array{start_ms: int, end_ms: int}>
     * } a window for every frame
     */
    public function report(): array
    {
        $path = [];
        $frames = max(1, (int) round($this->found->durationMs * $this->fps / 1000));
        for ($frame = 0; $frame < $frames; $frame++) {
            $ms = (int) round($frame * 1000 / $this->fps);
            $window = $this->path->at($ms);
            $path[] = [
                'ms' => $ms,
                'x' => round($window->x, 5),
                'y' => round($window->y, 5),
                'scale' => round($window->scale, 5),
            ];
        }
        $shots = [];
        foreach ($this->map->shots as $i => $start) {
            $shots[] = [
                'start_ms' => $start,
                'end_ms' => $this->map->shots[$i + 1] ?? max($start + 1, $this->found->durationMs),
            ];
        }

        return [
            'width' => $this->found->width,
            'height' => $this->found->height,
            'fps' => round($this->fps, 3),
            'aspect' => implode(':', $this->aspect),
            'path' => $path,
            'shots' => $shots,
        ];
    }
}
