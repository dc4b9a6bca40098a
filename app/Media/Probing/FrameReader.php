<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;

/** Frames of a video as small pictures to look at. */
final readonly class FrameReader
{
    public function __construct(private MediaTools $tools)
    {
    }

    /**
     * @param  array<int>  $frames  numbers of them
     * @return array<int, string> pictures by frame, three bytes a pixel, as far as the video has them
     *
     * @throws ToolFailed
     */
    public function of(string $video, array $frames, int $width, int $height): array
    {
        $wanted = array_values(array_unique($frames));
        sort($wanted);
        if ($wanted === []) {
            return [];
        }
        $chosen = implode('+', array_map(static fn (int $frame): string => "eq(n,$frame)", $wanted));
        $raw = $this->tools->run([
            '-loglevel', 'error', ...$this->tools->input($video), '-vf',
            "select='$chosen',scale=$width:$height:flags=area:in_color_matrix=bt709,format=rgb24", '-fps_mode',
            'passthrough', '-an', '-f', 'rawvideo', '-',
        ], 'Looking at the pictures behind the captions')->getOutput();
        $size = 3 * $width * $height;
        $pictures = str_split($raw, max(1, $size));
        $found = [];
        foreach ($wanted as $i => $frame) {
            if (strlen($pictures[$i] ?? '') === $size) {
                $found[$frame] = $pictures[$i];
            }
        }

        return $found;
    }
}
