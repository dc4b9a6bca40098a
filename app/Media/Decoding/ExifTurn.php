<?php

declare(strict_types=1);

namespace App\Media\Decoding;

/** How a camera was held, as a picture says it: EXIF 2.3, tag 0x0112, in JPEG, PNG (eXIf) and WebP. */
final class ExifTurn
{
    private const MOST_CHUNKS = 2_000;

    /** @return int 1…8; 1 where nothing is said */
    public static function of(string $path): int
    {
        $file = @fopen($path, 'rb');
        if ($file === false) {
            return 1;
        }
        try {
            $head = (string) fread($file, 12);
            $exif = match (true) {
                str_starts_with($head, "\xFF\xD8") => self::inJpeg($file),
                str_starts_with($head, "\x89PNG") => self::inChunks($file, 8, 'N', 4, 'eXIf', 'IEND'),
                str_starts_with($head, 'RIFF') => self::inChunks($file, 12, 'V', 0, 'EXIF', ''),
                default => '',
            };

            return self::orientation(str_starts_with($exif, "Exif\0\0") ? substr($exif, 6) : $exif);
        } finally {
            fclose($file);
        }
    }

    /** @param  resource  $file */
    private static function inJpeg(mixed $file): string
    {
        fseek($file, 2);
        for ($i = 0; $i < self::MOST_CHUNKS; $i++) {
            $marker = (string) fread($file, 4);
            // Behind the start of the scan there are no more words.
            if (strlen($marker) < 4 || $marker[0] !== "\xFF" || $marker[1] === "\xDA") {
                return '';
            }
            $size = (int) (unpack('n', $marker, 2)[1] ?? 0) - 2;
            if ($size < 0) {
                return '';
            }
            if ($marker[1] === "\xE1" && $size > 6) {
                $body = (string) fread($file, $size);
                if (str_starts_with($body, "Exif\0\0")) {
                    return $body;
                }
            } else {
                fseek($file, $size, SEEK_CUR);
            }
        }

        return '';
    }

    /**
     * PNG has the size before the name and a sum behind; RIFF has the name first, and even sizes.
     *
     * @param  resource  $file
     */
    private static function inChunks(
        mixed $file,
        int $from,
        string $order,
        int $sum,
        string $wanted,
        string $end,
    ): string {
        fseek($file, $from);
        for ($i = 0; $i < self::MOST_CHUNKS; $i++) {
            $head = (string) fread($file, 8);
            if (strlen($head) < 8) {
                return '';
            }
            [$name, $at] = $order === 'N' ? [substr($head, 4), 0] : [substr($head, 0, 4), 4];
            $size = (int) (unpack($order, $head, $at)[1] ?? 0);
            if ($name === $wanted) {
                return (string) fread($file, max(1, min($size, 1_000_000)));
            }
            if ($name === $end || $size < 0) {
                return '';
            }
            fseek($file, $size + ($order === 'N' ? $sum : $size % 2), SEEK_CUR);
        }

        return '';
    }

    private static function orientation(string $tiff): int
    {
        $isLittle = str_starts_with($tiff, 'II');
        if (strlen($tiff) < 14 || (! $isLittle && ! str_starts_with($tiff, 'MM'))) {
            return 1;
        }
        [$short, $long] = $isLittle ? ['v', 'V'] : ['n', 'N'];
        $at = (int) (unpack($long, $tiff, 4)[1] ?? 0);
        $count = $at + 2 <= strlen($tiff) ? (int) (unpack($short, $tiff, $at)[1] ?? 0) : 0;
        for ($i = 0, $at += 2; $i < $count && $at + 12 <= strlen($tiff); $i++, $at += 12) {
            if ((int) (unpack($short, $tiff, $at)[1] ?? 0) === 0x0112) {
                $turn = (int) (unpack($short, $tiff, $at + 8)[1] ?? 1);

                return $turn >= 1 && $turn <= 8 ? $turn : 1;
            }
        }

        return 1;
    }
}
