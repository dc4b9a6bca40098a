<?php

declare(strict_types=1);

namespace App\Media;


/** Joins segments and sound into the finished file, copying both as they are. */
final readonly class Joiner
{
    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
    ) {}

    /**
     * @param  non-empty-list<string>  $segments
     *
     * @throws ToolFailed
     */
    public function join(array $segments, string $sound, string $title, string $target): void
    {
        $folder = $this->store->workFolder();
        try {
            $list = "ffconcat version 1.0\n";
            foreach ($segments as $file) {
                $list .= "file '".str_replace("'", "'\\''", $file)."'\n";
            }
            file_put_contents("$folder/list.txt", $list);
            $this->tools->run([
                '-loglevel', 'error', '-protocol_whitelist', 'file', '-f', 'concat', '-safe', '0', '-i', "$folder/list.txt",
                ...$this->tools->input($sound),
                '-map', '0:v:0', '-map', '1:a:0', '-c', 'copy', '-map_metadata', '-1', '-metadata', 'title='.$title,
                '-video_track_timescale', '15360', '-movflags', '+faststart', '-f', 'mp4', $target,
            ], 'Joining the segments');
        } finally {
            $this->store->discard($folder);
        }
    }
}
