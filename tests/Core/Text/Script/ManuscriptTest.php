<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Text\Script\SplitRule;
use RapidReel\Voice\Speech\SpeechRate;

final class ManuscriptTest extends TestCase
{
    private const SCRIPT = "# The lamp\nThe lamp went out. [wide shot of the pier]\nHost: Nobody came (zoom in) for "
        ."nine days. The gull waited.\nFollow us.";

    private static function of(string $script = self::SCRIPT): Manuscript
    {
        $read = (new ScriptReader)->read($script);
        $scenes = (new SceneSplitter)->split($read);

        return new Manuscript($scenes, range(11, 10 + count($scenes)), $read->notes($scenes));
    }

    /** @return list<string> */
    private static function texts(Manuscript $manuscript): array
    {
        return array_map(static fn (Scene $scene): string => $scene->text, $manuscript->scenes);
    }

    /** @return list<string> every note with what stands right before it in its scene */
    private static function places(Manuscript $manuscript): array
    {
        return array_map(
            static fn (ScriptNote $note): string => $note->scene.
                ':'.
                mb_substr($manuscript->scenes[$note->scene]->text, 0, $note->offset).
                '|'.
                $note->text,
            $manuscript->notes,
        );
    }

    public function test_notes_stand_where_they_stood_in_the_script(): void
    {
        self::assertSame(
            ['0:|# The lamp', '0:The lamp went out.|[wide shot of the pier]', '1:|Host:', '1:Nobody came |(zoom in)'],
            self::places(self::of()),
        );
        self::assertSame('wide shot of the pier', self::of()->scenes[0]->brief);
    }

    public function test_a_scene_is_split_between_two_words_and_its_notes_with_it(): void
    {
        $split = self::of()->split(1, mb_strlen('Nobody'));

        self::assertSame(
            ['The lamp went out.', 'Nobody', 'came for nine days.', 'The gull waited.', 'Follow us.'],
            self::texts($split),
        );
        self::assertSame([11, 12, null, 13, 14], $split->keys);
        self::assertSame('2:came |(zoom in)', self::places($split)[3]);
        self::assertFalse($split->scenes[2]->startsLine);
    }

    public function test_joining_takes_a_split_back(): void
    {
        $before = self::of();
        $after = $before->split(1, 6)->joined(1);

        self::assertSame(self::texts($before), self::texts($after));
        self::assertSame($before->keys, $after->keys);
        self::assertSame(self::places($before), self::places($after));
    }

    public function test_a_moved_scene_takes_its_notes_along_and_roles_follow_the_places(): void
    {
        $moved = self::of()->moved(0, 1);

        self::assertSame([12, 11, 13, 14], $moved->keys);
        self::assertSame(
            [SceneRole::Hook, SceneRole::Beat, SceneRole::Beat, SceneRole::Close],
            array_map(static fn (Scene $scene): SceneRole => $scene->role, $moved->scenes),
        );
        self::assertContains('1:The lamp went out.|[wide shot of the pier]', self::places($moved));
    }

    public function test_a_note_brought_back_is_said_where_it_stood(): void
    {
        $inside = self::of()->saying(3);
        self::assertSame('Nobody came zoom in for nine days.', $inside->scenes[1]->text);
        self::assertCount(3, $inside->notes);

        $own = self::of("The lamp went out.\n(The pier at dawn)\nNobody came.")->saying(0);
        self::assertSame(['The lamp went out.', 'The pier at dawn', 'Nobody came.'], self::texts($own));
        self::assertSame([11, null, 12], $own->keys);
    }

    public function test_other_first_words_are_not_said_twice(): void
    {
        $instead = self::of()->opening('The gull waited.', before: false);
        self::assertSame(['The gull waited.', 'Nobody came for nine days.', 'Follow us.'], self::texts($instead));
        $before = self::of()->opening('Who put it out?', before: true);
        self::assertSame(['Who put it out?', 'The lamp went out.'], array_slice(self::texts($before), 0, 2));
        self::assertSame([SceneRole::Hook, SceneRole::Beat], [$before->scenes[0]->role, $before->scenes[1]->role]);
    }

    public function test_resplitting_keeps_every_word_and_note_and_the_picture_wished_for(): void
    {
        $before = self::of();
        $scenes = (new SceneSplitter)->splitText($before->spoken(), SplitRule::words(2, 4), SpeechRate::common());
        $after = $before->resplit($scenes === [] ? throw new \LogicException : $scenes);

        self::assertSame(implode(' ', self::texts($before)), implode(' ', self::texts($after)));
        self::assertCount(4, $after->notes);
        self::assertContains('Follow us.', self::texts($after));
        self::assertSame('wide shot of the pier', $after->scenes[0]->brief);
        self::assertContains(14, $after->keys, 'a scene with the same words is the same scene');
    }

    public function test_what_is_left_after_dropping_a_scene_keeps_its_notes(): void
    {
        $left = self::of()->without(1);

        self::assertSame([11, 13, 14], $left->keys);
        self::assertSame(['1:|Host:', '1:|(zoom in)'], array_slice(self::places($left), 2));
    }

    public function test_a_last_scene_that_was_said_to_be_a_beat_stays_one(): void
    {
        $beat = self::of()->withRole(3, SceneRole::Beat)->moved(0, 1);

        self::assertSame(SceneRole::Beat, $beat->scenes[3]->role);
    }

    public function test_what_cannot_be_done_is_refused_in_plain_words(): void
    {
        foreach ([
            'Put the cursor between two words' => static fn (): Manuscript => self::of()->split(0, 0),
            'none to join it with' => static fn (): Manuscript => self::of()->joined(3),
            'the first already' => static fn (): Manuscript => self::of()->moved(0, -1),
            'no longer there' => static fn (): Manuscript => self::of()->reworded(9, 'x'),
            'at least one spoken word' => static fn (): Manuscript => self::of()->reworded(0, '…'),
            'at least one scene' => static fn (): Manuscript => self::of('One lamp.')->without(0),
            'only the last can be the close' => static fn (): Manuscript => self::of()->withRole(1, SceneRole::Close),
        ] as $why => $act) {
            try {
                $act();
                self::fail($why);
            } catch (Refusal $problem) {
                self::assertStringContainsString($why, $problem->getMessage());
            }
        }
    }
}
