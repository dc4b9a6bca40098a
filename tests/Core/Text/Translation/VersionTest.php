<?php

declare(strict_types=1);

namespace Tests\Core\Text\Translation;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Values;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\ShotMark;
use RapidReel\Text\Translation\Version\Comparison;
use RapidReel\Text\Translation\Version\FollowedShots;
use RapidReel\Text\Translation\Version\Pair;
use RapidReel\Text\Translation\Version\RowState;
use RapidReel\Text\Translation\Version\TimesOver;
use RapidReel\Text\Translation\Version\VersionDraft;
use RapidReel\Text\Translation\Version\VersionLine;
use RapidReel\Text\Translation\Version\VersionRow;
use RapidReel\Text\Translation\Version\VersionText;
use RapidReel\Text\Translation\Version\VoiceFit;
use RapidReel\Voice\Speech\WordTiming;

/** A version beside its source: sentence by sentence, shot by shot, second by second. */
final class VersionTest extends TestCase
{
    private const NOW = [1 => 'The lamp is lit. Nobody sees it.', 2 => 'A boat comes in.'];

    private const SAID = [11 => 'Die Lampe brennt. Niemand sieht sie.', 12 => 'Ein Boot läuft ein.'];

    private static function text(): VersionText
    {
        return new VersionText([
            new VersionLine(11, 1, [
                new Pair('The lamp is lit.', 'Die Lampe brennt.'), new Pair('Nobody sees it.', 'Niemand sieht sie.'),
            ]),
            new VersionLine(12, 2, [new Pair('A boat comes in.', 'Ein Boot läuft ein.')]),
        ], new Pair('The lamp', 'Die Lampe', 'told'), new Values(['look' => 'clear']));
    }

    /**
     * @param  array<int, string>  $source
     * @param  array<int, string>  $version
     * @return list<string> of every row its id, its state and what it says
     */
    private static function rows(array $source, array $version = self::SAID): array
    {
        $rows = [];
        foreach (Comparison::of($source, $version, self::text(), 'en', 'de')->scenes as $scene) {
            array_push($rows, ...array_map(
                static fn (VersionRow $row): string => "$row->id {$row->state->value}: $row->target", $scene->rows,
            ));
        }

        return $rows;
    }

    public function test_what_is_as_it_was_is_the_same_and_what_was_changed_is_told_sentence_by_sentence(): void
    {
        self::assertSame([
            's1.1 same: Die Lampe brennt.', 's1.2 same: Niemand sieht sie.', 's2.1 same: Ein Boot läuft ein.',
        ], self::rows(self::NOW));
        self::assertSame([
            's1.1 same: Die Lampe brennt.', 's1.2 changed: Niemand sieht sie.', 's2.1 same: Ein Boot läuft ein.',
        ], self::rows([1 => 'The lamp is lit. No ship sees it.', 2 => 'A boat comes in.']));
        self::assertSame([
            's1.1 same: Die Lampe brennt.', 's1.2 missing: ', 's1.3 same: Niemand sieht sie.',
            's2.1 same: Ein Boot läuft ein.',
        ], self::rows([1 => 'The lamp is lit. It is cold. Nobody sees it.', 2 => 'A boat comes in.']));
        self::assertSame([
            's1.1 same: Die Lampe brennt.', ' gone: Niemand sieht sie.', ' gone: Ein Boot läuft ein.',
        ], self::rows([1 => 'The lamp is lit.']));
        self::assertSame(['s1.1 missing: '], array_slice(self::rows([9 => 'A bell rang.', ...self::NOW]), 0, 1));
    }

    public function test_a_sentence_that_moved_into_another_scene_takes_its_translation_along(): void
    {
        self::assertSame(
            ['s1.1 same: Die Lampe brennt.', 's2.1 same: Niemand sieht sie.', 's3.1 same: Ein Boot läuft ein.'],
            array_values(array_filter(
                self::rows([1 => 'The lamp is lit.', 3 => 'Nobody sees it.', 2 => 'A boat comes in.']),
                static fn (string $row): bool => ! str_starts_with($row, ' gone'),
            )),
        );
    }

    public function test_what_somebody_rewrote_stays_theirs_and_two_made_one_are_one(): void
    {
        self::assertSame('s1.2 same: Keiner sieht sie.', self::rows(self::NOW, [
            11 => 'Die Lampe brennt. Keiner sieht sie.', 12 => 'Ein Boot läuft ein.',
        ])[1]);
        $joined = [11 => 'Die Lampe brennt und niemand sieht sie.', 12 => 'Ein Boot läuft ein.'];
        self::assertSame('s1 same: Die Lampe brennt und niemand sieht sie.', self::rows(self::NOW, $joined)[0]);
        self::assertSame('s1 changed: Die Lampe brennt und niemand sieht sie.', self::rows(
            [1 => 'The lamp is out. Nobody sees it.', 2 => 'A boat comes in.'], $joined,
        )[0]);
    }

    public function test_what_is_known_of_a_version_is_kept_and_read_again(): void
    {
        self::assertEquals(self::text(), VersionText::fromJson(self::text()->toJson()));
        $broken = ['', 'null', '[]', '{"lines": [7, {"scene": "x"}]}', '{"lines": {"a": {"scene": 1}}}', '"x"'];
        foreach ($broken as $odd) {
            self::assertEquals(new VersionText, VersionText::fromJson($odd));
        }
    }

