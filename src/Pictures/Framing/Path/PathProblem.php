<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing\Path;

/** Something wrong with a frame path, from a moment of the clip to another. */
final readonly class PathProblem
{
    public function __construct(
        public ProblemKind $kind,
        public int $fromMs,
        public int $toMs,
    ) {
    }
}
