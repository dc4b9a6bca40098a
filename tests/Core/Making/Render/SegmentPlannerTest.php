<?php

declare(strict_types=1);

namespace Tests\Core\Making\Render;

use LogicException;
use PHPUnit\Framework\TestCase;
use RapidReel\Making\Render\Progress;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Segment;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\ShortSettings;
use RapidReel\Plan\Choice\ShotSettings;
use RapidReel\Plan\Choice\Transition;
use RapidReel\Plan\Choice\TransitionKind;
use RapidReel\Plan\Cut\ChosenShot;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use Tests\Support\Cuts;

final class SegmentPlannerTest extends TestCase
{
    private const TEXTS = [
        'One lighthouse guided no ships at all.',
        'Then in a storm a boat with nine men lost its way in the dark.',
        'They steered for it.',
        'Nobody slept.',
    ];

    /** @return list<Segment> */
    private static function plan(Cut $cut, Quality $quality = Quality::Final): array
    {
        return (new SegmentPlanner)->plan($cut, $quality);
    }

    /** @return list<string> */
    private static function keys(Cut $cut, Quality $quality = Quality::Final): array
    {
        return array_map(static fn (Segment $segment): string => $segment->key, self::plan($cut, $quality));
    }

    /**
     * A cut whose pictures are settled, with the second scene said at another speed.
     */
    private static function settled(
        int $wordMs,
        string $second = self::TEXTS[1],
        ?Transition $transition = null,
        ?Transition $loop = null,
    ): Cut {
        $library = Cuts::library();
        $texts = [self::TEXTS[0], $second, self::TEXTS[2], self::TEXTS[3]];
        $voiced = array_map(
            static fn (string $text, int $i): VoicedScene => new VoicedScene(
                new Scene(SceneRole::Beat, $text),
                Cuts::take($text, $i === 1 ? $wordMs : 317),
                array_map(
                    static fn (Footage $footage, int $shot): ChosenShot => new ChosenShot(7 * $shot, $footage),
                    array_slice($library, 3 * $i, 3),
                    [0, 1, 2],
                ),
                new SceneSettings(shots: new ShotSettings(transition: $transition)),
            ),
            $texts,
            array_keys($texts),
        );

        return Cuts::builder(settings: new ShortSettings(loop: $loop))->build('x', $voiced, $library, null);
    }

    public function test_segments_hold_every_frame_once(): void
    {
        $cut = Cuts::of(self::TEXTS);
        $segments = self::plan($cut);

        self::assertSame(
            $cut->frames(),
            array_sum(array_map(static fn (Segment $segment): int => $segment->recipe->frames, $segments)),
        );
        $shots = array_merge(...array_map(static fn ($scene): array => $scene->shots, $cut->scenes));
        self::assertSame(
            array_map(static fn (CutShot $shot): string => $shot->source->fingerprint, $shots),
            array_map(static fn (Segment $segment): string => $segment->recipe->layer->source->key, $segments),
        );
        self::assertSame(array_column($shots, 'startMs'), array_column($segments, 'startMs'));
    }

    public function test_a_change_in_one_scene_leaves_the_segments_of_all_others_as_they_are(): void
    {
        // However far the later scenes move, at every place against the frame grid.
        $before = self::plan(self::settled(317));
        foreach (range(300, 334) as $wordMs) {
            $after = self::plan(self::settled($wordMs));
            foreach ($after as $segment) {
                if ($segment->scene !== 1) {
                    self::assertContains(
                        $segment->key,
                        array_map(static fn (Segment $one): string => $one->key, $before),
                        "scene $segment->scene at $wordMs ms a word",
                    );
                }
            }
        }
    }

