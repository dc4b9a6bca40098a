<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Desks\Intake\CsvScripts;
use App\Desks\Intake\ScriptFiles;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\Terms;
use RapidReel\Demo\ClipCatalog;
use RapidReel\Demo\Piece;
use RapidReel\Demo\Still;
use RapidReel\Demo\StillCatalog;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Voice\Speech\SpeechRate;
use Symfony\Component\Process\Process;

/** The demo scenario holds what a newcomer, and later work on framing, relies on. */
final class DemoTest extends TestCase
{
    public function test_there_are_twelve_scripts_or_more_each_with_a_hook_some_beats_and_a_close(): void
    {
        $sources = (new ScriptFiles(new CsvScripts))->fromPath(dirname(__DIR__, 2).'/demo/scripts');
        self::assertGreaterThanOrEqual(12, count($sources));
        foreach ($sources as $source) {
            $script = (new ScriptReader)->read($source->text, $source->title);
            $scenes = (new SceneSplitter)->split($script);
            self::assertSame(SceneRole::Close, $scenes[count($scenes) - 1]->role, $script->title);
            self::assertGreaterThanOrEqual(7, count($scenes), $script->title);
            self::assertLessThanOrEqual(11, count($scenes), $script->title);
            self::assertEqualsWithDelta(
                40_000,
                SpeechRate::common()->ofText($script->spoken()),
                15_000,
                $script->title,
            );
        }
    }

    public function test_every_clip_has_one_subject_whose_place_is_known_in_every_frame_and_that_moves_far(): void
    {
        self::assertGreaterThanOrEqual(16, count(ClipCatalog::all()));
        foreach (ClipCatalog::all() as $clip) {
            $truth = $clip->truth();
            self::assertGreaterThanOrEqual(150, count($truth));
            self::assertLessThanOrEqual(240, count($truth));
            foreach ($truth as $place) {
                self::assertGreaterThan(0, $place['x']);
                self::assertLessThan(1, $place['x']);
                self::assertGreaterThan(0, $place['y']);
                self::assertLessThan(1, $place['y']);
            }
            $far =
                max(array_column($truth, 'x')) -
                min(array_column($truth, 'x')) +
                max(array_column($truth, 'y')) -
                min(array_column($truth, 'y'));
            self::assertGreaterThan(0.12, $far, $clip->name);
        }
    }

    public function test_the_film_moves_the_subject_as_the_truth_says(): void
    {
        // ffmpeg's own evaluation of the film's expression, at four moments, against our numbers.
        foreach ([ClipCatalog::all()[0], ClipCatalog::all()[3]] as $clip) {
            foreach ([0.0, 1.0, 2.5, 4.9] as $t) {
                foreach ([0, 1] as $axis) {
                    $expression = str_replace('*t', "*($t)", $clip->motion->expression($axis, 0));
                    $expression = (string) preg_replace('/sin\(([\d.]+)\*\(([\d.]+)\)\)/', 'sin($1*$2)', $expression);
                    $process = new Process([
                        'ffmpeg', '-hide_banner', '-f', 'lavfi', '-i', 'aevalsrc=0:d=0.01', '-af',
                        "aeval='print($expression)':c=same", '-f', 'null', '-',
                    ]);
                    $process->mustRun();
                    preg_match('/^(-?[\d.]+)$/m', $process->getErrorOutput(), $printed);
                    self::assertEqualsWithDelta($clip->motion->at($axis, $t), (float) ($printed[1] ?? -1), 0.01);
                }
            }
        }
    }

    public function test_there_are_stills_wide_and_upright_some_with_faces_and_music_in_four_moods(): void
    {
        $stills = StillCatalog::all();
        self::assertGreaterThanOrEqual(24, count($stills));
        self::assertGreaterThanOrEqual(
            8,
            count(array_filter($stills, static fn (Still $still): bool => $still->width > $still->height)),
        );
        self::assertGreaterThanOrEqual(
            8,
            count(array_filter($stills, static fn (Still $still): bool => $still->width < $still->height)),
        );
        self::assertGreaterThanOrEqual(
            4,
            count(array_filter($stills, static fn (Still $still): bool => $still->face !== null)),
        );
        self::assertGreaterThanOrEqual(
            4,
            count(array_unique(array_map(static fn (Piece $piece): string => $piece->mood, Piece::all()))),
        );
    }

    public function test_all_footage_is_tagged_and_named_apart(): void
    {
        $all = [...ClipCatalog::all(), ...StillCatalog::all()];
        self::assertCount(count($all), array_unique(array_map(static fn ($one): string => $one->name, $all)));
        foreach ($all as $one) {
            self::assertGreaterThanOrEqual(5, count(Terms::of(implode(' ', $one->tags))), $one->name);
        }
    }
}
