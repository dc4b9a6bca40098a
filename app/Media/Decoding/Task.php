<?php

declare(strict_types=1);

namespace App\Media\Decoding;

use RapidReel\Base\Refusal;

/** What the process that decodes is asked for. */
enum Task: string
{
    /** What a picture says of itself at its begin. */
    case Head = 'head';
    /** Whether all of a WebP can be read, by the library of those who made that format. */
    case Whole = 'whole';
    /** A PNG as the picture that is laid over videos. */
    case Logo = 'logo';
    /** Whether a font file is one, and what it has. */
    case Face = 'face';

    /** What is printed and how the process ends where the file is none of its kind. */
    public const REFUSED = 3;

    /**
     * @param  list<string>  $arguments  the task and what it works on
     * @return int exit status
     */
    public static function main(array $arguments): int
    {
        $task = self::from($arguments[0] ?? '');
        try {
            $found = match ($task) {
                self::Head => PictureHead::of($arguments[1] ?? ''),
                self::Whole => ['whole' => @imagecreatefromwebp($arguments[1] ?? '') !== false],
                self::Logo => LogoPicture::of($arguments[1] ?? '', $arguments[2] ?? ''),
                self::Face => TypefaceReader::of($arguments[1] ?? ''),
            };
        } catch (Refusal $problem) {
            echo json_encode(['refused' => $problem->getMessage()], JSON_THROW_ON_ERROR);

            return self::REFUSED;
        }
        echo json_encode($found, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);

        return 0;
    }
}
