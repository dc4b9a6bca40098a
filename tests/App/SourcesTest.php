<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Probing\ProbedMedia;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Store\MediaStore;
use App\Media\Video\Sources;
use RapidReel\Pictures\Footage\FootageKind;
use Symfony\Component\Process\Process;
use Tests\Support\OddSources;

/**
 * A table of sources as cameras, phones and programs make them: each is seen as Chromium shows it (or, where Chromium
 * cannot, as it was drawn), or refused with the reason that is true.
 */
final class SourcesTest extends AppTestCase
{
    /** How far a colour may be off, of 255. */
    private const NEAR = 14;

    public function test_every_source_is_seen_as_a_browser_shows_it_or_refused_for_what_it_is(): void
    {
        $sources = OddSources::make(TEST_PLACE.'/sources');
        $files = array_map(static fn (array $source): string => $source['file'], array_values($sources));
        $shown = json_decode(
            (new Process(['node', 'tests/Standards/sources.mjs', ...$files], base_path(), timeout: 120))
                ->mustRun()->getOutput(),
            true,
        );
        $wrong = [];
        $compared = 0;
        foreach ($sources as $name => ['file' => $file, 'expect' => $expect, 'drawn' => $drawn]) {
            try {
                $found = app(Prober::class)->probe($file, basename($file));
                $seen = $this->seen($file, $found);
            } catch (UnusableMedia $problem) {
                if ($expect === null || ! str_contains($problem->getMessage(), $expect)) {
                    $wrong[] = "$name: {$problem->getMessage()}";
                }

                continue;
            }
            if ($expect !== null) {
                $wrong[] = "$name was taken, and is to be refused as “{$expect}”";

                continue;
            }
            $browser = $shown[basename($file)];
            $compared += $browser === null ? 0 : 1;
            $right = $drawn ?? $browser['quarters'] ?? OddSources::QUARTERS;
            if ($browser !== null && $drawn === null &&
                (abs($browser['width'] - $found->width) > 2 || abs($browser['height'] - $found->height) > 2)) {
                $wrong[] = "$name is {$found->width} × {$found->height}, shown "
                    ."{$browser['width']} × {$browser['height']}";
            }
            foreach ($right as $quarter => $colour) {
                foreach ($colour as $part => $value) {
                    if (abs($seen[$quarter][$part] - $value) > self::NEAR) {
                        $wrong[] = "$name: ".json_encode($seen).' for '.json_encode($right);

                        continue 3;
                    }
                }
            }
        }

        self::assertSame([], $wrong);
        self::assertGreaterThanOrEqual(60, count($sources));
        self::assertGreaterThanOrEqual(35, $compared, 'Most are compared with what the browser shows.');
    }

    /** @return list<array{int, int, int}> the colour in the middle of each quarter, as a render gives it */
    private function seen(string $file, ProbedMedia $found): array
    {
        $store = app(MediaStore::class);
        $folder = $store->workFolder();
        $plain = $found->isPlain() ? $file : app(Sources::class)->plain($file, $found, $folder);
        $at = $found->kind === FootageKind::Clip ? ['-ss', '0.05'] : [];
        $frame = new Process([
            'ffmpeg', '-v', 'error', ...$at, '-i', $plain, '-vf',
            "scale={$found->width}:{$found->height}:out_color_matrix=bt709:out_range=tv,format=yuv420p,"
                .'setparams=range=tv:color_primaries=bt709:color_trc=bt709:colorspace=bt709,format=rgb24',
            '-frames:v', '1', '-f', 'rawvideo', '-',
        ]);
        $bytes = $frame->mustRun()->getOutput();
        $store->discard($folder);
        $colours = [];
        if (strlen($bytes) !== 3 * $found->width * $found->height) {
            // Nothing is shown of it.
            return array_fill(0, 4, [-99, -99, -99]);
        }
        foreach ([[1, 1], [3, 1], [1, 3], [3, 3]] as [$x, $y]) {
            $at = 3 * (intdiv($found->height * $y, 4) * $found->width + intdiv($found->width * $x, 4));
            $colours[] = [ord($bytes[$at]), ord($bytes[$at + 1]), ord($bytes[$at + 2])];
        }

        return $colours;
    }
}
