<?php

declare(strict_types=1);

namespace App\Media\Analysis;

use App\Media\Probing\ProbedMedia;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use Closure;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Interest\CutWatch;
use RapidReel\Pictures\Framing\Interest\Face;
use RapidReel\Pictures\Framing\Interest\FaceCascade;
use RapidReel\Pictures\Framing\Interest\FaceFinder;
use RapidReel\Pictures\Framing\Interest\InterestMap;
use RapidReel\Pictures\Framing\Interest\InterestMeter;
use RapidReel\Pictures\Framing\Interest\SmallPicture;

/** Has the pictures of a clip or a still made small, and finds where their interest lies. */
final class InterestReader
{
    /** Pictures a second that are looked at, and time between two of them. */
    private const RATE = 8;

    private const STEP_MS = 125;

    /** Pixels of the longer side of those. */
    private const SIDE = 128;

    /** Faces are looked for in pictures twice as large, once in so many of them. */
    private const FACE_SIDE = 256;

    private const FACES_EVERY = 16;

    /** So much of a clip is read at once. */
    private const PIECE_SECONDS = 120;

    /** Faces of a still are looked for in finer pictures: there is but one. */
    private const STILL_FACE_SIDE = 512;

    private ?FaceFinder $finder = null;

    /** @param  string  $cascade  file of the published cascade; where it is not there, no faces are looked for */
    public function __construct(
        private readonly MediaTools $tools,
        private readonly MediaStore $store,
        private readonly string $cascade,
    ) {
    }

    /**
     * @param  Closure(float): void|null  $tell  told the part that is done
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function read(string $file, ProbedMedia $found, ?Closure $tell = null): InterestMap
    {
        $folder = $this->store->workFolder();
        try {
            return $found->kind === FootageKind::Still
                ? $this->still($file, $found, $folder)
                : $this->clip($file, $found, $folder, $tell ?? static fn (float $part): null => null);
        } finally {
            $this->store->discard($folder);
        }
    }

    /** @throws ToolFailed */
    private function still(string $file, ProbedMedia $found, string $folder): InterestMap
    {
        [$width, $height] = self::size($found, self::SIDE);
        [$faceWidth, $faceHeight] = self::size($found, self::STILL_FACE_SIDE);
        $this->pictures($file, $found, $folder, [], '', [$width, $height], [$faceWidth, $faceHeight], 1);
        $meter = new InterestMeter;
        $meter->see(SmallPicture::of((string) file_get_contents("$folder/small"), $width, $height));
        $meter->seeFaces($this->faces((string) file_get_contents("$folder/faces"), $faceWidth, $faceHeight));

        return $meter->map($found->width, $found->height, self::STEP_MS);
    }

    /**
     * @param  Closure(float): void  $tell
     *
     * @throws ToolFailed
     */
    private function clip(string $file, ProbedMedia $found, string $folder, Closure $tell): InterestMap
    {
        [$width, $height] = self::size($found, self::SIDE);
        [$faceWidth, $faceHeight] = self::size($found, self::FACE_SIDE);
        $size = intdiv(3 * $width * $height, 2);
        $faceSize = $faceWidth * $faceHeight;
        $meter = new InterestMeter;
        $watch = new CutWatch;
        $shots = [0];
        $number = 0;
        $before = null;
        $pieces = (int) max(1, ceil($found->durationMs / 1000 / self::PIECE_SECONDS));
        for ($piece = 0; $piece < $pieces; $piece++) {
            $this->pictures(
                $file,
                $found,
                $folder,
                [
                    '-ss', (string) ($piece * self::PIECE_SECONDS), '-t', (string) self::PIECE_SECONDS,
                    // Where interest lies is seen as well without the pictures in between.
                    '-skip_frame', 'bidir', '-skip_loop_filter', 'all',
                ],
                'fps='.self::RATE.':start_time=0,',
                [$width, $height],
                [$faceWidth, $faceHeight],
                self::FACES_EVERY,
            );
            $small = fopen("$folder/small", 'rb');
            $grey = fopen("$folder/faces", 'rb');
            for ($of = 0; $small !== false && $grey !== false; $of++) {
                $planes = (string) fread($small, max(1, $size));
                if (strlen($planes) < $size || $of >= self::PIECE_SECONDS * self::RATE) {
                    break;
                }
                $picture = SmallPicture::of($planes, $width, $height);
                $faces = $of % self::FACES_EVERY === 0 ? (string) fread($grey, max(1, $faceSize)) : '';
                // Whether one begins a shot is seen by the next.
                $begins = $watch->see($picture) === true;
                if ($before !== null) {
                    self::take($meter, $before, $begins);
                    $begins && $shots[] = $this->cutMs($file, $found, $folder, ($number - 1) * self::STEP_MS);
                }
                $before = [
                    $picture,
                    strlen($faces) === $faceSize ? $this->faces($faces, $faceWidth, $faceHeight) : null,
                ];
                $number++;
            }
            $tell(($piece + 1) / $pieces);
        }
        if ($before === null) {
            return $this->still($file, $found, $folder);
        }
        $begins = $number > 1 && $watch->end();
        self::take($meter, $before, $begins);
        $begins && $shots[] = $this->cutMs($file, $found, $folder, ($number - 1) * self::STEP_MS);
        $shots = array_values(array_unique($shots));
        sort($shots);

        return $meter->map($found->width, $found->height, self::STEP_MS, $shots);
    }

