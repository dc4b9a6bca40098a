<?php

declare(strict_types=1);

namespace App\Media;

use Closure;
use RapidReel\Footage\FootageKind;
use RapidReel\Footage\SourceLook;

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
        $found = $this->glance($path, $name);
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
        $stream = self::picture($found['streams'] ?? []);
        $format = is_string($found['format']['format_name'] ?? null) ? $found['format']['format_name'] : '';
        if ($stream === null) {
            throw match (true) {
                self::hasSound($found['streams'] ?? []) => UnusableMedia::isOnlySound($name),
                FileKind::meansToBePictures($head) => UnusableMedia::isBroken($name),
                default => UnusableMedia::isNoPicture($name),
            };
        }
        $isStill = in_array($format, self::STILLS, true);
        $look = self::look($stream, $found['format'] ?? [], $isStill ? ExifTurn::of($path) : 1);
        [$width, $height] = $look->shown();
        $this->refuseHuge(max($look->width, $width), max($look->height, $height), $name);
        if (min($width, $height) < self::SMALLEST) {
            throw UnusableMedia::isTooSmall($name, $width, $height, self::SMALLEST);
        }
        $bytes = $isStill ? $this->limits['still_bytes'] : $this->limits['clip_bytes'];
        if (filesize($path) > $bytes) {
            throw UnusableMedia::isTooLarge($name, sprintf('at most %d MB can be used', intdiv($bytes, 1024 * 1024)));
        }
        [$ms, $isTold] = $isStill ? [0, true] : $this->lengthMs($stream, $found, $look, $name);

        return new ProbedMedia(
            $isStill ? FootageKind::Still : FootageKind::Clip,
            $width,
            $height,
            $ms,
            $look,
            FileKind::type($format, $head),
            self::whole($stream['index'] ?? 0),
            $isTold,
        );
    }

    /**
     * The first stream of pictures that is not the cover of something else.
     *
     * @param  list<array<string, mixed>>  $streams
     * @return array<string, mixed>|null
     */
    private static function picture(array $streams): ?array
    {
        foreach ($streams as $stream) {
            $isCover = is_array($stream['disposition'] ?? null) && ($stream['disposition']['attached_pic'] ?? 0) === 1;
            if (
                ($stream['codec_type'] ?? '') === 'video' && ! $isCover && self::whole($stream['width'] ?? 0) >= 2 &&
                self::whole($stream['height'] ?? 0) >= 2
            ) {
                return $stream;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $stream
     * @param  array<string, mixed>  $format
     */
    private static function look(array $stream, array $format, int $orientation): SourceLook
    {
        $turn = 0;
        foreach (is_array($stream['side_data_list'] ?? null) ? $stream['side_data_list'] : [] as $side) {
            $turn = is_array($side) && is_numeric($side['rotation'] ?? null) ? abs((int) $side['rotation']) : $turn;
        }
        $told = static fn (string $key): string => in_array(
            $stream[$key] ?? '',
            ['unknown', 'reserved', 'unspecified'],
            true,
        ) || ! is_string($stream[$key] ?? null) ? '' : $stream[$key];
        preg_match('/^(\d+):(\d+)$/', $told('sample_aspect_ratio'), $aspect);
        $isTold = (int) ($aspect[1] ?? 0) > 0 && (int) ($aspect[2] ?? 0) > 0;

        return new SourceLook(
            self::whole($stream['width'] ?? 0),
            self::whole($stream['height'] ?? 0),
            $told('pix_fmt'),
            // Nonsense is left alone.
            $isTold ? max(0.2, min(5.0, (int) $aspect[1] / (int) $aspect[2])) : 1.0,
            $turn % 180 === 90,
            $orientation,
            $told('color_space') === 'gbr' ? '' : $told('color_space'),
            $told('color_transfer'),
            $told('color_primaries'),
            in_array($told('field_order'), ['tt', 'bb', 'tb', 'bt'], true),
            max(0, (int) round(1000 * (self::number($stream['start_time'] ?? 0)
                - self::number($format['start_time'] ?? 0)))),
            self::whole($stream['index'] ?? 0) === self::whole($stream['first_video'] ?? $stream['index'] ?? 0),
        );
    }

    /**
     * How long the pictures last, as the file says: sound may go on.
     *
     * @param  array<string, mixed>  $stream
     * @param  array{streams?: list<array<string, mixed>>, format?: array<string, mixed>}  $found
     * @return array{int, bool} ms, and whether that is said of the pictures and not only of the whole
     */
    private function lengthMs(array $stream, array $found, SourceLook $look, string $name): array
    {
        $seconds = self::number($stream['duration'] ?? 0);
        $tags = is_array($stream['tags'] ?? null) ? $stream['tags'] : [];
        if ($seconds <= 0 && preg_match('/^(\d+):(\d+):([\d.]+)$/', (string) ($tags['DURATION'] ?? ''), $told) === 1) {
            $seconds = 3_600 * (int) $told[1] + 60 * (int) $told[2] + (float) $told[3] - $look->lateMs / 1000;
        }
        if ($seconds <= 0 && count($found['streams'] ?? []) === 1) {
            $seconds = self::number($found['format']['duration'] ?? 0) - $look->lateMs / 1000;
        }
        $whole = max($seconds, self::number($found['format']['duration'] ?? 0));
        if ($whole > $this->limits['clip_seconds']) {
            throw UnusableMedia::isTooLarge(
                $name,
                sprintf(
                    'it runs %.0f minutes; at most %d can be used',
                    $whole / 60,
                    intdiv($this->limits['clip_seconds'], 60),
                ),
            );
        }
        if ($whole < 0.1) {
            throw UnusableMedia::isBroken($name);
        }

        return [(int) round(1000 * ($seconds > 0 ? $seconds : $whole)), $seconds > 0];
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
        preg_match_all('/^out_time_us=(\d+)$/m', $process->getOutput(), $matches);
        if (! $process->isSuccessful()) {
            throw UnusableMedia::isBroken($name);
        }

        return (int) round((int) (end($matches[1]) ?: 0) / 1000);
    }

    /** @param  list<array<string, mixed>>  $streams */
    private static function hasSound(array $streams): bool
    {
        return in_array('audio', array_column($streams, 'codec_type'), true);
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    /** Length of a sound file in ms. */
    public function soundMs(string $path, string $name): int
    {
        FileKind::admit($path, $name);
        $found = $this->ask($path);
        if (! self::hasSound($found['streams'] ?? [])) {
            throw UnusableMedia::isSilent($name);
        }
        // What a browser records says nothing of its length.
        $ms = (int) round(1000 * (float) ($found['format']['duration'] ?? 0)) ?: $this->heardMs($path);

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
        preg_match_all('/^out_time_us=(\d+)$/m', $process->getOutput(), $matches);

        return $matches[1] === [] ? 0 : (int) round(end($matches[1]) / 1000);
    }

    /** @return array{streams?: list<array<string, mixed>>, format?: array<string, mixed>} */
    private function ask(string $path): array
    {
        $process = $this->tools->probe([
            '-v', 'error', '-show_entries',
            'stream=index,codec_type,codec_name,width,height,pix_fmt,sample_aspect_ratio,field_order,color_space,'
                .'color_transfer,color_primaries,start_time,duration:stream_disposition=attached_pic'
                .':stream_tags=DURATION:stream_side_data=rotation:format=format_name,duration,start_time',
            '-of', 'json', ...$this->tools->input($path),
        ]);
        $found = json_decode($process->getOutput(), true);
        if (! is_array($found)) {
            return [];
        }
        // Which stream of pictures a reader takes who does not ask.
        $videos = array_values(array_filter(
            $found['streams'] ?? [],
            static fn (array $stream): bool => ($stream['codec_type'] ?? '') === 'video',
        ));
        foreach ($found['streams'] ?? [] as $i => $stream) {
            $found['streams'][$i]['first_video'] = $videos[0]['index'] ?? 0;
        }

        return $found;
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
