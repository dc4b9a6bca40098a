<?php

declare(strict_types=1);

namespace Tests\Core\Caption;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\TargetProfile;
use RapidReel\Caption\CaptionStyle;
use RapidReel\Caption\Cue;
use RapidReel\Caption\CueGrouper;
use RapidReel\Voice\WordTiming;
use Tests\Support\Cuts;

/** One to a few words at a time, clear of what the outlet draws: common practice, no published source. */
final class CueGrouperTest extends TestCase
{
    /**
     * @param  list<WordTiming>  $words
     * @return list<Cue>
     */
    private static function group(array $words, int $endMs): array
    {
        return (new CueGrouper(Cuts::metrics(), new CaptionStyle, TargetProfile::UpTo60))->group($words, $endMs);
    }

    /** @return list<string> */
    private static function texts(string $said): array
    {
        $take = Cuts::take($said);

        return array_map(static fn (Cue $cue): string => $cue->text(), self::group($take->words, $take->durationMs));
    }

    public function test_a_cue_has_one_to_three_words_and_ends_where_the_phrase_does(): void
    {
        self::assertSame(
            ['For eleven years,', 'one lighthouse', 'guided no ships', 'at all.'],
            self::texts('For eleven years, one lighthouse guided no ships at all.'),
        );
    }

    public function test_no_word_is_lost_and_none_is_twice(): void
    {
        $said = 'Donaudampfschifffahrtsgesellschaftskapitän is a word, and so is this — one more: yes!';

        self::assertSame($said, implode(' ', self::texts($said)));
    }

    public function test_a_cue_stays_through_a_short_pause_and_goes_in_a_long_one(): void
    {
        $cues = self::group(
            [new WordTiming('one,', 0, 300), new WordTiming('two.', 500, 800), new WordTiming('three', 2_000, 2_400)],
            2_500,
        );

        self::assertSame(
            [[0, 500], [500, 1_100], [2_000, 2_500]],
            array_map(static fn (Cue $cue): array => [$cue->startMs, $cue->endMs], $cues),
        );
    }

    public function test_every_line_fits_between_the_safe_edges(): void
    {
        $style = new CaptionStyle;
        $room = TargetProfile::WIDTH * TargetProfile::UpTo60->safeArea()->centredWidth();
        foreach (['a b c', 'lighthouse keeper', 'incomprehensibilities', str_repeat('M', 60)] as $said) {
            foreach (self::group(Cuts::take($said)->words, 5_000) as $cue) {
                $at = 0;
                foreach ($cue->lines as $count) {
                    $line = implode(
                        ' ',
                        array_map(
                            static fn (WordTiming $word): string => mb_strtoupper($word->text),
                            array_slice($cue->words, $at, $count),
                        ),
                    );
                    $at += $count;
                    self::assertLessThanOrEqual(
                        $room,
                        Cuts::metrics()->width($line, $style->size * TargetProfile::HEIGHT * $cue->scale),
                        $line,
                    );
                }
            }
        }
    }
}