    /** @param  array{SmallPicture, list<Face>|null}  $one */
    private static function take(InterestMeter $meter, array $one, bool $begins): void
    {
        $meter->see($one[0], $begins);
        if ($one[1] !== null) {
            $meter->seeFaces($one[1]);
        }
    }

    /**
     * Writes small pictures and those to look for faces in.
     *
     * @param  list<string>  $head  options before the input
     * @param  array{int, int}  $size
     * @param  array{int, int}  $faceSize
     *
     * @throws ToolFailed
     */
    private function pictures(
        string $file,
        ProbedMedia $found,
        string $folder,
        array $head,
        string $rate,
        array $size,
        array $faceSize,
        int $facesEvery,
    ): void {
        $filters = $found->look->filters();
        $graph = sprintf(
            '[0:%d]%s%sscale=%d:%d:flags=area,split[a][b];[a]scale=%d:%d:flags=area,format=yuv420p[small];'
                ."[b]select='not(mod(n,%d))',format=gray[faces]",
            $found->stream,
            $rate === '' ? '' : 'setpts=PTS-STARTPTS,'.$rate,
            $filters === [] ? '' : implode(',', $filters).',',
            $faceSize[0],
            $faceSize[1],
            $size[0],
            $size[1],
            $facesEvery,
        );
        $one = $found->kind === FootageKind::Still ? ['-frames:v', '1'] : [];
        $raw = ['-fps_mode', 'passthrough', '-f', 'rawvideo'];
        $this->tools->run(
            [
                '-loglevel', 'fatal', '-threads', '1', '-filter_complex_threads', '1', ...$head,
                ...$found->readerOptions(), ...$this->tools->input($file), '-filter_complex', $graph, '-map', '[small]',
                ...$one, ...$raw, 'small', '-map', '[faces]', ...$one, ...$raw, 'faces',
            ],
            'Looking at the pictures',
            $folder,
        );
    }

    /**
     * When a cut that was seen at about a moment really is: half of the time of a frame before its first picture.
     *
     * @throws ToolFailed
     */
    private function cutMs(string $file, ProbedMedia $found, string $folder, int $aboutMs): int
    {
        $fromMs = max(0, $aboutMs - self::STEP_MS - 250);
        $fine = 240;
        [$width, $height] = [32, 18];
        $this->tools->run(
            [
                '-loglevel', 'fatal', '-ss', sprintf('%.3f', $fromMs / 1000), '-t', '0.7',
                ...$this->tools->input($file), '-map', "0:{$found->stream}", '-vf',
                "fps=$fine:start_time=0,scale=$width:$height:flags=area,format=gray", '-f', 'rawvideo', 'fine',
            ],
            'Looking for a cut',
            $folder,
        );
        $bytes = (string) file_get_contents("$folder/fine");
        $size = $width * $height;
        $most = 0;
        $at = 0;
        for ($frame = 1; ($frame + 1) * $size <= strlen($bytes); $frame++) {
            $before = substr($bytes, ($frame - 1) * $size, $size);
            $now = substr($bytes, $frame * $size, $size);
            if ($before === $now) {
                continue;
            }
            $change = 0;
            for ($i = 0; $i < $size; $i += 3) {
                $change += abs(ord($now[$i]) - ord($before[$i]));
            }
            if ($change > $most) {
                [$most, $at] = [$change, $frame];
            }
        }

        return $most === 0 ? $aboutMs : max(1, $fromMs + (int) round($at * 1000 / $fine) - 16);
    }

    /** @return list<Face> */
    private function faces(string $grey, int $width, int $height): array
    {
        if ($this->finder === null) {
            $xml = is_file($this->cascade) ? (string) file_get_contents($this->cascade) : '';
            if ($xml === '') {
                return [];
            }
            $this->finder = new FaceFinder(FaceCascade::fromXml($xml));
        }

        return $this->finder->find($grey, $width, $height);
    }

    /** @return array{int, int} even, the longer side so long, none too short to be looked at */
    private static function size(ProbedMedia $found, int $side): array
    {
        $part = $side / max($found->width, $found->height);

        return [
            max(16, 2 * (int) round($found->width * $part / 2)),
            max(16, 2 * (int) round($found->height * $part / 2)),
        ];
    }
}
