<?php

declare(strict_types=1);

namespace App\Media\Video;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Making\Render\Recipe;
use RapidReel\Plan\Choice\ProgressLine;

/** Joins segments and sound into the finished file, copying both as they are; only a line over all is drawn anew. */
final readonly class Joiner
{
    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private SegmentList $list,
    ) {
    }

    /**
     * @param  list<array{string, int}>  $segments  files in order, with their frames
     * @param  string|null  $sound  null for none
     * @param  Recipe  $like  that tells the rate, and size and encoder where a line is drawn
     * @return Packets|null what was put in; null where a line is drawn
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function join(
        array $segments,
        ?string $sound,
        string $title,
        string $target,
        Recipe $like,
        ?ProgressLine $line = null,
    ): ?Packets {
        $folder = $this->store->workFolder();
        $fps = $like->raster->fps;
        try {
            $joined = $this->tools->run(
                [
                    '-loglevel', 'error', ...$this->list->input($segments, $fps, $folder),
                    ...$sound === null ? [] : $this->tools->input($sound),
                    ...$line === null
                        ? [
                            '-map', '0:v:0', '-c', 'copy', '-bsf:v',
                            "setts=pts=round(PTS*TB*$fps)/(TB*$fps):dts=round(DTS*TB*$fps)/(TB*$fps)",
                        ]
                        : [
                            ...self::lined($line, $like, array_sum(array_column($segments, 1))), ...$like->encoder,
                            '-c:a', 'copy',
                        ],
                    ...$sound === null ? [] : ['-map', '1:a:0'], '-map_metadata', '-1',
                    '-metadata', 'title='.$title, '-video_track_timescale',
                    (string) $like->raster->timescale(), '-movflags', '+faststart', '-f',
                    'mp4', $target,
                    ...$line !== null ? [] : [
                        '-map', '0:v:0', ...$sound === null ? [] : ['-map', '1:a:0'], '-c', 'copy',
                        ...Packets::LISTED,
                    ],
                ],
                'Joining the segments',
            );

            return $line === null ? Packets::read($joined->getOutput()) : null;
        } finally {
            $this->store->discard($folder);
        }
    }

    /** @return list<string> */
    private static function lined(ProgressLine $line, Recipe $like, int $frames): array
    {
        $fps = $like->raster->fps;

        return [
            '-filter_complex',
            sprintf(
                "[0:v:0]setpts=N/($fps*TB),fps={$fps}[v];color=c=0x%s:s=%dx%d:r=$fps,"
                    .'scale=out_color_matrix=bt709:out_range=tv,format=yuv420p[bar];'
                    ."[v][bar]overlay=x='-w+w*(n+1)/%d':y=%s:shortest=1:format=yuv420[o]",
                $line->colour, $like->raster->width,
                2 * max(1, (int) round($like->raster->height * ProgressLine::HEIGHT / 2)), $frames,
                $line->isTop ? '0' : 'H-h',
            ),
            '-map', '[o]',
        ];
    }
}
