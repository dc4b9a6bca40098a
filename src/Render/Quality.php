<?php

declare(strict_types=1);

namespace RapidReel\Render;

/** How an export is encoded: H.264 High (ITU-T H.264) in BT.709, at the full size or fast and small. */
enum Quality: string
{
    case Draft = 'draft';
    case Final = 'final';

    public function width(): int
    {
        return $this === self::Draft ? 540 : 1080;
    }

    public function height(): int
    {
        return $this === self::Draft ? 960 : 1920;
    }

    /**
     * The encoder's settings, the same for every segment so that they can be joined without re-encoding.
     *
     * @return list<string>
     */
    public function encoder(): array
    {
        [$preset, $crf] = $this === self::Draft ? ['ultrafast', '26'] : ['veryfast', '20'];

        return [
            '-c:v', 'libx264', '-preset', $preset, '-crf', $crf, '-profile:v', 'high', '-pix_fmt', 'yuv420p',
            '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-color_range', 'tv',
        ];
    }
}
