<?php

declare(strict_types=1);

namespace App\Media\Video;

use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;

/** Segments one after the other, as one input. */
final readonly class SegmentList
{
    public function __construct(private MediaStore $store)
    {
    }

    /**
     * Writes the list into a folder.
     *
     * @param  list<array{string, int}>  $segments  files in order, with their frames
     * @return list<string> how ffmpeg is told to read it
     *
     * @throws StrangePlace
     */
    public function input(array $segments, int $fps, string $folder): array
    {
        // Offsets of joined files come in whole microseconds: every frame is put back on the grid.
        $list = "ffconcat version 1.0\n";
        foreach ($segments as [$file, $frames]) {
            // What is in it is told at its head: no frame need be decoded to find that out, which is most of the work.
            $list .= "file '".str_replace("'", "'\\''", $file)."'\noption codec_whitelist none\n"
                // A file tells its length in whole milliseconds: added up, that is a frame within two minutes.
                .sprintf("duration %.6F\n", $frames / $fps);
        }
        $this->store->write("$folder/list.txt", $list);

        return ['-protocol_whitelist', 'file', '-f', 'concat', '-safe', '0', '-i', "$folder/list.txt"];
    }
}
