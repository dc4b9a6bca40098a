<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

/** What an export made, and how much of it had been there before. */
final readonly class ExportedFiles
{
    public const EXTENSIONS = ['mp4', 'srt', 'vtt', 'ass', 'json'];

    public const POSTER = 'poster.jpg';

    /**
     * @param  array<string, string>  $seals  size and hash of each file, by its extension; the poster by its name
     * @param  list<string>  $parts  keys of what it was made of
     */
    public function __construct(
        public string $name,
        public int $bytes,
        public int $segmentsMade,
        public int $segmentsKept,
        public array $seals = [],
        public array $parts = [],
    ) {
    }
}