    public function test_pictures_go_over_into_each_other_without_a_frame_more_or_less(): void
    {
        $plain = self::settled(317);
        foreach ([40, 200, 1_500] as $ms) {
            $cut = self::settled(317, transition: new Transition(TransitionKind::Dissolve, $ms));
            self::assertSame($plain->durationMs, $cut->durationMs);
            self::assertEquals($plain->words, $cut->words);
            $at = 0;
            $shots = array_merge(...array_map(static fn ($scene): array => $scene->shots, $cut->scenes));
            $starts = array_map(static fn ($shot): int => $cut->grid()->frameOf($shot->startMs), $shots);
            foreach (self::plan($cut) as $segment) {
                self::assertSame($cut->grid()->msOf($at), $segment->startMs);
                $at += $segment->recipe->frames;
                if ($segment->recipe->to !== null) {
                    self::assertContains($at, $starts, 'the next has come in where it begins');
                    self::assertLessThanOrEqual((int) round($ms * 0.03), $segment->recipe->frames);
                }
            }
            self::assertSame($cut->frames(), $at, "$ms ms");
        }
        $round = self::plan(self::settled(317, loop: new Transition(TransitionKind::Dissolve, 500)));
        $last = $round[count($round) - 1];
        self::assertSame(
            $round[0]->recipe->layer->source->key,
            $last->recipe->to?->layer->source->key,
            'the end goes over into the first picture',
        );
        self::assertCount(count(self::plan($plain)) + 1, $round);
        self::assertSame($plain->hash(), self::settled(317)->hash());
        $dipped = self::settled(317, transition: new Transition(TransitionKind::Dip));
        self::assertEquals($dipped, CutJson::decode(CutJson::encode($dipped)));
    }

    public function test_all_that_can_change_a_pixel_changes_the_key(): void
    {
        $keys = self::keys(self::settled(317));

        self::assertNotEquals($keys, self::keys(self::settled(317, str_replace('storm', 'gale', self::TEXTS[1]))));
        self::assertSame([], array_intersect($keys, self::keys(self::settled(317), Quality::Draft)));
        self::assertSame($keys, self::keys(self::settled(317)));
    }

    public function test_captions_of_a_segment_are_in_its_own_time_within_one_frame_of_the_word(): void
    {
        $cut = Cuts::of(self::TEXTS, null, 'upto-60', 287);
        foreach (self::plan($cut) as $segment) {
            preg_match_all(
                '/^Dialogue: 3,0:00:(\d\d)\.(\d\d),.*?\\\\1c&H47C2FF&\}(.*)$/m',
                $segment->recipe->captions->ass,
                $marks,
                PREG_SET_ORDER,
            );
            $marked = array_map(static fn (array $mark): int => ((int) $mark[1] * 100 + (int) $mark[2]) * 10, $marks);
            $words = array_values(
                array_filter(
                    $cut->words,
                    static fn ($word): bool => $word->timing->startMs >= $segment->startMs - 17 &&
                        $word->timing->startMs < $segment->startMs + (1000 * $segment->recipe->frames) / 30 - 17,
                ),
            );
            self::assertCount(count($words), $marked);
            foreach ($words as $i => $word) {
                self::assertEqualsWithDelta(
                    $word->timing->startMs - $segment->startMs,
                    $marked[$i],
                    34,
                    $word->timing->text,
                );
            }
        }
    }

    public function test_a_cut_without_pictures_is_not_rendered(): void
    {
        $this->expectException(LogicException::class);
        self::plan(Cuts::of(self::TEXTS, []));
    }

    public function test_progress_rises_and_tells_the_time_left_once_it_can(): void
    {
        self::assertLessThan(Progress::rendering(0, 900)->done + 0.001, Progress::voicing(9, 9)->done);
        self::assertSame(50, Progress::rendering(450, 900)->percent());
        self::assertNull(Progress::voicing(1, 9)->secondsLeft(3));
        self::assertEqualsWithDelta(10, Progress::rendering(450, 900)->secondsLeft(10), 1);
        self::assertGreaterThan(Progress::rendering(900, 900)->done, Progress::joining()->done);
    }
}
