<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Footage\FootageKind;

/**
 * What a probe found in a file: its size in pixels as shown (turned, where the file says so), its length (0 for a
 * still).
 */
final readonly class ProbedMedia
{
    public function __construct(
        public FootageKind $kind,
        public int $width,
        public int $height,
        public int $durationMs,
    ) {
    }
}
