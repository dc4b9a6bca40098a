<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Base\TargetProfile;

/** Joins segments and sound into the finished file, copying both as they are. */
final readonly class Joiner
{
    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
    ) {
    }

    /**
     * @param  list<array{string, int}>  $segments  files in order, with their frames
     * @param  string|null  $sound  null for none
     *
     * @throws ToolFailed
     */
    public function join(array $segments, ?string $sound, string $title, string $target): void
    {
        $folder = $this->store->workFolder();
        $fps = TargetProfile::FPS;
        try {
            $list = "ffconcat version 1.0\n";
            foreach ($segments as [$file, $frames]) {
                // A file tells its length in whole milliseconds: added up, that is a frame within two minutes.
                $list .= "file '".str_replace("'", "'\\''", $file)."'\n"
                    .sprintf("duration %.6F\n", $frames / $fps);
            }
            $this->store->write("$folder/list.txt", $list);
            $this->tools->run(
                [
                    '-loglevel', 'error', '-protocol_whitelist', 'file', '-f', 'concat', '-safe', '0', '-i',
                    "$folder/list.txt", ...$sound === null ? [] : $this->tools->input($sound),
                    // Offsets of joined files come in whole microseconds; this puts every frame back on the grid.
                    '-map', '0:v:0', ...$sound === null ? [] : ['-map', '1:a:0'], '-c', 'copy', '-bsf:v',
                    "setts=pts=round(PTS*TB*$fps)/(TB*$fps):dts=round(DTS*TB*$fps)/(TB*$fps)", '-map_metadata', '-1',
                    '-metadata', 'title='.$title, '-video_track_timescale', '15360', '-movflags', '+faststart', '-f',
                    'mp4', $target,
                ],
                'Joining the segments',
            );
        } finally {
            $this->store->discard($folder);
        }
    }
}
