<?php

declare(strict_types=1);

namespace App\Media\Audio;

use RapidReel\Voice\Speech\Pcm;
use RuntimeException;

/** Mono 16-bit PCM in a RIFF/WAVE file, as takes are kept. */
final class WavFile
{
    public static function encode(Pcm $sound): string
    {
        $size = strlen($sound->bytes);

        return 'RIFF'.pack('V', 36 + $size).'WAVEfmt '
            .pack('VvvVVvv', 16, 1, 1, $sound->rate, 2 * $sound->rate, 2, 16)
            .'data'.pack('V', $size).$sound->bytes;
    }

    /** Reads what encode() wrote. */
    public static function read(string $path): Pcm
    {
        $bytes = file_get_contents($path);
        if ($bytes === false || strlen($bytes) < 44 || ! str_starts_with($bytes, 'RIFF')) {
            throw new RuntimeException('A take is missing or damaged: '.basename($path));
        }
        $rate = unpack('V', $bytes, 24);

        return new Pcm(substr($bytes, 44), is_array($rate) && is_int($rate[1]) ? $rate[1] : 0);
    }

    /** Length in ms by the size of the file that encode() made; 0 of what is none. */
    public static function durationMs(string $path): int
    {
        clearstatcache(true, $path);
        $head = (string) @file_get_contents($path, length: 44);
        $rate = strlen($head) === 44 && str_starts_with($head, 'RIFF') ? unpack('V', $head, 24) : false;

        return is_array($rate) && is_int($rate[1]) && $rate[1] > 0
            ? (int) round((filesize($path) - 44) * 500 / $rate[1])
            : 0;
    }
}
