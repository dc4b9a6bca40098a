<?php

declare(strict_types=1);

namespace App\Media\Probing;

/** What a file is by its first bytes, as far as that decides what is told of it. */
final class FileKind
{
    private const PLAYLISTS = '/^(?:#EXTM3U|ffconcat\s|\[playlist\]|\[Reference\]|\[InternetShortcut\]|<asx\b|<smil\b'
        .'|<MPD\b|<\?xml|<playlist\b|RTSPtext|file\s+[\'"]|https?:)/i';

    /** How files begin that mean to be a video or a picture: what is wrong with them is damage. */
    private const PICTURES = '/^(?:....(?:ftyp|moov|mdat|wide|free)|\x1A\x45\xDF\xA3|RIFF....(?:AVI |WEBP)|\x89PNG'
        .'|\xFF\xD8\xFF|G.{187}G)/s';

    /** Brands of ISO base media files (ISO/IEC 14496-12, 23008-12) that are pictures which cannot be read here. */
    private const BRANDS = ['avif' => 'an AVIF picture', 'avis' => 'an AVIF picture', 'heic' => 'a HEIC picture',
        'heix' => 'a HEIC picture', 'hevc' => 'a HEIC picture', 'hevx' => 'a HEIC picture', 'mif1' => 'a HEIF picture',
        'msf1' => 'a HEIF picture', 'heim' => 'a HEIC picture', 'heis' => 'a HEIC picture'];

    private const TYPES = ['png_pipe' => 'image/png', 'jpeg_pipe' => 'image/jpeg', 'webp_pipe' => 'image/webp',
        'avi' => 'video/x-msvideo', 'mpegts' => 'video/mp2t'];

    /**
     * @return string the file's first bytes
     *
     * @throws UnusableMedia for what is never taken, each with its own reason
     */
    public static function admit(string $path, string $name): string
    {
        $head = (string) @file_get_contents($path, length: 4096);
        if (preg_match(self::PLAYLISTS, ltrim($head, "\u{FEFF} \t\r\n")) === 1) {
            throw UnusableMedia::isAPlaylist($name);
        }
        $what = match (true) {
            substr($head, 4, 4) === 'ftyp' && ! self::isMovie($head) => self::BRANDS[substr($head, 8, 4)] ?? null,
            preg_match('/^RIFF.{4}WEBPVP8X/s', $head) === 1 && (ord($head[20] ?? "\0") & 2) !== 0 => 'an animated WebP',
            str_starts_with($head, "\x89PNG") && str_contains($head, 'acTL') => 'an animated PNG',
            str_starts_with($head, 'GIF8') => 'a GIF',
            preg_match('/^(?:<\?xml[^>]*>\s*)?<svg\b/i', ltrim($head)) === 1 => 'a drawing (SVG)',
            default => null,
        };

        return $what === null ? $head : throw UnusableMedia::isOfAnotherKind($name, $what);
    }

    /** Whether a reader of pictures may look into it: of what is none it may believe anything. */
    public static function isStill(string $head): bool
    {
        return preg_match('/^(?:\xFF\xD8\xFF|\x89PNG|RIFF.{4}WEBP)/s', $head) === 1;
    }

    public static function meansToBePictures(string $head): bool
    {
        return preg_match(self::PICTURES, $head) === 1;
    }

    /** The media type of what was probed: never what its first bytes may look like to somebody else. */
    public static function type(string $format, string $head): string
    {
        return self::TYPES[$format] ?? match (true) {
            str_contains($format, 'matroska') => str_contains(substr($head, 0, 64), 'webm')
                ? 'video/webm'
                : 'video/x-matroska',
            str_contains($format, 'mp4') => substr($head, 8, 4) === 'qt  ' ? 'video/quicktime' : 'video/mp4',
            default => 'application/octet-stream',
        };
    }

    /** Whether the brands that it goes by beside its first have moving pictures among them. */
    private static function isMovie(string $head): bool
    {
        $size = (int) (unpack('N', $head)[1] ?? 0);
        $also = str_split(substr($head, 16, max(0, min($size, 256) - 16)), 4);

        return ! isset(self::BRANDS[substr($head, 8, 4)]) ||
            array_intersect($also, ['isom', 'mp41', 'mp42', 'avc1', 'iso2', 'qt  ']) !== [];
    }
}
