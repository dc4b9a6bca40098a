<?php

declare(strict_types=1);

namespace App\Media\Probing;

use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\SourceForm;

/**
 * What a probe found in a file: its size in pixels as shown (turned, where the file says so), its length (0 for a
 * still), how it is to be looked at, and its media type.
 */
final readonly class ProbedMedia
{
    /** As many pixels as some seconds of the usual size have. */
    private const QUICKLY_READ = 1_920 * 1_080 * 30 * 40;

    public function __construct(
        public FootageKind $kind,
        public int $width,
        public int $height,
        public int $durationMs,
        public SourceForm $look,
        public string $type,
        public int $stream = 0,
        public bool $isLengthTold = true,
    ) {
    }

    /** Whether a renderer can read its file as it is; in transport streams it finds no place. */
    public function isPlain(): bool
    {
        return $this->look->isPlain() && $this->type !== 'video/mp2t';
    }

    /** @return list<string> what keeps its reader from turning pictures that are turned by filters, or are stills */
    public function readerOptions(): array
    {
        return $this->look->shape->orientation > 1 || $this->kind === FootageKind::Still ? ['-noautorotate'] : [];
    }

    /** Whether decoding all of it takes longer than somebody would wait for an answer. */
    public function isLongToRead(): bool
    {
        return $this->width * $this->height * 30 * $this->durationMs / 1000 > self::QUICKLY_READ;
    }
}
