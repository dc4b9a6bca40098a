<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Making\Render\Levels;
use RapidReel\Making\Render\Look;

/** A look as filters of ffmpeg, each with a comma after it. What is of single points comes first. */
final readonly class LookFilters
{
    /**
     * @param  int  $width  of the frame
     * @param  int  $height  of the frame
     * @param  string  $cube  name of the file with its colour table
     * @param  bool  $isKeyed  whether a subject stands before something: only that is dimmed then
     */
    public function __construct(
        private Look $look,
        private int $width,
        private int $height,
        private int $fps,
        private string $cube = GradeFilters::CUBE,
        private bool $isKeyed = false,
    ) {
    }

    /** What is done to each point by itself: a picture of any size can have it, before a window goes over it. */
    public function points(): string
    {
        $look = $this->look;
        $filters = '';
        if ($look->brightness !== 0.0 || $look->saturation !== 1.0) {
            $filters .= sprintf('eq=brightness=%.4f:saturation=%.4f,', $look->brightness, $look->saturation);
        }
        if ($look->match !== null) {
            $colour = static fn (float $shift): string => sprintf(
                'clip(128+(val-128)*%.4f+%.2f,16,240)', $look->match->saturation, $shift,
            );
            $filters .= Levels::filter([
                'y' => sprintf('clip(16+(val-16)*%.4f+%.2f,16,235)', $look->match->gain, $look->match->lift),
                'u' => $colour($look->match->blue),
                'v' => $colour($look->match->red),
            ]).',';
        }

        return $look->grade === null ? $filters : $filters.GradeFilters::points($look->grade);
    }

    /** What comes after it, over the frame. */
    public function rest(): string
    {
        $look = $this->look;
        $filters = $look->grade === null
            ? ''
            : GradeFilters::rest($look->grade, $this->width, $this->height, $this->fps, $this->cube);
        $filters .= $this->isKeyed ? '' : $this->dimmed();

        return $look->shade === null
            ? $filters
            : $filters.$look->shade->filters($this->width, $this->height, strtok($this->cube, '.').'-under');
    }

    /** What is done to that before which a subject stands. */
    public function behind(): string
    {
        return $this->isKeyed ? $this->dimmed() : '';
    }

    private function dimmed(): string
    {
        if ($this->look->dim === 0.0) {
            return '';
        }
        // Towards black, and colours with it: limited range, as all of the graph.
        $part = sprintf('*%.4f', 1 - $this->look->dim);

        return Levels::filter([
            'y' => "16+(val-16)$part", 'u' => "128+(val-128)$part", 'v' => "128+(val-128)$part",
        ]).',';
    }
}
