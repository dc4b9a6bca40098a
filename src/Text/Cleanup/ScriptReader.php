<?php

declare(strict_types=1);

namespace RapidReel\Text\Cleanup;

use RapidReel\Text\Cleanup\Form\Forms;
use RapidReel\Text\Rules\Brackets;
use RapidReel\Text\Rules\Directions;
use RapidReel\Text\Rules\Furniture;
use RapidReel\Text\Rules\Headings;
use RapidReel\Text\Rules\InlineNotes;
use RapidReel\Text\Rules\LineLead;
use RapidReel\Text\Rules\Lists\WordList;
use RapidReel\Text\Rules\Lists\WordLists;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptRun;
use RapidReel\Text\Script\Script;
use RapidReel\Text\Script\ScriptTitle;
use RapidReel\Text\Script\UnusableScript;

/**
 * Cleans a script: tells what is spoken from what is only a note to the maker. The rules stand in Cleanup, each by
 * itself; what they take out stays in the script. A backslash before a note has it spoken.
 */
final class ScriptReader
{
    /** A note in brackets goes on over at most this many lines. */
    private const LONGEST_NOTE = 12;

    /** A script of more bytes is too long whatever is in it. */
    private const MOST_BYTES = 200_000;

    /**
     * @throws UnusableScript when the text is empty, too long or holds nothing that is spoken
     */
    public function read(string $text, string $title = '', int $mostWords = Script::MOST_WORDS): Script
    {
        $text = trim((string) preg_replace('/\R/u', "\n", $text));
        if ($text === '') {
            throw UnusableScript::isEmpty();
        }
        if (strlen($text) > self::MOST_BYTES) {
            throw UnusableScript::isTooLong(max($mostWords + 1, (int) preg_match_all('/\S+/', $text)), $mostWords);
        }

        $words = WordLists::for($text);
        $texts = $this->foldBrackets(explode("\n", $text));
        $leads = LineLead::for($texts, $words);
        $known = Forms::among($texts, $words, $leads);
        // A page whose title is known by its text has no other.
        $isTitled = array_filter(
            $known,
            static fn (array $runs): bool => ($runs[0]->kind ?? null) === RunKind::Heading,
        ) !== [];
        $lines = [];
        $heading = '';
        $fieldGoesOn = null;
        foreach ($texts as $number => $text) {
            $line = trim($text);
            $runs = $known[$number] ?? null;
            // Of an empty line nothing is asked that looks ahead: there may be thousands.
            $mayBeTitle = ! $isTitled && $line !== ''
                && ($runs === null || ($runs[0]->kind ?? null) === RunKind::Furniture);
            if ($mayBeTitle && $this->isTitle($number, $texts, $known)) {
                $runs = [new ScriptRun($line, RunKind::Heading)];
            }
            if ($runs === null && $fieldGoesOn !== null && $this->goesOn($line, $leads)) {
                $runs = [new ScriptRun($line, $fieldGoesOn)];
            }
            if ($runs === null && $line !== ''
                && $leads->labels->isTitled($line, trim($texts[self::nextFilled($texts, $number)] ?? ''))) {
                $runs = [new ScriptRun($line, RunKind::Heading)];
            }
            // A line of dashes parts what stands around it.
            $runs ??= preg_match('/^[\s\-–—_=~*·•.]{2,}$/u', $line) === 1 ? [] : null;
            $runs ??= $this->readLine($line, $leads, $words);
            $fieldGoesOn = self::openField($runs) ?? ($fieldGoesOn !== null && $runs !== []
                && count($runs) === 1 && $runs[0]->kind === $fieldGoesOn ? $fieldGoesOn : null);
            if ($heading === '' && $runs !== [] && $runs[0]->kind === RunKind::Heading) {
                $heading = Headings::says($runs[0]->text);
            }
            $lines[] = $runs;
        }

        $script = new Script($title !== '' ? $title : $heading, $lines);
        $spoken = $script->spoken();
        if ($spoken === '' || preg_match('/[\p{L}\p{N}]/u', $spoken) !== 1) {
            throw UnusableScript::hasNothingSpoken();
        }
        $count = count((array) preg_split('/\s+/u', $spoken));
        if ($count > $mostWords) {
            throw UnusableScript::isTooLong($count, $mostWords);
        }

        return $script->title !== '' ? $script : new Script(ScriptTitle::of($spoken), $lines);
    }

