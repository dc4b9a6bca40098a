<?php

declare(strict_types=1);

namespace RapidReel\Text\Cleanup\Form;

use RapidReel\Text\Rules\LineLead;
use RapidReel\Text\Rules\Marks;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptRun;

/**
 * A transcript: timings or speakers throughout. What stands before the first or after the last of them is about it and
 * not of it.
 */
final class Transcript
{
    private const HEAD = '/^(?:full |video |show )?(?:transcript|transkript|transcription|transcripción'
        .'|trascrizione|transcrição)\W*$/iu';

    private const FEWEST = 4;

    /** Of the lines between the first mark and the last, so many have one, or every second one is one. */
    private const SHARE = 0.7;

    /**
     * @param  list<string>  $lines
     * @return array<int, RunKind> by the number of the line
     */
    public static function among(array $lines, LineLead $leads): array
    {
        foreach ($lines as $i => $line) {
            if ($i > 0 && preg_match(self::HEAD, Marks::bare($line)) === 1) {
                // Under its own heading, whatever was copied along with it.
                $under = self::marks(array_fill(0, $i + 1, '') + $lines, $leads);
                $above = array_filter(array_slice($lines, 0, $i), static fn (string $line): bool => trim($line) !== '');

                return $under === null ? [] : $under + array_map(static fn (): RunKind => RunKind::Remark, $above);
            }
        }

        return self::marks($lines, $leads) ?? [];
    }

    /**
     * @param  list<string>  $lines
     * @return array<int, RunKind>|null null where it is no transcript
     */
    private static function marks(array $lines, LineLead $leads): ?array
    {
        $marked = [];
        $alone = 0;
        $filled = [];
        foreach ($lines as $i => $line) {
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            $filled[] = $i;
            $runs = $leads->of($line);
            $isMarked = array_filter(
                $runs,
                static fn (ScriptRun $run): bool => in_array($run->kind, [RunKind::Timing, RunKind::Speaker], true),
            ) !== [];
            if ($isMarked) {
                $marked[] = $i;
                $alone += LineLead::behind($runs, $line) === '' ? 1 : 0;
            }
        }
        $count = count($marked);
        if ($count < self::FEWEST) {
            return null;
        }
        [$first, $last] = [$marked[0], $marked[$count - 1]];
        $between = count(array_filter($filled, static fn (int $i): bool => $i >= $first && $i <= $last));
        // Marks with nothing after them, each above its own lines.
        $areAlone = $alone >= 0.8 * $count && $count >= 0.3 * $between;
        if ($count < self::SHARE * $between && ! $areAlone) {
            return null;
        }
        // The last mark's own lines go on to the next blank one.
        $end = $last;
        while (trim($lines[$end + 1] ?? '') !== '') {
            $end++;
        }
        $kinds = [];
        foreach ($filled as $i) {
            if ($i < $first || $i > $end) {
                $kinds[$i] = RunKind::Remark;
            }
        }

        // Where most of it stands outside, the marks are not throughout.
        return count($kinds) <= 0.5 * count($filled) ? $kinds : null;
    }
}
