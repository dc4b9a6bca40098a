<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Base\Refusal;

/** A file that cannot serve as footage or music. */
final class UnusableMedia extends Refusal
{
    public static function isNoPicture(string $name): self
    {
        return new self(
            "“{$name}” is not a video or a picture that can be read. Use MP4, MOV, WebM, MKV, PNG, JPEG or WebP.",
        );
    }

    public static function isBroken(string $name): self
    {
        return new self(
            "“{$name}” is damaged or cut off: its pictures cannot be read to the end. "
                .'Export it again and upload the new file.',
        );
    }

    public static function isAPlaylist(string $name): self
    {
        return new self(
            "“{$name}” is a playlist, not a video: it only points to other files. Upload the video itself.",
        );
    }

    public static function isTooLarge(string $name, string $limit): self
    {
        return new self("“{$name}” is too large: {$limit}.");
    }

    public static function isTooLong(string $name, int $ms, int $mostSeconds): self
    {
        return new self(
            sprintf(
                '“%s” runs %.0f minutes; a recording has at most %d. Cut it, and bring the parts one by one.',
                $name,
                $ms / 60_000,
                intdiv($mostSeconds, 60),
            ),
        );
    }

    public static function isTooShort(string $name, int $ms): self
    {
        return new self(sprintf('“%s” lasts only %.1f s; nothing can be said in that.', $name, $ms / 1000));
    }

    public static function isSilent(string $name): self
    {
        return new self("“{$name}” holds no sound that can be read. Use WAV, MP3, M4A, OGG or FLAC.");
    }
}
