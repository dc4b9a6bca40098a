<?php

declare(strict_types=1);

namespace Tests\Core\Making\Publish;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\PlainText;
use RapidReel\Base\Subtitle\Ass;
use RapidReel\Base\Subtitle\SubRip;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Making\Publish\Manifest;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Cut\CaptionFile;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\UnseenWords;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use Tests\Support\Cuts;

/** What files have beside what is seen in the picture. */
final class UnseenWordsTest extends TestCase
{
    /**
     * A cut of which some scenes carry no captions.
     *
     * @param  list<string>  $said
     */
    private static function without(array $said, int ...$silent): Cut
    {
        $voiced = [];
        foreach ($said as $i => $text) {
            $voiced[] = new VoicedScene(
                new Scene(SceneRole::Beat, $text),
                Cuts::take($text),
                settings: new SceneSettings(captions: in_array($i, $silent, true) ? null : new CaptionStyle),
            );
        }

        return Cuts::builder()->build('A test', $voiced, Cuts::library(), null);
    }

    public function test_every_word_is_in_every_file_whatever_is_seen(): void
    {
        $said = ['One two, three.', 'Four five six. Seven eight nine ten eleven twelve thirteen fourteen.', 'Fifteen.'];
        foreach ([[], [0], [1], [0, 1, 2]] as $silent) {
            $file = SubRip::read(CaptionFile::SubRip->write(self::without($said, ...$silent)));
            $text = implode(' ', array_map(static fn (TimedCue $cue): string => $cue->line(), $file));
            self::assertSame(
                mb_strtolower(implode(' ', $said)), mb_strtolower($text), implode(',', $silent),
            );
            $times = array_column($file, 'startMs');
            self::assertSame($times, array_values(array_unique($times)));
            // An ASS file that is read again gives them, too.
            $again = Ass::read(CaptionFile::Ass->write(self::without($said, ...$silent)));
            self::assertSame(count($file), count($again));
        }
    }

    public function test_a_line_is_no_longer_than_one_reads_and_ends_where_a_sentence_does(): void
    {
        $cut = self::without(['One two. '.str_repeat('three four five ', 12).'end.'], 0);
        $cues = UnseenWords::of($cut, 2_000);
        self::assertSame('One two.', $cues[0]->line());
        self::assertSame($cut->words[0]->timing->startMs + 2_000, $cues[0]->startMs);
        foreach ($cues as $cue) {
            self::assertLessThanOrEqual(42, mb_strlen($cue->line()));
        }
        self::assertSame([], UnseenWords::of(Cuts::of(['One two.'])));
    }

    public function test_control_characters_are_blanks_and_ends_of_lines_are_not(): void
    {
        self::assertSame("a b\tc\nd\r\ne fé", PlainText::of("a\x00b\tc\nd\r\ne\x1Ffé"));
        self::assertSame("\xC3\xA9 \xFF", PlainText::of("\xC3\xA9\x7F\xFF"));
    }

    public function test_a_row_of_a_manifest_goes_under_another_name_and_says_what_it_is(): void
    {
        $row = Manifest::renamed(['01-a.mp4', '01-a.mp4x', 3.5, '01-a.srt'], '01-a', '01-a-draft', 'draft', 'short-7');
        self::assertSame(['01-a-draft.mp4', '01-a-draft.mp4x', 3.5, '01-a-draft.srt'], array_slice($row, 0, 4));
        self::assertSame(['draft', 'short-7'], array_slice($row, -2));
        self::assertCount(count(explode(',', trim(Manifest::csv([])))), $row);
    }
}
