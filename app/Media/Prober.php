<?php

declare(strict_types=1);

namespace App\Media;

use Closure;
use RapidReel\Footage\FootageKind;
use Symfony\Component\Process\Process;

/** Looks into a file before anything else opens it. Files are judged by what they hold, not by their names. */
final readonly class Prober
{
    /** Pixels that a side has at least. */
    private const SMALLEST = 64;

    /** As long as an upload may be looked through while somebody waits for it. */
    private const MOST_SECONDS = 60.0;

    private const STILLS = ['png_pipe', 'jpeg_pipe', 'webp_pipe', 'image2'];

    /**
     * @param  array{
     *     clip_bytes: int, still_bytes: int, clip_seconds: int, still_pixels: int, side_pixels: int, ...
     * }  $limits
     */
    public function __construct(
        private MediaTools $tools,
        private array $limits,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @param  Closure(int): void|null  $tell  told how many percent were looked through, again and again
     *
     * @throws UnusableMedia
     */
    public function probe(string $path, string $name, ?Closure $tell = null): ProbedMedia
    {
        return $this->readThrough($path, $name, $this->glance($path, $name), $tell);
    }

    /**
     * Decodes all of what a glance found.
     *
     * @param  Closure(int): void|null  $tell
     *
     * @throws UnusableMedia
     */
    public function readThrough(string $path, string $name, ProbedMedia $found, ?Closure $tell = null): ProbedMedia
    {
        if ($found->kind === FootageKind::Still) {
            $this->decode($path, $name, $found);

            return $found;
        }
        $decodedMs = $this->decode($path, $name, $found, $tell) - $found->look->lateMs;
        // A clip that ends early is found now and not in the middle of a render.
        $isShort = $found->isLengthTold && $found->durationMs > 1_000 && $decodedMs < 0.9 * $found->durationMs;
        if ($decodedMs < 1 || $isShort) {
            throw UnusableMedia::isBroken($name);
        }

        return new ProbedMedia(
            FootageKind::Clip,
            $found->width,
            $found->height,
            $decodedMs,
            $found->look,
            $found->type,
            $found->stream,
        );
    }

    /**
     * What a file says of itself, without reading it through.
     *
     * @throws UnusableMedia
     */
    public function glance(string $path, string $name): ProbedMedia
    {
        $head = FileKind::admit($path, $name);
        // The size a picture claims, read from its head alone: nothing may unpack a huge one to find out.
        $claimed = FileKind::isStill($head) ? @getimagesize($path) : false;
        if (is_array($claimed)) {
            $this->refuseHuge($claimed[0], $claimed[1], $name);
        }
        if (($claimed['channels'] ?? 3) === 4) {
            throw UnusableMedia::isOfAnotherKind($name, 'a picture for print (CMYK)');
        }
        $found = $this->ask($path);
        $isStill = in_array($found->format(), self::STILLS, true);
        $look = $found->look($isStill ? ExifTurn::of($path) : 1);
        if ($look === null) {
            throw match (true) {
                $found->hasSound() => UnusableMedia::isOnlySound($name),
                FileKind::meansToBePictures($head) => UnusableMedia::isBroken($name),
                default => UnusableMedia::isNoPicture($name),
            };
        }
        [$width, $height] = $look->shown();
        $this->refuseHuge(max($look->width, $width), max($look->height, $height), $name);
        if (min($width, $height) < self::SMALLEST) {
            throw UnusableMedia::isTooSmall($name, $width, $height, self::SMALLEST);
        }
        $bytes = $isStill ? $this->limits['still_bytes'] : $this->limits['clip_bytes'];
        if (filesize($path) > $bytes) {
            throw UnusableMedia::isTooLarge($name, sprintf('at most %d MB can be used', intdiv($bytes, 1024 * 1024)));
        }
        $type = FileKind::type($found->format(), $head);
        if ($isStill) {
            return new ProbedMedia(FootageKind::Still, $width, $height, 0, $look, $type, $found->stream());
        }
        $seconds = $found->pictureSeconds($look);
        $this->refuseLength(max($seconds, $found->seconds()), $name);

        return new ProbedMedia(
            FootageKind::Clip,
            $width,
            $height,
            (int) round(1000 * ($seconds > 0 ? $seconds : $found->seconds())),
            $look,
            $type,
            $found->stream(),
            $seconds > 0,
        );
    }

    /** @throws UnusableMedia when it runs too long, or not at all */
    private function refuseLength(float $seconds, string $name): void
    {
        if ($seconds > $this->limits['clip_seconds']) {
            throw UnusableMedia::isTooLarge(
                $name,
                sprintf(
                    'it runs %.0f minutes; at most %d can be used',
                    $seconds / 60,
                    intdiv($this->limits['clip_seconds'], 60),
                ),
            );
        }
        if ($seconds < 0.1) {
            throw $seconds > 0 ? UnusableMedia::isOnePicture($name) : UnusableMedia::isBroken($name);
        }
    }

    /**
     * Decodes every picture once.
     *
     * @param  Closure(int): void|null  $tell
     * @return int ms, from the begin of the file to the end of its pictures
     */
    private function decode(string $path, string $name, ProbedMedia $found, ?Closure $tell = null): int
    {
        $listen = $tell === null ? null : static function (string $type, string $printed) use ($tell, $found): void {
            if (preg_match('/^out_time_us=(\d+)$/m', $printed, $at) === 1) {
                $tell((int) min(99, (int) $at[1] / 10 / max(1, $found->durationMs)));
            }
        };
        $process = $this->tools->attempt(
            [
                '-loglevel', 'error', '-xerror',
                // Strict with stills, whose decoder fills up with green what is not there.
                ...$found->kind === FootageKind::Still ? ['-err_detect', 'explode'] : [],
                '-progress', 'pipe:1', ...$this->tools->input($path), '-map', "0:{$found->stream}", '-f', 'null', '-',
            ],
            'Looking through the file',
            listen: $listen,
            // Somebody waits, unless a worker does it.
            seconds: $tell === null ? self::MOST_SECONDS : null,
        );
        if (! $process->isSuccessful()) {
            throw UnusableMedia::isBroken($name);
        }

        return self::toldMs($process);
    }

    /** How far a program says that it has come, in ms. */
    private static function toldMs(Process $process): int
    {
        preg_match_all('/^out_time_us=(\d+)$/m', $process->getOutput(), $matches);

        return (int) round((int) (end($matches[1]) ?: 0) / 1000);
    }

    /** Length of a sound file in ms. */
    public function soundMs(string $path, string $name): int
    {
        FileKind::admit($path, $name);
        $found = $this->ask($path);
        if (! $found->hasSound()) {
            throw UnusableMedia::isSilent($name);
        }
        // What a browser records says nothing of its length.
        $ms = (int) round(1000 * $found->seconds()) ?: $this->heardMs($path);

        return $ms > 0 ? $ms : throw UnusableMedia::isSilent($name);
    }

    private function heardMs(string $path): int
    {
        $process = $this->tools->attempt(
            [
                '-loglevel', 'error', '-progress', 'pipe:1', ...$this->tools->input($path), '-map', '0:a:0', '-f',
                'null', '-',
            ],
            'Looking through the file',
        );

        return self::toldMs($process);
    }

    private function ask(string $path): ProbeReport
    {
        return ProbeReport::of($this->tools->probe([
            '-v', 'error', '-show_entries', ProbeReport::ENTRIES, '-of', 'json', ...$this->tools->input($path),
        ])->getOutput());
    }

    private function refuseHuge(int $width, int $height, string $name): void
    {
        if (max($width, $height) > $this->limits['side_pixels'] || $width * $height > $this->limits['still_pixels']) {
            throw UnusableMedia::isTooLarge(
                $name,
                sprintf(
                    'it is %s × %s pixels; at most %s megapixels and %s on a side can be used',
                    number_format($width),
                    number_format($height),
                    intdiv($this->limits['still_pixels'], 1_000_000),
                    number_format($this->limits['side_pixels']),
                ),
            );
        }
    }
}
