<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Media\Artwork\TypefaceBook;
use App\Media\Store\MediaStore;
use Illuminate\Filesystem\FilesystemAdapter;
use League\Flysystem\Filesystem;
use League\Flysystem\Local\LocalFilesystemAdapter;
use RapidReel\Base\Typeface\TypefaceSet;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Drawing\AssWriter;
use Symfony\Component\Process\Process;

/** Captions as libass draws them, on black. */
final class Burner
{
    public static function fonts(): string
    {
        return dirname(__DIR__, 2).'/resources/fonts';
    }

    public static function book(): TypefaceBook
    {
        $root = TEST_PLACE.'/faces';
        $adapter = new LocalFilesystemAdapter($root);

        return new TypefaceBook(
            new MediaStore(new FilesystemAdapter(new Filesystem($adapter), $adapter, ['root' => $root])),
            self::fonts(),
        );
    }

    public static function faces(): TypefaceSet
    {
        return self::book()->set();
    }

    /**
     * @param  list<Cue>  $cues
     * @param  list<string>  $output  of ffmpeg
     * @param  bool  $hasOthers  whether the renderer may look for faces elsewhere
     * @param  string  $ground  filters of what they are drawn on
     */
    public static function burn(
        array $cues,
        int $frames,
        string $filter,
        array $output,
        bool $hasOthers = true,
        string $ground = '',
    ): Process {
        $folder = TEST_PLACE.'/burnt';
        is_dir($folder) || mkdir($folder, 0777, true);
        file_put_contents("$folder/a.ass", AssWriter::write($cues, 30, 0, 0, $frames)->ass);
        $seconds = $frames / 30;

        return (new Process(
            [
                'ffmpeg', '-hide_banner', '-nostats', '-f', 'lavfi', '-i',
                "color=black:size=1080x1920:rate=30:duration=$seconds$ground", '-vf',
                'ass=a.ass:fontsdir='.self::fonts().",$filter", ...$output,
            ],
            $folder,
            ['FONTCONFIG_FILE' => $hasOthers ? self::fonts().'/fonts.conf' : '/dev/null'],
            timeout: 300,
        ))->mustRun();
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<int> frames where what libass draws is not what it drew before
     */
    public static function changes(array $cues, int $frames): array
    {
        // Grey, and no more of it than has captions: minutes of them are drawn.
        $sums = self::burn(
            $cues, $frames, 'crop=iw:ih/2:0:ih/3', ['-f', 'framehash', '-hash', 'crc32', '-'], ground: ',format=gray',
        )->getOutput();
        preg_match_all('/^0,\s*\d+,\s*(\d+),.*,\s*([0-9a-f]{8})$/m', $sums, $rows, PREG_SET_ORDER);
        $changes = [];
        foreach ($rows as $i => [, $frame, $hash]) {
            if ($i === 0 || $rows[$i - 1][2] !== $hash) {
                $changes[] = (int) $frame;
            }
        }

        return $changes;
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<array{int, int, int, int}> left, right, top and bottom of what stands on every frame with a caption
     */
    public static function boxes(array $cues, int $frames, int $least = 60): array
    {
        $printed = self::burn(
            $cues, $frames, "bbox=min_val=$least", ['-f', 'null', '-'], ground: ',format=gray',
        )->getErrorOutput();
        preg_match_all('/x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+)/', $printed, $rows, PREG_SET_ORDER);

        return array_map(
            static fn (array $row): array => [(int) $row[1], (int) $row[2], (int) $row[3], (int) $row[4]],
            $rows,
        );
    }
}
