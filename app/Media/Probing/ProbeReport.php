<?php

declare(strict_types=1);

namespace App\Media\Probing;

use RapidReel\Pictures\Footage\SourceColours;
use RapidReel\Pictures\Footage\SourceForm;
use RapidReel\Pictures\Footage\SourceShape;

/** What ffprobe told of a file. */
final readonly class ProbeReport
{
    /** What it is to be asked for. */
    public const ENTRIES = 'stream=index,codec_type,codec_name,width,height,pix_fmt,sample_aspect_ratio,field_order,'
        .'color_space,color_transfer,color_primaries,start_time,duration:stream_disposition=attached_pic'
        .':stream_tags=DURATION:stream_side_data=rotation:format=format_name,duration,start_time';

    private const NOTHING_SAID = ['unknown', 'reserved', 'unspecified'];

    /** @var array<string, mixed>|null the first stream of pictures that is not the cover of something else */
    private ?array $picture;

    /**
     * @param  list<array<string, mixed>>  $streams
     * @param  array<string, mixed>  $format
     */
    private function __construct(
        private array $streams,
        private array $format,
    ) {
        $pictures = array_filter($streams, static function (array $stream): bool {
            $is = is_array($stream['disposition'] ?? null) ? $stream['disposition'] : [];

            return ($stream['codec_type'] ?? '') === 'video' && ($is['attached_pic'] ?? 0) !== 1 &&
                self::whole($stream['width'] ?? 0) >= 2 && self::whole($stream['height'] ?? 0) >= 2;
        });
        $this->picture = array_values($pictures)[0] ?? null;
    }

    /** @param  string  $json  anything, as ffprobe prints nothing of what it cannot read */
    public static function of(string $json): self
    {
        $data = json_decode($json, true);
        $streams = is_array($data) && is_array($data['streams'] ?? null) ? $data['streams'] : [];
        $format = is_array($data) && is_array($data['format'] ?? null) ? $data['format'] : [];

        return new self(array_values(array_filter($streams, is_array(...))), $format);
    }

    public function format(): string
    {
        return is_string($this->format['format_name'] ?? null) ? $this->format['format_name'] : '';
    }

    public function hasSound(): bool
    {
        return in_array('audio', array_column($this->streams, 'codec_type'), true);
    }

    /** The number of the stream that is looked at. */
    public function stream(): int
    {
        return self::whole($this->picture['index'] ?? 0);
    }

    /** How its pictures are written. */
    public function codec(): string
    {
        return $this->told('codec_name');
    }

    /** Length of the whole. */
    public function seconds(): float
    {
        return self::number($this->format['duration'] ?? 0);
    }

    /** Length of the pictures: sound may go on. 0 where that is not said. */
    public function pictureSeconds(SourceForm $look): float
    {
        $late = $look->lateMs / 1000;
        $seconds = self::number($this->picture['duration'] ?? 0);
        if ($seconds > 0) {
            return $seconds;
        }
        $tags = is_array($this->picture['tags'] ?? null) ? $this->picture['tags'] : [];
        $tag = is_string($tags['DURATION'] ?? null) ? $tags['DURATION'] : '';
        if (preg_match('/^(\d+):(\d+):([\d.]+)$/', $tag, $told) === 1) {
            return 3_600 * (int) $told[1] + 60 * (int) $told[2] + (float) $told[3] - $late;
        }

        return count($this->streams) === 1 ? $this->seconds() - $late : 0.0;
    }

    /**
     * @param  int  $orientation  EXIF, 1…8
     * @return SourceForm|null none where there are no pictures
     */
    public function look(int $orientation): ?SourceForm
    {
        $picture = $this->picture;
        if ($picture === null) {
            return null;
        }
        $turn = 0;
        foreach (is_array($picture['side_data_list'] ?? null) ? $picture['side_data_list'] : [] as $side) {
            $turn = is_array($side) && is_numeric($side['rotation'] ?? null) ? abs((int) $side['rotation']) : $turn;
        }
        preg_match('/^(\d+):(\d+)$/', $this->told('sample_aspect_ratio'), $aspect);
        [$across, $down] = [(int) ($aspect[1] ?? 0), (int) ($aspect[2] ?? 0)];
        $late = self::number($picture['start_time'] ?? 0) - self::number($this->format['start_time'] ?? 0);

        return new SourceForm(
            self::whole($picture['width'] ?? 0),
            self::whole($picture['height'] ?? 0),
            $this->told('pix_fmt'),
            new SourceShape(
                // Nonsense is left alone.
                $across > 0 && $down > 0 ? max(0.2, min(5.0, $across / $down)) : 1.0,
                $turn % 180 === 90,
                $orientation,
            ),
            new SourceColours(
                $this->told('color_space') === 'gbr' ? '' : $this->told('color_space'),
                $this->told('color_transfer'),
                $this->told('color_primaries'),
            ),
            in_array($this->told('field_order'), ['tt', 'bb', 'tb', 'bt'], true),
            max(0, (int) round(1000 * $late)),
            $this->isFirst(),
        );
    }

    /** Whether it is the stream of pictures that a reader takes who does not ask. */
    private function isFirst(): bool
    {
        foreach ($this->streams as $stream) {
            if (($stream['codec_type'] ?? '') === 'video') {
                return self::whole($stream['index'] ?? 0) === $this->stream();
            }
        }

        return true;
    }

    private function told(string $key): string
    {
        $value = $this->picture[$key] ?? '';

        return is_string($value) && ! in_array($value, self::NOTHING_SAID, true) ? $value : '';
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }
}
