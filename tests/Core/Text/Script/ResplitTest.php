<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Values;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Captions\Marks\CueMark;
use RapidReel\Captions\Marks\WordMark;
use RapidReel\Text\Manuscript\Resplit;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\ShotMark;

/** What belonged to words stays with them when the same words are shared out to other scenes. */
final class ResplitTest extends TestCase
{
    private const CHAINS = 300;

    /** Each word is another one, so that it is known again; some with marks, one without any letter of its own. */
    private const WORDS = [
        'one', '“two', 'three,”', 'four', 'five-six', 'seven;', 'eight', '—', 'nine', 'zehn', 'élan', 'twelve.',
        '13', 'fourteen', '(fifteen)', 'sixteen', 'seventeen', '18.5', 'nineteen', 'twenty',
    ];

    /**
     * @param  list<int>  $ends  number of the word that each scene ends before, but for the last
     * @return non-empty-list<Scene>
     */
    private static function scenes(array $ends): array
    {
        $scenes = [];
        $from = 0;
        foreach ([...$ends, count(self::WORDS)] as $end) {
            $scenes[] = new Scene(
                $scenes === [] ? SceneRole::Hook : SceneRole::Beat,
                implode(' ', array_slice(self::WORDS, $from, $end - $from)),
            );
            $from = $end;
        }

        return $scenes === [] ? throw new \LogicException : $scenes;
    }

    /** @return list<int> */
    private static function ends(): array
    {
        $ends = [];
        // Never right before the dash, which is said by nobody.
        foreach (array_diff(range(1, count(self::WORDS) - 1), [7, 8]) as $end) {
            if (mt_rand(0, 4) === 0) {
                $ends[] = $end;
            }
        }

        return $ends;
    }

    /**
     * @param  list<Scene>  $scenes
     * @return list<string> what each word owns, as text
     */
    private static function owned(array $scenes): array
    {
        $found = [];
        foreach ($scenes as $scene) {
            $words = array_column(ScriptWord::of($scene->text), 'text');
            $own = $scene->own;
            foreach ($own->shots as $shot) {
                $found[] = "{$words[$shot->word]} shows {$shot->footage}";
            }
            foreach ($own->captions->words as $mark) {
                $found[] = "{$words[$mark->word]} sounds {$mark->sound}";
            }
            foreach ($own->captions->cards as $card) {
                $found[] = "{$words[$card->word]} has {$card->text}";
            }
            foreach ($own->captions->cues as $cue) {
                foreach (range($cue->word, $cue->end() - 1) as $word) {
                    $found[] = "{$words[$word]} is captioned";
                }
            }
        }
        sort($found);

        return $found;
    }

    public function test_all_that_words_own_is_theirs_in_any_other_scenes(): void
    {
        mt_srand(20);
        for ($chain = 0; $chain < self::CHAINS; $chain++) {
            $ends = self::ends();
            $before = array_map(static function (Scene $scene): Scene {
                $count = $scene->words();
                $shots = $marks = $cards = $cues = [];
                for ($word = 0; $word < $count; $word++) {
                    $id = mt_rand();
                    match (mt_rand(0, 6)) {
                        0 => $shots[] = new ShotMark($word, "f$id", true),
                        1 => $marks[] = new WordMark($word, sound: "s$id"),
                        2 => $cards[] = new CardMark($word, text: "c$id"),
                        3 => $cues[] = new CueMark($word, min($count - $word, 1 + $id % 3)),
                        default => null,
                    };
                }

                return $scene->with(new SceneOwn(
                    new Values(['speed' => $count]), [], $shots, new CaptionMarks($cues, $marks, $cards),
                ));
            }, self::scenes($ends));
            $after = Resplit::shared($before, self::scenes(self::ends()));

            self::assertSame(self::owned($before), self::owned($after));
            foreach ($after as $scene) {
                self::assertTrue($scene->own->settings->has('speed'), 'settings are those of where it begins');
            }
            $back = Resplit::shared($after, self::scenes($ends));
            self::assertSame(self::owned($before), self::owned($back), 'and in those of before');
        }
    }

    public function test_briefs_and_spared_pauses_go_along_where_they_still_stand_inside_a_scene(): void
    {
        $before = [
            (new Scene(SceneRole::Hook, 'one two three four', brief: 'a lamp'))->with(new SceneOwn(keptPauses: [0, 2])),
            new Scene(SceneRole::Beat, 'five six', brief: 'a boat'),
        ];
        $after = Resplit::shared($before, [
            new Scene(SceneRole::Hook, 'one'), new Scene(SceneRole::Beat, 'two three four five six'),
        ]);

        self::assertSame(['a lamp', 'a boat'], array_map(static fn (Scene $scene): string => $scene->brief, $after));
        self::assertSame([[], [1]], array_map(static fn (Scene $scene): array => $scene->own->keptPauses, $after));
    }
}
