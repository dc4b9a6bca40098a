<?php

declare(strict_types=1);

namespace RapidReel\Render;

/**
 * How a video is encoded: H.264 High (ITU-T H.264) in BT.709, at the full size, or fast and small; a proof is what
 * pages show of a short.
 */
enum Quality: string
{
    case Draft = 'draft';
    case Final = 'final';
    case Proof = 'proof';

    /** One that an operator may order. */
    public static function ordered(string $written): ?self
    {
        $quality = self::tryFrom($written);

        return $quality === self::Proof ? null : $quality;
    }

    public function width(): int
    {
        return match ($this) {
            self::Draft => 540,
            self::Final => 1080,
            self::Proof => 432,
        };
    }

    public function height(): int
    {
        return match ($this) {
            self::Draft => 960,
            self::Final => 1920,
            self::Proof => 768,
        };
    }

    /**
     * The encoder's settings, the same for every segment so that they can be joined without re-encoding.
     *
     * @return list<string>
     */
    public function encoder(): array
    {
        [$preset, $crf] = match ($this) {
            self::Draft => ['ultrafast', '26'],
            self::Final => ['veryfast', '20'],
            self::Proof => ['ultrafast', '27'],
        };
        // A page jumps about in it.
        $jumps = $this === self::Proof ? ['-g', '15'] : [];

        return [
            '-c:v', 'libx264', '-preset', $preset, '-crf', $crf, '-profile:v', 'high', '-pix_fmt', 'yuv420p',
            ...$jumps, '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-color_range', 'tv',
        ];
    }
}
