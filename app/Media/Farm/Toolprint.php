<?php

declare(strict_types=1);

namespace App\Media\Farm;

/** By which machines are known that make the same of the same order, to the byte. */
final readonly class Toolprint
{
    /**
     * @param  string  $code  hash of the code that makes
     * @param  string  $print  hash of its tools: what ffmpeg says of itself, what the processor can, and what came out
     *   of a piece that was made to try them
     * @param  string  $told  the tools in words
     */
    public function __construct(
        public string $code,
        public string $print,
        public string $told,
    ) {
    }
}
