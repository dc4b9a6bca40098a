<?php

declare(strict_types=1);

namespace Tests\Core\Render;

use LogicException;
use PHPUnit\Framework\TestCase;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutBuilder;
use RapidReel\Cut\CutShot;
use RapidReel\Cut\VoicedScene;
use RapidReel\Footage\FootageKind;
use RapidReel\Framing\FramePath;
use RapidReel\Framing\FrameWindow;
use RapidReel\Framing\StillMotion;
use RapidReel\Publish\TargetProfile;
use RapidReel\Render\PictureFilter;
use RapidReel\Render\Progress;
use RapidReel\Render\Quality;
use RapidReel\Render\Segment;
use RapidReel\Render\SegmentPlanner;
use RapidReel\Script\Scene;
use RapidReel\Script\SceneRole;
use Tests\Support\Cuts;

final class SegmentPlannerTest extends TestCase
{
    private const TEXTS = ['One lighthouse guided no ships at all.', 'Then in a storm a boat with nine men lost its way in the dark.', 'They steered for it.', 'Nobody slept.'];

    /** @return list<Segment> */
    private static function plan(Cut $cut, Quality $quality = Quality::Final): array
    {
        return (new SegmentPlanner)->plan($cut, $quality, 'Face');
    }

    /** @return list<string> */
    private static function keys(Cut $cut, Quality $quality = Quality::Final): array
    {
        return array_map(static fn (Segment $segment): string => $segment->key, self::plan($cut, $quality));
    }

    /**
     * A cut whose pictures are settled, with the second scene said at another speed.
     */
    private static function settled(int $wordMs, string $second = self::TEXTS[1]): Cut
    {
        $library = Cuts::library();
        $texts = [self::TEXTS[0], $second, self::TEXTS[2], self::TEXTS[3]];
        $voiced = array_map(static fn (string $text, int $i): VoicedScene => new VoicedScene(
            new Scene(SceneRole::Beat, $text),
            Cuts::take($text, $i === 1 ? $wordMs : 317),
            array_slice($library, 3 * $i, 3),
        ), $texts, array_keys($texts));

        return (new CutBuilder(TargetProfile::UpTo60, Cuts::metrics()))->build('x', $voiced, $library, null);
    }

    public function test_segments_hold_every_frame_once(): void
    {
        $cut = Cuts::of(self::TEXTS);
        $segments = self::plan($cut);

        self::assertSame($cut->frames(), array_sum(array_map(static fn (Segment $segment): int => $segment->frames, $segments)));
        self::assertSame(array_merge(...array_map(static fn ($scene): array => $scene->shots, $cut->scenes)), array_map(static fn (Segment $segment): CutShot => $segment->shot, $segments));
    }

    public function test_a_change_in_one_scene_leaves_the_segments_of_all_others_as_they_are(): void
    {
        // However far the later scenes move, at every place against the frame grid.
        $before = self::plan(self::settled(317));
        foreach (range(300, 334) as $wordMs) {
            $after = self::plan(self::settled($wordMs));
            foreach ($after as $segment) {
                if ($segment->scene !== 1) {
                    self::assertContains($segment->key, array_map(static fn (Segment $one): string => $one->key, $before), "scene $segment->scene at $wordMs ms a word");
                }
            }
        }
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
        $cut = Cuts::of(self::TEXTS, null, TargetProfile::UpTo60, 287);
        foreach (self::plan($cut) as $segment) {
            preg_match_all('/^Dialogue: 0,0:00:(\d\d)\.(\d\d),.*?\{\\\\1c&H0047C2FF\}(.*?)\{/m', $segment->ass, $marks, PREG_SET_ORDER);
            $marked = array_map(static fn (array $mark): int => ((int) $mark[1] * 100 + (int) $mark[2]) * 10, $marks);
            $words = array_values(array_filter($cut->words, static fn ($word): bool => $word->timing->startMs >= $segment->shot->startMs - 17 && $word->timing->startMs < $segment->shot->endMs - 17));
            self::assertCount(count($words), $marked);
            foreach ($words as $i => $word) {
                self::assertEqualsWithDelta($word->timing->startMs - $segment->shot->startMs, $marked[$i], 34, $word->timing->text);
            }
        }
    }

    public function test_a_cut_without_pictures_is_not_rendered(): void
    {
        $this->expectException(LogicException::class);
        self::plan(Cuts::of(self::TEXTS, []));
    }

    private static function shot(FootageKind $kind, FramePath $path, ?StillMotion $motion = null): CutShot
    {
        return new CutShot('f', $kind, 'print', 1920, 1080, 0, 2_000, 500, $path, $motion);
    }

    public function test_a_held_clip_is_cut_before_it_is_scaled_and_a_moving_window_after(): void
    {
        $filter = new PictureFilter(Quality::Final, 30);
        $held = $filter->of(self::shot(FootageKind::Clip, FramePath::centred(1920, 1080, 9 / 16)), 60);
        $moved = $filter->of(self::shot(FootageKind::Clip, new FramePath([0 => new FrameWindow(0.3, 0.5, 1), 1_000 => new FrameWindow(0.7, 0.5, 1)])), 60);

        self::assertStringContainsString('crop=608:1080:656:0,scale=1080:1920', $held);
        self::assertLessThan(strpos($moved, 'crop='), strpos($moved, 'scale=3414:1920'));
        self::assertStringContainsString('0.300000+gte(t,0.0000)*lt(t,1.0000)*0.400000*(t-0.0000)+gte(t,1.0000)*0.400000', $moved);
    }

    public function test_a_still_is_scaled_once_and_pushed_or_pulled(): void
    {
        $filter = new PictureFilter(Quality::Draft, 30);
        $path = FramePath::centred(1920, 1080, 9 / 16);

        self::assertStringContainsString('scale=1080:1920', $filter->of(self::shot(FootageKind::Still, $path, StillMotion::Push), 60));
        self::assertStringContainsString('d=60:s=540x960', $filter->of(self::shot(FootageKind::Still, $path, StillMotion::Push), 60));
        self::assertNotSame($filter->of(self::shot(FootageKind::Still, $path, StillMotion::Push), 60), $filter->of(self::shot(FootageKind::Still, $path, StillMotion::Pull), 60));
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