    /**
     * A bracket left open at a line's end is joined with the lines up to its close, so that a note over several lines
     * is one note; one that never closes stays as it was.
     *
     * @param  list<string>  $lines
     * @return list<string>
     */
    private function foldBrackets(array $lines): array
    {
        $folded = [];
        for ($i = 0, $count = count($lines); $i < $count; $i++) {
            $line = $lines[$i];
            foreach (['[', '{'] as $opener) {
                if (Brackets::unclosed($line, $opener) <= 0) {
                    continue;
                }
                $joined = $line;
                for ($j = $i + 1; $j < min($count, $i + self::LONGEST_NOTE); $j++) {
                    $joined .= ' '.$lines[$j];
                    if (Brackets::unclosed($joined, $opener) === 0) {
                        $line = $joined;
                        $i = $j;

                        break;
                    }
                }
            }
            $folded[] = $line;
        }

        return $folded;
    }

    /**
     * A line above one that says who wrote an article, or when, is its title.
     *
     * @param  list<string>  $texts
     * @param  array<int, list<ScriptRun>>  $known
     */
    private function isTitle(int $number, array $texts, array $known): bool
    {
        $next = self::nextFilled($texts, $number);

        return isset($known[$next])
            && Furniture::isByline($texts[$next])
            && preg_match('/^[^.!?…]{3,110}[?!]?$/u', trim($texts[$number])) === 1;
    }

    /**
     * The number of the next line that is not empty, or the one behind the last.
     *
     * @param  list<string>  $texts
     */
    private static function nextFilled(array $texts, int $number): int
    {
        while (trim($texts[++$number] ?? '.') === '') {
            continue;
        }

        return $number;
    }

    /**
     * The kind of a field that has its value on the lines below it.
     *
     * @param  list<ScriptRun>  $runs
     */
    private static function openField(array $runs): ?RunKind
    {
        return count($runs) === 1
            && in_array($runs[0]->kind, [RunKind::Field, RunKind::Picture, RunKind::Music], true)
            && preg_match('/[:：][*_~`\s]*$/u', $runs[0]->text) === 1 ? $runs[0]->kind : null;
    }

    /** Whether a line under a field without a value is part of its value: in a list, in brackets or quotes. */
    private function goesOn(string $line, LineLead $leads): bool
    {
        return preg_match('/^(?:[-*+•◦▪–]\s|\d{1,2}[.)]\s|[\[("“„«])/u', $line) === 1
            && ! array_filter(
                $leads->of($line),
                static fn (ScriptRun $run): bool => in_array($run->kind, [RunKind::Heading, RunKind::Speaker], true),
            );
    }

    /**
     * @return list<ScriptRun>
     */
    private function readLine(string $line, LineLead $leads, WordList $words): array
    {
        if ($line === '') {
            return [];
        }
        if ($line[0] === '\\') {
            return $this->readSaid($line, $words);
        }
        $kind = $leads->field($line) ?? match (true) {
            Headings::isOne($line, $leads->labels) => RunKind::Heading,
            Directions::isLine($line, $words) => RunKind::Direction,
            default => null,
        };
        if ($kind !== null) {
            return [new ScriptRun($line, $kind)];
        }
        $runs = $leads->of($line);
        $rest = LineLead::behind($runs, $line);
        // How a speaker is to say it.
        if ($runs !== [] && end($runs)->kind === RunKind::Speaker
            && preg_match('/^[*_]{0,2}\([^()]{1,60}\)[*_]{0,2}(?=\s|$)/u', $rest, $found) === 1) {
            $runs[] = new ScriptRun($found[0], RunKind::Direction);
            $rest = ltrim(substr($rest, strlen($found[0])));
        }
        $isHeaded = $runs !== [] && end($runs)->kind === RunKind::Heading;

        return [...$runs, ...match (true) {
            str_starts_with($rest, '\\') => $this->readSaid($rest, $words),
            $isHeaded && Directions::isShown($rest, $words) => [new ScriptRun($rest, RunKind::Picture)],
            default => InlineNotes::of($rest, $words),
        }];
    }

    /**
     * A line that the operator has brought back by a backslash: nothing before its words is taken off but marks.
     *
     * @return list<ScriptRun>
     */
    private function readSaid(string $line, WordList $words): array
    {
        preg_match('/^\\\\(?:#{1,6}\s+|>\s*)?/u', $line, $mark);
        $mark = $mark[0] ?? '\\';

        return [
            new ScriptRun($mark, RunKind::Markup),
            ...InlineNotes::of(substr($line, strlen($mark)), $words, sayFirst: true),
        ];
    }

    /** The first words of the first sentence, as a stand-in for a title nobody wrote. */
}
