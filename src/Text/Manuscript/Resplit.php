<?php

declare(strict_types=1);

namespace RapidReel\Text\Manuscript;

use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CueMark;
use RapidReel\Text\Script\NotePlace;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;

/**
 * Gives what belonged to words to the same words in other scenes. Places are counted in characters without white space.
 */
final class Resplit
{
    /**
     * @param  non-empty-list<Scene>  $before
     * @param  non-empty-list<Scene>  $after  the same words, owning nothing yet
     * @return non-empty-list<Scene>
     *
     * @throws Refusal
     */
    public static function shared(array $before, array $after): array
    {
        $places = self::places($after);
        $keptPauses = $shots = $cues = $marks = $cards = [];
        $settings = array_fill(0, count($after), new Values);
        $briefs = array_map(static fn (Scene $scene): string => $scene->brief, $after);
        foreach (self::spans($before) as $old => [$from, $until]) {
            $own = $before[$old]->own;
            $words = self::wordStarts($before[$old], $from);
            foreach ($own->shots as $shot) {
                [$scene, $word] = self::at($places, $words[$shot->word] ?? $until);
                $shots[$scene][] = $shot->at($word);
            }
            foreach ($own->keptPauses as $afterWord) {
                [$scene, $word] = self::at($places, $words[$afterWord] ?? $until);
                $keptPauses[$scene][] = $word;
            }
            foreach ($own->captions->cues as $cue) {
                foreach (self::moved($cue, $places, $words, $until) as $scene => $moved) {
                    $cues[$scene][] = $moved;
                }
            }
            foreach ($own->captions->words as $number => $mark) {
                [$scene, $word] = self::at($places, $words[$number] ?? $until);
                $marks[$scene][] = $mark->at($word);
            }
            foreach ($own->captions->cards as $card) {
                [$scene, $word] = self::at($places, $words[$card->word] ?? $until);
                $cards[$scene][] = $card->at($word);
            }
            [$begins] = self::at($places, $from);
            $briefs[$begins] = $briefs[$begins] === '' ? $before[$old]->brief : $briefs[$begins];
            foreach (self::spans($after) as $new => [$start]) {
                $settings[$new] = $start >= $from && $start < $until ? $own->settings : $settings[$new];
            }
        }

        return array_map(static fn (Scene $scene, int $i): Scene => $scene->withBrief($briefs[$i])->with(new SceneOwn(
            $settings[$i],
            // A pause that would now stand between two scenes is theirs.
            array_filter($keptPauses[$i] ?? [], static fn (int $word): bool => $word < $scene->words() - 1),
            $shots[$i] ?? [],
            new CaptionMarks($cues[$i] ?? [], $marks[$i] ?? [], $cards[$i] ?? []),
        )), $after, array_keys($after));
    }

    /**
     * A caption where its words are now: in each scene that has some of them. Other words that it shows stay where they
     * all are.
     *
     * @param  list<array{int, int, int}>  $places
     * @param  list<int>  $words  where those of its scene began
     * @return array<int, CueMark> by the number of the scene
     */
    private static function moved(CueMark $cue, array $places, array $words, int $until): array
    {
        $found = [];
        for ($number = $cue->word; $number < $cue->end(); $number++) {
            [$scene, $word] = self::at($places, $words[$number] ?? $until);
            $found[$scene][] = $word;
        }
        $isWhole = count($found) === 1;

        return array_map(static fn (array $own): CueMark => $isWhole
            ? $cue->at(min($own), max($own) - min($own) + 1)
            : new CueMark(min($own), max($own) - min($own) + 1), $found);
    }

    /**
     * @param  list<Scene>  $scenes
     * @return list<array{int, int}> where every scene begins and ends
     */
    private static function spans(array $scenes): array
    {
        $spans = [];
        $at = 0;
        foreach ($scenes as $scene) {
            $spans[] = [$at, $at += NotePlace::inked($scene->text)];
        }

        return $spans;
    }

    /** @return list<int> where every word of a scene begins */
    private static function wordStarts(Scene $scene, int $from): array
    {
        return array_map(
            static fn (ScriptWord $word): int => $from + NotePlace::inked(mb_substr($scene->text, 0, $word->offset)),
            ScriptWord::of($scene->text),
        );
    }

    /**
     * @param  list<Scene>  $scenes
     * @return list<array{int, int, int}> where each word begins, its scene and its number in it
     */
    private static function places(array $scenes): array
    {
        $places = [];
        foreach (self::spans($scenes) as $number => [$from]) {
            foreach (self::wordStarts($scenes[$number], $from) as $word => $start) {
                $places[] = [$start, $number, $word];
            }
        }

        return $places;
    }

    /**
     * @param  list<array{int, int, int}>  $places
     * @return array{int, int} scene and word at a place
     */
    private static function at(array $places, int $at): array
    {
        $found = [0, 0];
        foreach ($places as [$start, $scene, $word]) {
            if ($start > $at) {
                break;
            }
            $found = [$scene, $word];
        }

        return $found;
    }
}
