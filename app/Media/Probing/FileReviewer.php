<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use RapidReel\Making\Finished\ClipFinder;
use RapidReel\Making\Finished\FileFacts;
use Symfony\Component\Process\Process;

/** Looks through a video frame by frame and listens to all of it: what is black, frozen, silent, clipped. */
final readonly class FileReviewer
{
    private const WIDTH = 180;

    public function __construct(private MediaTools $tools)
    {
    }

    /**
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     */
    public function look(string $file): FileFacts
    {
        ['video' => $video, 'audio' => $audio] = $this->streams($file);
        $filters = [];
        if ($video !== null) {
            $filters[] = '[0:v:0]scale='.self::WIDTH.':-2,blackdetect=d=0.01:pix_th=0.06:pic_th=0.995,'
                .'freezedetect=n=0.0004:d=0.5[v]';
        }
        if ($audio !== null) {
            $filters[] = '[0:a:0]aresample='.ClipFinder::RATE.',aformat=channel_layouts=stereo,asplit[heard][raw];'
                .'[heard]silencedetect=noise=-55dB:d=0.5,ebur128=peak=true[a];[raw]pan=mono|c0=0.5*c0+0.5*c1[s]';
        }
        if ($filters === []) {
            return self::facts($file, 'no stream in it can be read', null, null, '');
        }
        $clips = new ClipFinder;
        $looked = $this->tools->attempt([
            '-loglevel', 'info', '-nostats', '-err_detect', 'explode', ...$this->tools->input($file),
            '-filter_complex', implode(';', $filters),
            ...$video === null ? [] : ['-map', '[v]'], ...$audio === null ? [] : ['-map', '[a]'],
            '-f', 'null', '/dev/null',
            ...$audio === null ? [] : ['-map', '[s]', '-f', 's16le', '-'],
        ], 'Looking through the finished video', listen: static fn (string $kind, string $bytes) => $kind
            === Process::OUT ? $clips->hear($bytes) : null);
        $said = $looked->getErrorOutput();

        return self::facts(
            $file, self::problem($said, $looked->isSuccessful()), $video, $audio === null ? null : $clips, $said,
        );
    }

    /**
     * @return array{video: array{width: int, height: int, fps: float}|null, audio: array<string, mixed>|null}
     *
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     */
    private function streams(string $file): array
    {
        $data = json_decode($this->tools->probe([
            '-v', 'error', '-show_entries', 'stream=codec_type,width,height,r_frame_rate', '-of', 'json',
            ...$this->tools->input($file),
        ])->getOutput(), true);
        $found = ['video' => null, 'audio' => null];
        foreach (is_array($data) && is_array($data['streams'] ?? null) ? $data['streams'] : [] as $stream) {
            [$over, $under] = array_pad(explode('/', (string) ($stream['r_frame_rate'] ?? '0/1')), 2, '1');
            if (($stream['codec_type'] ?? '') === 'video') {
                $found['video'] ??= [
                    'width' => (int) ($stream['width'] ?? 0), 'height' => (int) ($stream['height'] ?? 0),
                    'fps' => (float) $over / max(1.0, (float) $under),
                ];
            } elseif (($stream['codec_type'] ?? '') === 'audio') {
                $found['audio'] ??= $stream;
            }
        }

        return $found;
    }

    /**
     * @param  array{width: int, height: int, fps: float}|null  $video
     * @param  string  $said  by the filters
     */
    private static function facts(
        string $file,
        string $problem,
        ?array $video,
        ?ClipFinder $clips,
        string $said,
    ): FileFacts {
        preg_match_all('/frame=\s*(\d+)/', $said, $frames);
        preg_match_all('/\bI:\s+(-?[\d.]+|-?inf) LUFS/', $said, $loud);
        preg_match_all('/\bPeak:\s+(-?[\d.]+|-?inf) dBFS/', $said, $peak);
        $number = static fn (array $found): float => is_numeric(end($found[1])) ? (float) end($found[1]) : -99.0;

        return new FileFacts(
            $problem,
            (int) filesize($file),
            $video === null ? null : [...$video, 'frames' => (int) (end($frames[1]) ?: 0)],
            $clips?->heardMs(),
            [
                'black' => FilterTimes::spans($said, '/black_start:([\d.]+) black_end:([\d.]+)/'),
                'frozen' => FilterTimes::pairs($said, 'freeze_start: ([\d.]+)', 'freeze_end: ([\d.]+)'),
                'silent' => FilterTimes::pairs($said, 'silence_start: (-?[\d.]+)', 'silence_end: ([\d.]+)'),
                'clipped' => $clips?->spans() ?? [],
            ],
            ['loudness' => $number($loud), 'peak' => $number($peak)],
        );
    }

    /** What a decoder complained of; the filters' own words are none. */
    private static function problem(string $said, bool $isWell): string
    {
        if (preg_match('/^\[(?:h264|aac|mov,mp4[^\]@]*)(?: @ [^\]]+)?\] (.+)$/m', $said, $found) === 1) {
            return mb_strimwidth(trim($found[1]), 0, 120, '…');
        }
        if (preg_match('/(Error [^\n]+|Invalid data[^\n]*|[^\n]*partial file[^\n]*)/', $said, $found) === 1) {
            return mb_strimwidth(trim($found[1]), 0, 120, '…');
        }

        return $isWell ? '' : 'its decoder stopped';
    }
}
