<?php

declare(strict_types=1);

namespace App\Media\Probing;

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

    /** @param  string  $what  with its article */
    public static function isOfAnotherKind(string $name, string $what): self
    {
        return new self(
            "“{$name}” is {$what}, which cannot be used here. Save it as JPEG, PNG or MP4 and upload that.",
        );
    }

    public static function isOnlySound(string $name): self
    {
        return new self("“{$name}” holds sound but no pictures. Upload it as music or as a recording.");
    }

    public static function isTooSmall(string $name, int $width, int $height, int $least): self
    {
        return new self("“{$name}” is too small: $width × $height pixels, and $least on a side are needed.");
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

    /** @param  int  $most  seconds */
    public static function isTooLongASound(string $name, int $ms, int $most, bool $isMusic): self
    {
        return new self($isMusic
            ? sprintf(
                '“%s” runs %.0f minutes or longer; a piece of music has at most %d. Cut it, and upload that.',
                $name, $ms / 60_000, intdiv($most, 60),
            )
            : sprintf(
                '“%s” lasts %.0f s or longer; an effect lasts at most %d. Upload it as music, or cut it.',
                $name, $ms / 1000, $most,
            ));
    }

    public static function isShortOfItsLength(string $name, int $ms, int $told): self
    {
        return new self(sprintf(
            '“%s” is damaged or cut off: it says that it is %s long, and %.1f s of it are there. Upload all of it.',
            $name,
            $told > 86_400_000 ? sprintf('%d days', $told / 86_400_000) : sprintf('%.0f s', $told / 1000),
            $ms / 1000,
        ));
    }

    public static function isTooShort(string $name, int $ms): self
    {
        return new self(sprintf('“%s” lasts only %.1f s; nothing can be said in that.', $name, $ms / 1000));
    }

    public static function isSilent(string $name): self
    {
        return new self("“{$name}” holds no sound that can be read. Use WAV, MP3, M4A, OGG or FLAC.");
    }

    public static function isOnePicture(string $name): self
    {
        return new self(
            "“{$name}” is hardly longer than one picture. Save that as PNG or JPEG and upload it as a still.",
        );
    }
}
