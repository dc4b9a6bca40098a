<?php

declare(strict_types=1);

namespace RapidReel\Captions\Import;

use RapidReel\Base\PlainText;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Captions\Typesetting\Joints;

/**
 * Finds the words of a short that captions of a file belong to, by the longest run of words that both have in the same
 * order (longest common subsequence, by dynamic programming). The file may say more, less or other words here and
 * there.
 */
final class CuePlacer
{
    /** Words of a file that are looked at. */
    private const MOST_WORDS = 40_000;

    /** Steps of the comparison that are made at most. */
    private const MOST_STEPS = 40_000_000;

    /**
     * @param  list<TimedCue>  $cues
     * @param  list<array{string, int, int}>  $said  words of the short: text, scene, number in the scene
     * @return list<PlacedCue> in order; a caption that is shown over two scenes is two
     */
    public static function place(array $cues, array $said): array
    {
        [$written, $of] = [[], []];
        foreach ($cues as $number => $cue) {
            foreach (PlainText::words($cue->line()) as $word) {
                if (count($written) < self::MOST_WORDS && Joints::bare($word) !== '') {
                    $written[] = Joints::bare($word);
                    $of[] = $number;
                }
            }
        }
        $owners = self::owners(
            self::common($written, array_map(static fn (array $word): string => Joints::bare($word[0]), $said)),
            $of,
            count($said),
        );
        $placed = [];
        foreach (self::runs($owners, $said) as [$number, $from, $until, $isFirst, $isLast]) {
            $words = array_slice($said, $from, $until - $from);
            $placed[] = self::placed($cues[$number], $number, $words, $isFirst, $isLast);
        }

        return $placed;
    }

    /**
     * @param  list<array{string, int, int}>  $words
     */
    private static function placed(TimedCue $cue, int $number, array $words, bool $isFirst, bool $isLast): PlacedCue
    {
        $isWhole = $isFirst && $isLast;
        $isSame = implode(' ', array_column($words, 0)) === $cue->line();
        $lines = $cue->counts();

        return new PlacedCue(
            $number,
            $words[0][1],
            $words[0][2],
            count($words),
            $isWhole && ! $isSame ? $cue->line() : null,
            $isWhole && count($lines) > 1 ? $lines : [],
            $isFirst ? $cue->startMs : null,
            $isLast ? $cue->endMs : null,
        );
    }

    /**
     * Which caption every word of the short belongs to: that of the word of the file that it is, or what stands between
     * two of the same.
     *
     * @param  array<int, int>  $common  words of the file by words of the short
     * @param  list<int>  $of  captions of the words of the file
     * @return array<int, int> captions by words of the short
     */
    private static function owners(array $common, array $of, int $count): array
    {
        $owners = [];
        $last = null;
        for ($word = 0; $word < $count; $word++) {
            if (! isset($common[$word])) {
                continue;
            }
            $own = $of[$common[$word]];
            if ($last !== null) {
                [$at, $before] = $last;
                // Words of the file that were passed over stand for words of the short that were.
                $passed = array_slice($of, $common[$at] + 1, $common[$word] - $common[$at] - 1);
                for ($between = $at + 1; $between < $word; $between++) {
                    $place = intdiv(($between - $at - 1) * count($passed), $word - $at - 1);
                    $share = $passed === []
                        ? ($before === $own ? $own : null)
                        : $passed[min(count($passed) - 1, $place)];
                    if ($share !== null && $share >= $before && $share <= $own) {
                        $owners[$between] = $share;
                    }
                }
            }
            $owners[$word] = $own;
            $last = [$word, $own];
        }

        return $owners;
    }

    /**
     * @param  array<int, int>  $owners
     * @param  list<array{string, int, int}>  $said
     * @return list<array{int, int, int, bool, bool}> caption, from which word, up to which, whether it is its first run
     *                                                and its last
     */
    private static function runs(array $owners, array $said): array
    {
        $runs = [];
        foreach ($owners as $word => $own) {
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][0] === $own && $runs[$last][2] === $word
                && $said[$word - 1][1] === $said[$word][1]) {
                $runs[$last][2] = $word + 1;
            } else {
                $runs[] = [$own, $word, $word + 1, true, true];
            }
        }
        foreach ($runs as $i => $run) {
            $runs[$i][3] = ! isset($runs[$i - 1]) || $runs[$i - 1][0] !== $run[0];
            $runs[$i][4] = ! isset($runs[$i + 1]) || $runs[$i + 1][0] !== $run[0];
        }

        return $runs;
    }

    /**
     * @param  list<string>  $written
     * @param  list<string>  $said
     * @return array<int, int> words of the file by words of the short, both rising
     */
    private static function common(array $written, array $said): array
    {
        $rows = count($said);
        $most = $rows === 0 ? 0 : min(count($written), intdiv(self::MOST_STEPS, $rows));
        $written = array_slice($written, 0, $most);
        // How it was reached: 1 both, 2 from above, 0 from the left; a byte each.
        $steps = [];
        $before = array_fill(0, $most + 1, 0);
        foreach ($said as $word) {
            $now = [0];
            $row = '';
            foreach ($written as $i => $other) {
                if ($other === $word) {
                    $now[] = $before[$i] + 1;
                    $row .= "\1";
                } elseif ($before[$i + 1] >= $now[$i]) {
                    $now[] = $before[$i + 1];
                    $row .= "\2";
                } else {
                    $now[] = $now[$i];
                    $row .= "\0";
                }
            }
            $steps[] = $row;
            $before = $now;
        }
        $common = [];
        for ([$i, $j] = [$rows - 1, $most - 1]; $i >= 0 && $j >= 0;) {
            $step = substr($steps[$i], $j, 1);
            if ($step === "\1") {
                $common[$i--] = $j--;
            } elseif ($step === "\2") {
                $i--;
            } else {
                $j--;
            }
        }
        ksort($common);

        return $common;
    }
}
