<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Cut;

use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\FrameGrid;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\ShotSettings;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Voice\Speech\SpeechRate;
use Tests\Support\Cuts;
use UnexpectedValueException;

final class CutTest extends TestCase
{
    private const TEXTS = [
        'One lighthouse guided no ships at all.',
        'Then, in a January storm, a boat with nine men lost its way in the dark.',
        'They steered for it.',
    ];

    public function test_scenes_and_shots_fill_the_short_on_the_frame_grid(): void
    {
        $cut = Cuts::of(self::TEXTS);
        $grid = new FrameGrid(30);
        $at = 0;
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                self::assertSame($at, $shot->startMs);
                self::assertSame($shot->endMs, $grid->msOf($grid->frameOf($shot->endMs)));
                $at = $shot->endMs;
            }
            self::assertSame($at, $scene->endMs);
        }
        self::assertSame($at, $cut->durationMs);
        self::assertGreaterThan(1, count($cut->scenes[1]->shots));
    }

    public function test_between_scenes_is_a_short_even_gap(): void
    {
        $cut = Cuts::of(self::TEXTS);
        $gaps = [];
        for ($i = 1; $i < count($cut->words); $i++) {
            if ($cut->words[$i]->scene !== $cut->words[$i - 1]->scene) {
                $gaps[] = $cut->words[$i]->timing->startMs - $cut->words[$i - 1]->timing->endMs;
            }
        }

        self::assertCount(2, $gaps);
        self::assertEqualsWithDelta(140, $gaps[0], 17);
        self::assertEqualsWithDelta(140, $gaps[1], 17);
    }

    public function test_a_cue_never_outlasts_its_shot_and_its_words_are_those_of_the_short(): void
    {
        $cut = Cuts::of(self::TEXTS);
        $edges = array_merge(
            ...array_map(
                static fn ($scene): array => array_map(static fn ($shot): int => $shot->endMs, $scene->shots),
                $cut->scenes,
            ),
        );
        $said = [];
        foreach ($cut->cues as $cue) {
            foreach ($edges as $edge) {
                // Within one frame, as a word's start is rounded to where the picture changes.
                self::assertFalse($cue->startMs < $edge - 34 && $cue->endMs > $edge + 34);
            }
            $said = [...$said, ...array_map(static fn ($word): string => $word->text, $cue->words)];
        }
        self::assertSame(implode(' ', self::TEXTS), implode(' ', $said));
    }

    public function test_stills_move_and_clips_start_so_that_their_middle_is_seen(): void
    {
        $cut = Cuts::of(self::TEXTS, [Cuts::footage('c'), Cuts::footage('s', FootageKind::Still)]);
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                if (! $shot->source->isClip()) {
                    self::assertFalse($shot->view->path->isStill());
                } else {
                    self::assertTrue($shot->view->path->isStill());
                    self::assertEqualsWithDelta(3_000, $shot->play->inMs + ($shot->endMs - $shot->startMs) / 2, 2);
                }
            }
        }
    }

    public function test_the_report_has_the_promised_keys_and_no_more(): void
    {
        $report = Cuts::of(self::TEXTS)->report();

        self::assertSame(['schema', 'duration_ms', 'hook_ms', 'scenes', 'words', 'cues', 'flags'], array_keys($report));
        self::assertSame(Cut::SCHEMA, $report['schema']);
        self::assertSame(['role', 'text', 'start_ms', 'end_ms', 'shots'], array_keys($report['scenes'][0]));
        self::assertSame(
            ['footage', 'start_ms', 'end_ms'],
            array_slice(array_keys($report['scenes'][0]['shots'][0]), 0, 3),
        );
        self::assertSame(['text', 'start_ms', 'end_ms', 'scene'], array_keys($report['words'][0]));
        self::assertSame(['text', 'start_ms', 'end_ms'], array_keys($report['cues'][0]));
        self::assertSame($report['words'][6]['end_ms'], $report['hook_ms']);
    }

    public function test_a_cut_survives_its_json_and_equal_cuts_hash_equal(): void
    {
        $cut = Cuts::of(self::TEXTS);
        $back = CutJson::decode(CutJson::encode($cut));

        self::assertEquals($cut, $back);
        self::assertSame($cut->hash(), $back->hash());
        self::assertNotSame($cut->hash(), Cuts::of([...self::TEXTS, 'More.'])->hash());
    }

    public function test_a_cut_of_another_schema_is_refused(): void
    {
        $this->expectException(UnexpectedValueException::class);
        CutJson::decode('{"schema":99}');
    }

    public function test_a_cut_of_the_first_schema_is_read_as_it_would_be_made_now(): void
    {
        $cut = Cuts::of(self::TEXTS, [Cuts::footage('c'), Cuts::footage('s', FootageKind::Still)]);
        /** @var array{scenes: list<array{shots: list<array<string, mixed>>}>, ...} $data */
        $data = json_decode(CutJson::encode($cut), true, 64, JSON_THROW_ON_ERROR);
        // As version 1 wrote it: a held path, and the motion by its name.
        foreach ($data['scenes'] as $i => $scene) {
            foreach ($scene['shots'] as $j => $shot) {
                $still = $cut->scenes[$i]->shots[$j]->source;
                $shot['path'] = FramePath::centred($still->width, $still->height, 9 / 16)->toArray();
                $shot['motion'] =
                    $still->kind === FootageKind::Still ? StillMotion::Varied->of($still->fingerprint)->value : null;
                unset($shot['word']);
                $data['scenes'][$i]['shots'][$j] = $shot;
            }
        }

        // Captions of then had no places: they are set anew.
        $bare = $cut->withCues([]);
        self::assertEquals(
            $bare,
            CutJson::decode(json_encode(['schema' => 1] + $data, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
        );
    }

    public function test_scenes_with_a_hole_between_them_cannot_be(): void
    {
        $cut = Cuts::of(self::TEXTS);
        $this->expectException(InvalidArgumentException::class);
        $cut->withScenes([$cut->scenes[0], $cut->scenes[2]]);
    }

    public function test_flags_say_what_is_wrong(): void
    {
        $codes = static fn (Cut $cut): array => array_map(
            static fn (Flag $flag): FlagCode => $flag->code,
            $cut->found->flags,
        );

        self::assertSame(
            [],
            $codes(Cuts::of(
                ['One lamp went out.', 'A bell rang, but not for a long while.', 'Then nine boats did.'],
                array_map(
                    static fn (string $tags): Footage => Cuts::footage($tags, FootageKind::Still, $tags),
                    ['lamp', 'bell', 'long while', 'boats', 'nine'],
                ),
            )),
        );
        self::assertSame(
            [FlagCode::HookLate, FlagCode::TooShort, FlagCode::NoMatch],
            $codes(Cuts::of(['One two three four five six seven eight nine ten.'])),
        );
        self::assertContains(FlagCode::TooLong, $codes(Cuts::of(array_fill(0, 30, 'One two three four five six.'))));
        self::assertContains(FlagCode::FootageRepeats, $codes(Cuts::of(self::TEXTS, [Cuts::footage('only')])));
        self::assertContains(
            FlagCode::NoFace,
            $codes(Cuts::of(['The lamp 灯台 went out.', 'Nobody came, not for a long while.'])),
        );
        self::assertContains(FlagCode::TooShort, $codes(Cuts::of(self::TEXTS, null, 'over-60')));
    }

    public function test_a_summary_tells_what_the_cut_does_and_is_read_again_as_it_was_written(): void
    {
        $cut = Cuts::of(self::TEXTS);
        $summary = CutSummary::of($cut, 'pixels', 'sound');
        $shots = array_sum(array_map(static fn ($scene): int => count($scene->shots), $cut->scenes));

        self::assertSame(
            [$cut->durationMs, $cut->found->hookMs, count($cut->words), $shots],
            [$summary->times->durationMs, $summary->times->hookMs, $summary->words, $summary->shots()],
        );
        self::assertEqualsWithDelta(count($cut->words) / ($cut->durationMs / 1000), $summary->wordsASecond(), 0.001);
        self::assertEquals($summary, CutSummary::fromJson($summary->toJson()));
        self::assertFalse($summary->isEstimated());
        self::assertTrue($summary->flagged([new Flag(FlagCode::Estimated, 'x')])->isEstimated());
    }

    public function test_what_is_measured_without_pictures_has_the_times_of_the_cut(): void
    {
        $rate = SpeechRate::common();
        $voiced = array_map(
            static fn (string $text): VoicedScene => new VoicedScene(
                new Scene(SceneRole::Beat, $text),
                $rate->take($text),
            ),
            self::TEXTS,
        );
        $builder = Cuts::builder();
        $cut = $builder->build('Lamp', $voiced, [], null);
        $summary = $builder->measure($voiced);

        self::assertSame($cut->durationMs, $summary->times->durationMs);
        self::assertSame(
            array_map(static fn ($scene): array => [$scene->startMs, $scene->endMs, $scene->role->value], $cut->scenes),
            $summary->scenes,
        );
        self::assertGreaterThan(3, $summary->shots());
    }

    public function test_stills_that_move_in_turn_never_move_as_their_neighbour_does(): void
    {
        $library = array_map(static fn (int $i) => Cuts::footage("s$i", FootageKind::Still), range(1, 12));
        $texts = array_map(static fn (int $i): string => "Scene $i has a still of its own", range(1, 12));
        $voiced = array_map(static fn (string $text, int $i): VoicedScene => new VoicedScene(
            new Scene($i === 0 ? SceneRole::Hook : SceneRole::Beat, $text),
            Cuts::take($text),
            settings: new SceneSettings(shots: new ShotSettings(new FramingChoice(motion: StillMotion::InTurn))),
        ), $texts, array_keys($texts));
        $cut = Cuts::builder()->build('x', $voiced, $library, null);
        $motions = [];
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                $motions[] = $shot->view->motion?->value;
            }
        }
        foreach (array_slice($motions, 1) as $i => $motion) {
            self::assertNotNull($motion);
            self::assertNotSame($motions[$i], $motion);
        }
        self::assertEquals($cut, CutJson::decode(CutJson::encode($cut)));
    }
}
