<?php

declare(strict_types=1);

namespace App\Media\Decoding;

use GdImage;
use RapidReel\Base\Colour\LogoColours;
use RapidReel\Base\Refusal;

/** Makes of a PNG the picture of a logo: no larger than the largest frame, as transparent as it is. */
final class LogoPicture
{
    /** As wide or high as the largest frame. */
    public const LONGEST = 1_080;

    private const MOST_SIDE = 8_000;

    private const MOST_PIXELS = 40_000_000;

    /** Colours are counted on so many points a side. */
    private const POINTS = 96;

    /**
     * @param  string  $target  file that the picture is written to
     * @return array{width: int, height: int, colours: list<string>}
     *
     * @throws Refusal
     */
    public static function of(string $file, string $target): array
    {
        $bytes = (string) file_get_contents($file);
        [$width, $height] = PlainPng::size($bytes) ?? [0, 0];
        if (max($width, $height) > self::MOST_SIDE || $width * $height > self::MOST_PIXELS) {
            throw new Refusal(sprintf(
                'It has %s × %s pixels. A logo has at most %s on a side; save it smaller.',
                number_format($width), number_format($height), number_format(self::MOST_SIDE),
            ));
        }
        $plain = $width < 1 || $height < 1 ? null : PlainPng::of($bytes);
        $image = $plain === null ? false : @imagecreatefromstring($plain);
        if ($image === false) {
            throw new Refusal('It is damaged: it cannot be read to its end.');
        }
        $image = self::fitted($image);
        $colours = LogoColours::of(self::seen($image));
        if ($colours === []) {
            throw new Refusal('Nothing can be seen in it: all of it is transparent.');
        }
        imagepng($image, $target, 9);

        return ['width' => imagesx($image), 'height' => imagesy($image), 'colours' => $colours];
    }

    /** @throws Refusal */
    private static function fitted(GdImage $image): GdImage
    {
        imagepalettetotruecolor($image);
        imagesavealpha($image, true);
        [$width, $height] = [imagesx($image), imagesy($image)];
        $part = self::LONGEST / max($width, $height);
        if ($part >= 1) {
            return $image;
        }
        // By areas: a bicubic filter reads beyond pictures that are one point high.
        [$across, $down] = [max(1, (int) round($width * $part)), max(1, (int) round($height * $part))];
        $fitted = imagecreatetruecolor($across, $down);
        if ($fitted === false) {
            throw new Refusal('It cannot be made smaller.');
        }
        imagealphablending($fitted, false);
        imagesavealpha($fitted, true);
        imagecopyresampled($fitted, $image, 0, 0, 0, 0, $across, $down, $width, $height);

        return $fitted;
    }

    /** @return list<array{int, int, int}> what can be seen of some points of it */
    private static function seen(GdImage $image): array
    {
        $pixels = [];
        [$width, $height] = [imagesx($image), imagesy($image)];
        [$across, $down] = [min(self::POINTS, $width), min(self::POINTS, $height)];
        for ($row = 0; $row < $down; $row++) {
            for ($column = 0; $column < $across; $column++) {
                $colour = (int) imagecolorat(
                    $image,
                    intdiv((2 * $column + 1) * $width, 2 * $across),
                    intdiv((2 * $row + 1) * $height, 2 * $down),
                );
                if ((($colour >> 24) & 127) < 64) {
                    $pixels[] = [($colour >> 16) & 255, ($colour >> 8) & 255, $colour & 255];
                }
            }
        }

        return $pixels;
    }
}
