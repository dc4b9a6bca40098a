<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Decoding\Decoder;
use App\Media\Decoding\Task;
use App\Media\Process\Limits;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\FootageKind;
use Symfony\Component\Process\Process;

/** Looks into a file before anything else opens it. Files are judged by what they hold, not by their names. */
final readonly class Prober
{
    /** Pixels that a side has at least. */
    private const SMALLEST = 64;

    /** Those who made these formats, which have no sums of their own, read them more strictly than others. */
    private const STRICTER = ['vp8' => 'libvpx', 'vp9' => 'libvpx-vp9'];

    private const STILLS = ['png_pipe', 'jpeg_pipe', 'webp_pipe', 'image2'];

    /**
     * @param  array{
     *     clip_bytes: int, still_bytes: int, clip_seconds: int, still_pixels: int, side_pixels: int, ...
     * }  $limits
     */
    public function __construct(
        private MediaTools $tools,
        private Decoder $decoder,
        private array $limits,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @param  Closure(int): void|null  $tell  told how many percent were looked through, again and again
     *
     * @throws UnusableMedia
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     * @throws Refusal
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
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     * @throws Refusal
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
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     * @throws Refusal
     */
    public function glance(string $path, string $name): ProbedMedia
    {
        $head = FileKind::admit($path, $name);
        // The size a picture claims, read from its head alone: nothing may unpack a huge one to find out.
        [$claimed, $turn] = FileKind::isStill($head) ? $this->claimed($path, $name) : [0, 1];
        if ($claimed === 4) {
            throw UnusableMedia::isOfAnotherKind($name, 'a picture for print (CMYK)');
        }
        $found = $this->ask($path, $name);
        $isStill = in_array($found->format(), self::STILLS, true);
        $look = $found->look($isStill ? $turn : 1);
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

    /**
     * What a picture says of itself.
     *
     * @return array{int, int} how many colours it is made of, and how it was held (EXIF)
     *
     * @throws UnusableMedia
     * @throws Refusal
     */
    private function claimed(string $path, string $name): array
    {
        $head = $this->decoder->ask(Task::Head, $name, $path) ?? [];
        $number = static fn (string $key, int $else): int => is_int($head[$key] ?? null) ? $head[$key] : $else;
        $this->refuseHuge($number('width', 0), $number('height', 0), $name);

        return [$number('channels', 3), $number('turn', 1)];
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
     *
     * @throws UnusableMedia
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     * @throws Refusal
     */
    private function decode(string $path, string $name, ProbedMedia $found, ?Closure $tell = null): int
    {
        $listen = $tell === null ? null : static function (string $type, string $printed) use ($tell, $found): void {
            if (preg_match('/^out_time_us=(\d+)$/m', $printed, $at) === 1) {
                $tell((int) min(99, (int) $at[1] / 10 / max(1, $found->durationMs)));
            }
        };
        $strict = match (true) {
            // Strict with stills, whose decoder fills up with green what is not there.
            $found->kind === FootageKind::Still => ['-err_detect', 'explode'],
            in_array($found->type, ['video/webm', 'video/x-matroska'], true) => $this->stricter($path, $name),
            default => [],
        };
        $process = $this->tools->open(
            [
                '-loglevel', 'error', '-xerror', ...$strict, '-progress', 'pipe:1', ...$this->tools->input($path),
                '-map', "0:{$found->stream}", '-f', 'null', '-',
            ],
            $name,
            // Somebody waits, unless a worker does it.
            $tell === null ? Limits::ofAReading() : Limits::ofAWorker(),
            listen: $listen,
        );
        $isQuiet = ($strict[0] ?? '') !== '-c:v' || trim($process->getErrorOutput()) === '';
        if (! $process->isSuccessful() || ! $isQuiet) {
            throw UnusableMedia::isBroken($name);
        }
        if ($found->type === 'image/webp'
            && ($this->decoder->ask(Task::Whole, $name, $path)['whole'] ?? false) !== true) {
            throw UnusableMedia::isBroken($name);
        }

        return self::toldMs($process);
    }

    /**
     * @return list<string>
     *
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function stricter(string $path, string $name): array
    {
        $by = self::STRICTER[$this->ask($path, $name)->codec()] ?? null;

        return $by === null ? [] : ['-c:v', $by];
    }

    /** How far a program says that it has come, in ms. */
    public static function toldMs(Process $process): int
    {
        preg_match_all('/^out_time_us=(\d+)$/m', $process->getOutput(), $matches);

        return (int) round((int) (end($matches[1]) ?: 0) / 1000);
    }

    /**
     * Length of a sound file in ms, as it says itself; where it says nothing, it is read, no further than asked for.
     *
     * @param  int  $most  seconds
     *
     * @throws UnusableMedia
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    public function soundMs(string $path, string $name, int $most): int
    {
        FileKind::admit($path, $name);
        $found = $this->ask($path, $name);
        if (! $found->hasSound()) {
            throw UnusableMedia::isSilent($name);
        }
        // What a browser records says nothing of its length.
        $ms = (int) round(1000 * $found->seconds()) ?: $this->heardMs($path, $name, $most);

        return $ms > 0 ? $ms : throw UnusableMedia::isSilent($name);
    }

    /**
     * Whether what a file says of its length is a guess out of its begin, as where frames follow each other bare.
     *
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    public function isLengthGuessed(string $path, string $name): bool
    {
        return in_array($this->ask($path, $name)->format(), ['mp3', 'aac'], true);
    }

    /**
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function heardMs(string $path, string $name, int $most): int
    {
        $process = $this->tools->open(
            [
                '-loglevel', 'error', '-progress', 'pipe:1', ...$this->tools->input($path), '-map', '0:a:0', '-t',
                (string) ($most + 1), '-f', 'null', '-',
            ],
            $name,
            Limits::ofAReading(),
        );

        return self::toldMs($process);
    }

    /**
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function ask(string $path, string $name): ProbeReport
    {
        return ProbeReport::of($this->tools->probe([
            '-v', 'error', '-show_entries', ProbeReport::ENTRIES, '-of', 'json', ...$this->tools->input($path),
        ], $name)->getOutput());
    }

    /** @throws UnusableMedia */
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
