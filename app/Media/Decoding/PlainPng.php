<?php

declare(strict_types=1);

namespace App\Media\Decoding;

/**
 * A PNG without what is not needed to see it (ISO/IEC 15948, 11.2): text, profiles and times may unpack to anything,
 * and nobody reads them. The sums of what is kept are compared.
 */
final class PlainPng
{
    public const SIGNATURE = "\x89PNG\r\n\x1a\n";

    private const KEPT = ['IHDR', 'PLTE', 'tRNS', 'IDAT', 'IEND'];

    /** @return array{int, int}|null width and height that it claims */
    public static function size(string $bytes): ?array
    {
        if (! str_starts_with($bytes, self::SIGNATURE) || substr($bytes, 12, 4) !== 'IHDR' || strlen($bytes) < 33) {
            return null;
        }
        /** @var array{width: int, height: int} $found */
        $found = unpack('Nwidth/Nheight', $bytes, 16);

        return [$found['width'], $found['height']];
    }

    /** @return string|null null where it is cut short or damaged */
    public static function of(string $bytes): ?string
    {
        $plain = self::SIGNATURE;
        for ($at = 8, $end = strlen($bytes); $at + 12 <= $end;) {
            $length = (int) (unpack('N', $bytes, $at)[1] ?? 0);
            $kind = substr($bytes, $at + 4, 4);
            if ($at + 12 + $length > $end) {
                return null;
            }
            if (in_array($kind, self::KEPT, true)) {
                $sum = (int) (unpack('N', $bytes, $at + 8 + $length)[1] ?? -1);
                if ($sum !== crc32(substr($bytes, $at + 4, 4 + $length))) {
                    return null;
                }
                $plain .= substr($bytes, $at, 12 + $length);
            }
            if ($kind === 'IEND') {
                return $plain;
            }
            $at += 12 + $length;
        }

        return null;
    }
}
