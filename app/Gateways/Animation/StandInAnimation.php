<?php

declare(strict_types=1);

namespace App\Gateways\Animation;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;

/**
 * Stands in for a service that makes stills move: what is near, the lower part, goes one way and what is far comes
 * slowly nearer.
 */
final readonly class StandInAnimation implements Animation
{
    private const SECONDS = 3;

    private const FPS = 30;

    private const LONGEST_SIDE = 1_920;

    public function __construct(private MediaTools $tools)
    {
    }

    public function isStandIn(): bool
    {
        return true;
    }

    public function about(): string
    {
        return 'What makes a still move here is a stand-in: its lower part goes one way, and the rest comes slowly '
            .'nearer. A service can take its place.';
    }

    /** @throws ToolFailed */
    public function animate(string $still, string $brief, int $seed, string $folder): string
    {
        $frames = self::SECONDS * self::FPS;
        $side = self::LONGEST_SIDE;
        // Either way, by the seed.
        $near = $seed % 2 === 0 ? '-(w-W)*t/%1$d' : '-(w-W)*(1-t/%1$d)';
        $graph = sprintf(
            "[0:v]scale='min(iw,$side)':'min(ih,$side)':force_original_aspect_ratio=decrease,"
                ."crop='2*floor(iw/2)':'2*floor(ih/2)',setsar=1,format=rgb24,split[far][low];"
                .'[far]loop=-1:1,setpts=N/(%2$d*TB),'
                ."scale=w='2*floor(iw*(1+0.05*n/%3\$d)/2)':h='2*floor(ih*(1+0.05*n/%3\$d)/2)':eval=frame[larger];"
                ."[low]scale=iw*1.035:-1,format=rgba,geq=r='r(X,Y)':g='g(X,Y)':b='b(X,Y)':"
                ."a='255*clip((Y/H-0.62)/0.12,0,1)',loop=-1:1,setpts=N/(%2\$d*TB)[near];"
                ."[1:v][larger]overlay=x='(W-w)/2':y='(H-h)/2':shortest=1[back];"
                ."[back][near]overlay=x='$near':y='H-h':shortest=1,format=yuv420p[out]",
            self::SECONDS,
            self::FPS,
            $frames,
        );
        [$width, $height] = self::size($still);
        $this->tools->run(
            [
                '-loglevel', 'error', ...$this->tools->input($still), '-f', 'lavfi', '-i',
                sprintf('color=black:s=%dx%d:r=%d:d=%d', $width, $height, self::FPS, self::SECONDS),
                '-filter_complex', $graph, '-map', '[out]', '-frames:v', (string) $frames, '-c:v', 'libx264',
                '-preset', 'veryfast', '-crf', '16', '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc',
                'bt709', 'moving.mp4',
            ],
            'Making a still move',
            $folder,
        );

        return "$folder/moving.mp4";
    }

    /** @return array{int, int} of the clip, even */
    private static function size(string $still): array
    {
        [$width, $height] = getimagesize($still) ?: [0, 0];
        $part = min(1, self::LONGEST_SIDE / max(1, $width), self::LONGEST_SIDE / max(1, $height));

        $even = static fn (int $side): int => max(2, 2 * intdiv((int) round($side * $part), 2));

        return [$even($width), $even($height)];
    }
}