    public function test_one_sentence_is_brought_up_to_date_and_all_else_of_the_version_stays(): void
    {
        $own = new SceneOwn(new Values(['speed' => 90]), [], [new ShotMark(0, '7', true)]);
        $version = new Manuscript([
            (new Scene(SceneRole::Hook, self::SAID[11]))->with($own), new Scene(SceneRole::Beat, self::SAID[12]),
        ], [11, 12]);
        $now = [1 => 'The lamp is lit. No ship sees it.', 2 => 'A boat comes in.'];
        $source = new Manuscript([
            new Scene(SceneRole::Hook, $now[1]), new Scene(SceneRole::Beat, $now[2]),
        ], [1, 2]);
        $compared = Comparison::of($now, self::SAID, self::text(), 'en', 'de');
        $draft = VersionDraft::of($source, $version, $compared, [
            's1.2' => new Pair('No ship sees it.', 'Kein Schiff sieht sie.'),
        ], 'de');

        self::assertSame('Die Lampe brennt. Kein Schiff sieht sie.', $draft->manuscript->scenes[0]->text);
        self::assertEquals($own, $draft->manuscript->scenes[0]->own);
        self::assertSame([11, 12], $draft->manuscript->keys);
        $text = new VersionText($draft->lines([11, 12], self::text()));
        $after = array_column($draft->manuscript->scenes, 'text');
        self::assertSame([], Comparison::of($now, array_combine([11, 12], $after), $text, 'en', 'de')->behind());
    }

    public function test_what_nobody_translated_stands_as_it_was_and_is_open(): void
    {
        $source = new Manuscript([new Scene(SceneRole::Hook, self::NOW[2])], [2]);
        $compared = Comparison::of([2 => self::NOW[2]], [], new VersionText, 'en', 'ja');
        $draft = VersionDraft::of($source, null, $compared, [], 'ja');
        $text = new VersionText($draft->lines([12], new VersionText));

        self::assertSame('A boat comes in.', $draft->manuscript->spoken());
        $behind = Comparison::of([2 => self::NOW[2]], [12 => self::NOW[2]], $text, 'en', 'ja')->behind();
        self::assertSame([RowState::Open], array_column($behind, 'state'));
    }

    public function test_shots_stay_with_their_sentences_and_no_other_comes_between(): void
    {
        $source = (new Scene(SceneRole::Hook, 'The lamp is lit. Nobody sees it at all.'))->with(new SceneOwn(shots: [
            new ShotMark(0, '7'), new ShotMark(4, '8', true, inMs: 300), new ShotMark(7, '9'),
        ]));
        $shots = FollowedShots::of($source, [
            new Pair('The lamp is lit.', 'Die alte Lampe im Turm brennt.'),
            new Pair('Nobody sees it at all.', 'Keiner da.'),
        ]);

        self::assertSame([[0, '7', 6], [6, '8', 1], [7, '9', 1]], array_map(
            static fn (ShotMark $shot): array => [$shot->word, $shot->footage, $shot->hold->span], $shots,
        ));
        self::assertSame([true, true, true], array_column($shots, 'isLocked'));
        self::assertSame(300, $shots[1]->inMs);
        $own = new SceneOwn(new Values(['tempo' => 105]), [], $shots);
        self::assertSame(
            FollowedShots::hash($own), FollowedShots::hash($own->with(new Values(['tempo' => 95, 'pause' => 200]))),
        );
        self::assertNotSame(
            FollowedShots::hash($own), FollowedShots::hash($own->shot([$shots[0]->withFootage('12'), $shots[1]])),
        );
    }

    #[TestWith([4_000, 4_000, 104, 160, 0])]
    #[TestWith([5_000, 4_000, 112, 140, 604])]
    #[TestWith([3_000, 4_000, 90, 660, 0])]
    public function test_a_voice_is_brought_to_its_pictures_as_far_as_that_goes(
        int $speech,
        int $span,
        int $tempo,
        int $pause,
        int $over,
    ): void {
        $fit = VoiceFit::of($speech, $span, 140, 90, 112);

        self::assertSame([$tempo, $over], [$fit->tempo, $fit->overMs]);
        self::assertEqualsWithDelta($pause, $fit->pauseMs, 20);
        self::assertSame($over <= 100, $fit->fits());
    }

    public function test_words_of_a_translation_stand_while_their_sentence_is_said(): void
    {
        $spoken = array_map(static fn (string $word, int $i): WordTiming => new WordTiming(
            $word, 500 * $i, 500 * $i + 400,
        ), ['The', 'lamp', 'is', 'lit.', 'Nobody', 'sees', 'it.'], range(0, 6));
        $times = TimesOver::of($spoken, self::text()->lines[0]->pairs, self::SAID[11], 4_000);

        self::assertSame(['Die', 'Lampe', 'brennt.', 'Niemand', 'sieht', 'sie.'], array_column($times, 'text'));
        self::assertSame([0, 1_900], [$times[0]->startMs, $times[2]->endMs]);
        self::assertSame([2_000, 3_400], [$times[3]->startMs, $times[5]->endMs]);
        foreach (range(1, 5) as $i) {
            self::assertGreaterThanOrEqual($times[$i - 1]->endMs, $times[$i]->startMs);
        }
    }
}
