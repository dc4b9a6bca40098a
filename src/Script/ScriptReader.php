<?php

declare(strict_types=1);

namespace RapidReel\Script;

use RapidReel\Script\Cleanup\Brackets;
use RapidReel\Script\Cleanup\Directions;
use RapidReel\Script\Cleanup\Furniture;
use RapidReel\Script\Cleanup\Headings;
use RapidReel\Script\Cleanup\InlineNotes;
use RapidReel\Script\Cleanup\LineLead;

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

        $leads = LineLead::for($text);
        $texts = $this->foldBrackets(explode("\n", $text));
        $furniture = Furniture::among($texts);
        $lines = [];
        $heading = '';
        foreach ($texts as $number => $line) {
            $isTitle =
                isset($furniture[$number + 1]) &&
                Furniture::isByline($texts[$number + 1]) &&
                preg_match('/^[^.!?…]{3,110}[?!]?$/u', trim($line)) === 1;
            $runs =
                $isTitle && ! isset($furniture[$number])
                    ? [new ScriptRun(trim($line), RunKind::Heading)]
                    : $this->readLine(trim($line), $leads, isset($furniture[$number]));
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
        $words = count((array) preg_split('/\s+/u', $spoken));
        if ($words > $mostWords) {
            throw UnusableScript::isTooLong($words, $mostWords);
        }

        return $script->title !== '' ? $script : new Script($this->titleFrom($spoken), $lines);
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
     * @return list<ScriptRun>
     */
    private function readLine(string $line, LineLead $leads, bool $isFurniture): array
    {
        if ($line === '') {
            return [];
        }
        if ($line[0] === '\\') {
            return $this->readSaid($line);
        }
        $kind = match (true) {
            $isFurniture => RunKind::Furniture,
            Headings::isOne($line) => RunKind::Heading,
            Directions::isMusicLine($line) => RunKind::Music,
            Directions::isLine($line) => RunKind::Direction,
            preg_match('/^\|?(?:\s*:?-{2,}:?\s*\|)+\s*:?-*:?\s*$/', $line) === 1 => RunKind::Markup,
            default => null,
        };
        if ($kind !== null) {
            return [new ScriptRun($line, $kind)];
        }
        $runs = $leads->of($line);
        $words = substr($line, array_sum(array_map(static fn (ScriptRun $run): int => strlen($run->text), $runs)));

        return [...$runs, ...(str_starts_with($words, '\\') ? $this->readSaid($words) : InlineNotes::of($words))];
    }

    /**
     * A line that the operator has brought back by a backslash: nothing before its words is taken off but marks.
     *
     * @return list<ScriptRun>
     */
    private function readSaid(string $line): array
    {
        preg_match('/^\\\\(?:#{1,6}\s+|>\s*)?/u', $line, $mark);
        $mark = $mark[0] ?? '\\';

        return [
            new ScriptRun($mark, RunKind::Markup),
            ...InlineNotes::of(substr($line, strlen($mark)), sayFirst: true),
        ];
    }

    /** The first words of the first sentence, as a stand-in for a title nobody wrote. */
    private function titleFrom(string $spoken): string
    {
        $sentence = (string) preg_replace('/(?<=[.!?…])\s.*$/us', '', strtok($spoken, "\n") ?: $spoken);
        $words = array_slice((array) preg_split('/\s+/u', $sentence), 0, 9);

        return mb_substr(rtrim(implode(' ', $words), ' .,;:!…—–-'), 0, 120);
    }
}
