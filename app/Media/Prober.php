<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Footage\FootageKind;

/** Looks into a file before anything else opens it. Files are judged by what they hold, not by their names. */
final readonly class Prober
{
    /** How files begin that mean to be a video or a picture: what is wrong with them is damage. */
    private const SIGNATURES = '/^(?:....(?:ftyp|moov|mdat|wide|free)|\x1A\x45\xDF\xA3|RIFF....(?:AVI |WEBP)|\x89PNG'
        .'|\xFF\xD8\xFF|G.{187}G)/s';

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
     *
     * @throws UnusableMedia
     */
    public function probe(string $path, string $name): ProbedMedia
    {
        $found = $this->glance($path, $name);
        if ($found->kind === FootageKind::Still) {
            return $found;
        }
        $decodedMs = $this->decodedMs($path, $name);
        if ($found->durationMs > 1_000 && $decodedMs < 0.9 * $found->durationMs) {
            throw UnusableMedia::isBroken($name);
        }

        return new ProbedMedia(FootageKind::Clip, $found->width, $found->height, $decodedMs);
    }

    /**
     * What a file says of itself, without reading it through.
     *
     * @throws UnusableMedia
     */
    public function glance(string $path, string $name): ProbedMedia
    {
        $head = $this->refusePlaylists($path, $name);
        // The size a picture claims, read from its head alone: nothing may unpack a huge one to find out.
        $claimed = @getimagesize($path);
        if (is_array($claimed)) {
            $this->refuseHuge($claimed[0], $claimed[1], $name);
        }
        $found = $this->ask($path);
        $stream = $found['streams'][0] ?? null;
        $format = is_string($found['format']['format_name'] ?? null) ? $found['format']['format_name'] : '';
        if ($stream === null || ($stream['width'] ?? 0) < 2 || ($stream['height'] ?? 0) < 2) {
            throw preg_match(self::SIGNATURES, $head) === 1
                ? UnusableMedia::isBroken($name)
                : UnusableMedia::isNoPicture($name);
        }
        [$width, $height] = [(int) $stream['width'], (int) $stream['height']];
        $this->refuseHuge($width, $height, $name);
        if (min($width, $height) < 64) {
            throw UnusableMedia::isTooLarge($name, "it is only $width × $height pixels, and 64 on a side are needed");
        }

        $still = in_array($format, self::STILLS, true);
        $bytes = $still ? $this->limits['still_bytes'] : $this->limits['clip_bytes'];
        if (filesize($path) > $bytes) {
            throw UnusableMedia::isTooLarge($name, sprintf('at most %d MB can be used', intdiv($bytes, 1024 * 1024)));
        }
        if ($still) {
            return new ProbedMedia(FootageKind::Still, $width, $height, 0);
        }

        return $this->clip($name, $stream, (float) ($found['format']['duration'] ?? 0), $width, $height);
    }

    /**
     * @param  array<string, mixed>  $stream
     */
    private function clip(string $name, array $stream, float $seconds, int $width, int $height): ProbedMedia
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
            throw UnusableMedia::isBroken($name);
        }
        $durationMs = (int) round($seconds * 1000);
        $sides = is_array($stream['side_data_list'] ?? null) ? $stream['side_data_list'] : [];
        $turn = 0;
        foreach ($sides as $side) {
            $turn = is_array($side) && is_numeric($side['rotation'] ?? null) ? abs((int) $side['rotation']) : $turn;
        }

        return $turn % 180 === 90
            ? new ProbedMedia(FootageKind::Clip, $height, $width, $durationMs)
            : new ProbedMedia(FootageKind::Clip, $width, $height, $durationMs);
    }

    /** Decodes every picture once: a file that is cut off is found now and not in the middle of a render. */
    private function decodedMs(string $path, string $name): int
    {
        $process = $this->tools->ffmpeg([
            '-loglevel', 'error', '-xerror', '-progress', 'pipe:1', ...$this->tools->input($path), '-map', '0:v:0',
            '-f', 'null', '-',
        ]);
        $process->run();
        preg_match_all('/^out_time_us=(\d+)$/m', $process->getOutput(), $matches);
        $last = $matches[1] === [] ? 0 : (int) end($matches[1]);
        if (! $process->isSuccessful() || $last === 0) {
            throw UnusableMedia::isBroken($name);
        }

        return (int) round($last / 1000);
    }

    /** Length of a sound file in ms. */
    public function soundMs(string $path, string $name): int
    {
        $this->refusePlaylists($path, $name);
        $found = $this->ask($path, 'a:0');
        if (($found['streams'] ?? []) === []) {
            throw UnusableMedia::isSilent($name);
        }
        // What a browser records says nothing of its length.
        $ms = (int) round(1000 * (float) ($found['format']['duration'] ?? 0)) ?: $this->heardMs($path);

        return $ms > 0 ? $ms : throw UnusableMedia::isSilent($name);
    }

    private function heardMs(string $path): int
    {
        $process = $this->tools->ffmpeg([
            '-loglevel', 'error', '-progress', 'pipe:1', ...$this->tools->input($path), '-map', '0:a:0', '-f', 'null',
            '-',
        ]);
        $process->run();
        preg_match_all('/^out_time_us=(\d+)$/m', $process->getOutput(), $matches);

        return $matches[1] === [] ? 0 : (int) round(end($matches[1]) / 1000);
    }

    /** @return array{streams?: list<array<string, mixed>>, format?: array<string, mixed>} */
    private function ask(string $path, string $stream = 'v:0'): array
    {
        $process = $this->tools->probe([
            '-v', 'error', '-select_streams', $stream, '-show_entries',
            'stream=codec_name,width,height,r_frame_rate:stream_side_data=rotation:format=format_name,duration', '-of',
            'json', ...$this->tools->input($path),
        ]);
        $found = json_decode($process->getOutput(), true);

        return is_array($found) ? $found : [];
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

    /** @return string the file's first bytes */
    private function refusePlaylists(string $path, string $name): string
    {
        $bytes = (string) file_get_contents($path, length: 2048);
        $head = ltrim($bytes, "\u{FEFF} \t\r\n");
        if (
            preg_match(
                '/^(?:#EXTM3U|ffconcat\s|\[playlist\]|\[Reference\]|\[InternetShortcut\]|<asx\b|<smil\b|<MPD\b|<\?xml'
                    .'|<playlist\b|RTSPtext|file\s+[\'"]|https?:)/i',
                $head,
            ) === 1
        ) {
            throw UnusableMedia::isAPlaylist($name);
        }

        return $bytes;
    }
}
