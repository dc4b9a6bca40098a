<?php

declare(strict_types=1);

namespace RapidReel\Text\Cleanup\Form;

use RapidReel\Text\Rules\Furniture;
use RapidReel\Text\Rules\LineLead;
use RapidReel\Text\Rules\Lists\WordList;
use RapidReel\Text\Rules\PageBlocks;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptRun;

/** What a line is by the form of the whole text: a table, a screenplay, a transcript, a page, a writer's reply. */
final class Forms
{
    /**
     * @param  list<string>  $lines
     * @return array<int, list<ScriptRun>> what is known of lines by their numbers; of the others nothing is known
     */
    public static function among(array $lines, WordList $words, LineLead $leads): array
    {
        // A line that the operator has brought back is of the form that it was of.
        $plain = array_map(
            static fn (string $line): string => (string) preg_replace('/^(\s*)\\\\/', '$1', $line),
            $lines,
        );
        $kinds = Fences::head($plain) + Fences::among($plain);
        $kinds += self::furniture(self::without($plain, $kinds), $words, $leads);
        $talk = (new Talk($words, $leads->labels))->among(self::without($plain, array_filter(
            $kinds,
            static fn (RunKind $kind): bool => $kind !== RunKind::Furniture,
        )));
        $kinds = $talk + $kinds;
        $rest = self::without($plain, $kinds);
        $screenplay = Screenplay::among($rest, $leads->labels);
        $kinds += $screenplay;
        if ($screenplay === []) {
            $kinds += Transcript::among($rest, $leads) + Facts::among($rest, $leads->labels);
        }
        $known = [];
        foreach ($kinds as $i => $kind) {
            $known[$i] = [new ScriptRun(trim($lines[$i]), $kind)];
        }
        $known = array_diff_key((new Tables($words, $leads))->among($plain), array_filter(
            $kinds,
            static fn (RunKind $kind): bool => $kind === RunKind::Remark,
        )) + $known;

        return array_filter($known, static fn (int $i): bool => $plain[$i] === $lines[$i], ARRAY_FILTER_USE_KEY);
    }

    /**
     * @param  list<string>  $lines
     * @return array<int, RunKind>
     */
    private static function furniture(array $lines, WordList $words, LineLead $leads): array
    {
        // What names its parts, or is told in a table, is written to be read out and copied from no page.
        $named = array_filter($lines, static fn (string $line): bool => $leads->labels->areAll($line)
            || $leads->labels->lead($line) !== '' || substr_count($line, "\t") + substr_count($line, '|') > 1);
        $isPlay = preg_grep('/(?:^|\s)(?:INT|EXT|I\/E)\b[. ]/u', $lines) !== [];
        $page = count($named) > 1 || $isPlay ? null : PageBlocks::of($lines, Furniture::sure($lines, $words));

        return $page === null
            ? array_map(static fn (): RunKind => RunKind::Furniture, Furniture::among($lines, $words))
            : $page->silent();
    }

    /**
     * @param  list<string>  $lines
     * @param  array<int, mixed>  $known
     * @return list<string> with nothing in place of those
     */
    private static function without(array $lines, array $known): array
    {
        foreach (array_keys($known) as $i) {
            $lines[$i] = '';
        }

        return array_values($lines);
    }
}
