<?php

declare(strict_types=1);

namespace App\Media;

use GdImage;
use RapidReel\Base\Refusal;
use RapidReel\Colour\LogoColours;
use Symfony\Component\Process\Process;

/** Makes of a PNG or an SVG the picture that is laid over videos: as large as that needs, as transparent as it is. */
final readonly class LogoReader
{
    /** As wide or high as the largest frame. */
    private const LONGEST = 1_080;

    private const MOST_SIDE = 8_000;

    private const MOST_PIXELS = 40_000_000;

    private const MOST_BYTES = 10 * 1024 * 1024;

    /** Colours are counted on so many points a side. */
    private const POINTS = 96;

    /** What in an SVG could reach out of it, or run. */
    private const UNSAFE = [
        '/<!(?:DOCTYPE|ENTITY)/i' => 'declares entities',
        '/<script|\son[a-z]+\s*=|javascript:/i' => 'holds scripts',
        '/<foreignObject|<iframe|<embed|<object/i' => 'holds other documents',
        '/(?:href|src)\s*=\s*["\']\s*(?!#|data:image\/png)/i' => 'refers to other files',
        '/url\(\s*["\']?\s*(?!#)|@import/i' => 'refers to other files',
    ];

    public function __construct(
        private MediaStore $store,
        private string $svg,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @return array{picture: string, width: int, height: int, colours: list<string>}
     *
     * @throws Refusal when it is no logo
     */
    public function read(string $file, string $name): array
    {
        if ((int) @filesize($file) > self::MOST_BYTES) {
            throw new Refusal("“{$name}” is larger than 10 MB.");
        }
        $bytes = (string) file_get_contents($file);
        $image = str_starts_with($bytes, "\x89PNG\r\n\x1a\n")
            ? $this->png($file, $name)
            : $this->drawn($bytes, $name);
        $image = $this->fitted($image);
        $colours = LogoColours::of($this->seen($image));
        if ($colours === []) {
            throw new Refusal("Nothing can be seen in “{$name}”: all of it is transparent.");
        }
        $folder = $this->store->workFolder();
        try {
            imagepng($image, "$folder/logo.png", 9);
            $picture = (string) hash_file('xxh128', "$folder/logo.png");
            $this->store->publish("$folder/logo.png", $this->store->source($picture));
        } finally {
            $this->store->discard($folder);
        }

        return [
            'picture' => $picture, 'width' => imagesx($image), 'height' => imagesy($image), 'colours' => $colours,
        ];
    }

    private function png(string $file, string $name): GdImage
    {
        [$width, $height] = @getimagesize($file) ?: [0, 0];
        if (max($width, $height) > self::MOST_SIDE || $width * $height > self::MOST_PIXELS) {
            throw new Refusal(sprintf(
                '“%s” has %s × %s pixels. A logo has at most %s on a side; save it smaller.',
                $name, number_format($width), number_format($height), number_format(self::MOST_SIDE),
            ));
        }
        $image = $width < 1 ? false : @imagecreatefrompng($file);
        if ($image === false) {
            throw new Refusal("“{$name}” is damaged: it cannot be read to its end.");
        }

        return $image;
    }

    private function drawn(string $bytes, string $name): GdImage
    {
        if (preg_match('/<svg[\s>]/i', substr($bytes, 0, 4_000)) !== 1) {
            throw new Refusal("“{$name}” is no PNG and no SVG. A logo is one of these, so that it can be transparent.");
        }
        foreach (self::UNSAFE as $pattern => $what) {
            if (preg_match($pattern, $bytes) === 1) {
                throw new Refusal("“{$name}” {$what}. Save it as a plain SVG, or as PNG.");
            }
        }
        $process = new Process([
            $this->svg, '--format', 'png', '--width', (string) self::LONGEST, '--height', (string) self::LONGEST,
            '--keep-aspect-ratio',
        ], input: $bytes, timeout: 20);
        $process->run();
        $image = $process->isSuccessful() ? @imagecreatefromstring($process->getOutput()) : false;

        return $image !== false ? $image : throw new Refusal("“{$name}” cannot be drawn: it is no whole SVG.");
    }

    private function fitted(GdImage $image): GdImage
    {
        imagepalettetotruecolor($image);
        imagesavealpha($image, true);
        $longest = max(imagesx($image), imagesy($image));
        if ($longest > self::LONGEST) {
            $image = imagescale(
                $image,
                max(1, (int) round(imagesx($image) * self::LONGEST / $longest)),
                max(1, (int) round(imagesy($image) * self::LONGEST / $longest)),
                IMG_BICUBIC,
            ) ?: $image;
            imagesavealpha($image, true);
        }

        return $image;
    }

    /** @return list<array{int, int, int}> what can be seen of some points of it */
    private function seen(GdImage $image): array
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
