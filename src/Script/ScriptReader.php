<?php

declare(strict_types=1);

namespace RapidReel\Script;

/**
 * Cleans a script: tells what is spoken from what is only a note to the maker.
 *
 * Not spoken (common practice, no published source): Markdown and capital headings, section labels, speaker labels,
 * notes in square or curly brackets, directions in round ones, timings, symbols such as emoji.
 */
final class ScriptReader
{
    private const SECTION = 'hook|intro|introduction|outro|close|closing|cta|call to action|body|beat|scene|section|part|act|shot|chapter|conclusion|title|script|narration';

    private const SPEAKER = 'host|narrator|narration|voice ?-?over|v\.?o\.?|speaker|presenter|announcer|interviewer|guest|all|me';

    private const DIRECTION = 'music|sfx|sound|cut|fade|zoom|pan|camera|close ?-?up|wide|b ?-?roll|beat|pause|silence|show|on ?screen|text|caption|image|picture|photo|clip|insert|transition|laughs?|sighs?|whisper\w*|softly|quietly|loud\w*|dramatic|slow\w*';

    private const SYMBOL = '(?:'.Pictographs::PATTERN.')+';

    private const TIME = '(?:\d{1,2}:)?\d{1,2}:\d{2}(?:[.,]\d{1,3})?';

    /**
     * @throws UnusableScript when the text is empty, too long or holds nothing that is spoken
     */
    public function read(string $text, string $title = ''): Script
    {
        $text = trim((string) preg_replace('/\R/u', "\n", $text));
        if ($text === '') {
            throw UnusableScript::isEmpty();
        }

        $speakers = $this->speakersOf($text);
        $lines = [];
        $heading = '';
        foreach ($this->foldBrackets(explode("\n", $text)) as $line) {
            $runs = $this->readLine($line, $speakers);
            if ($heading === '' && $runs !== [] && $runs[0]->kind === RunKind::Heading) {
                $heading = $this->headingText($runs[0]->text);
            }
            $lines[] = $runs;
        }

        $script = new Script($title !== '' ? $title : $heading, $lines);
        $spoken = $script->spoken();
        if ($spoken === '' || preg_match('/[\p{L}\p{N}]/u', $spoken) !== 1) {
            throw UnusableScript::hasNothingSpoken();
        }
        $words = count((array) preg_split('/\s+/u', $spoken));
        if ($words > Script::MOST_WORDS) {
            throw UnusableScript::isTooLong($words, Script::MOST_WORDS);
        }

        return $title !== '' || $heading !== '' ? $script : new Script($this->titleFrom($spoken), $lines);
    }

    /**
     * A bracket left open at a line's end is joined with the lines up to its close, so that a note over several lines is
     * one note; one that never closes stays as it was.
     *
     * @param  list<string>  $lines
     * @return list<string>
     */
    private function foldBrackets(array $lines): array
    {
        $folded = [];
        for ($i = 0, $count = count($lines); $i < $count; $i++) {
            $line = $lines[$i];
            foreach (['[' => ']', '{' => '}'] as $open => $close) {
                if (substr_count($line, $open) <= substr_count($line, $close)) {
                    continue;
                }
                $joined = $line;
                for ($j = $i + 1; $j < min($count, $i + 12); $j++) {
                    $joined .= ' '.$lines[$j];
                    if (substr_count($joined, $open) === substr_count($joined, $close)) {
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
     * @param  list<string>  $speakers
     * @return list<ScriptRun>
     */
    private function readLine(string $line, array $speakers): array
    {
        $line = trim($line);
        if ($line === '') {
            return [];
        }
        if ($this->isHeading($line)) {
            return [new ScriptRun($line, RunKind::Heading)];
        }

        $runs = [];
        $rest = $line;
        if (preg_match('/^(?:[-*+•]|\d{1,2}[.)])\s+(?=\S)/u', $rest, $m) === 1) {
            $runs[] = new ScriptRun($m[0], RunKind::Markup);
            $rest = substr($rest, strlen($m[0]));
        }
        $time = self::TIME;
        if (preg_match("/^[\\[(]?{$time}(?:\\s*(?:-|–|—|to|-->)\\s*{$time})?[\\])]?\\s*[:|-]?\\s*/u", $rest, $m) === 1) {
            $runs[] = new ScriptRun($m[0], RunKind::Timing);
            $rest = substr($rest, strlen($m[0]));
        }
        $label = $this->labelOf($rest, $speakers);
        if ($label !== null) {
            $runs[] = $label;
            $rest = substr($rest, strlen($label->text));
        }

        return [...$runs, ...$this->readWords($rest)];
    }

    private function isHeading(string $line): bool
    {
        if (preg_match('/^#{1,6}\s+\S/u', $line) === 1 || preg_match('/^(?:={3,}|-{3,}|\*{3,}|_{3,})$/', $line) === 1) {
            return true;
        }
        $section = self::SECTION;
        if (preg_match("/^\\W*(?:{$section})(?:\\s+(?:\\d+|[ivx]+|one|two|three|four|five|six|seven|eight|nine|ten))?\\W*$/iu", $line) === 1) {
            return true;
        }

        // A short line in capitals without a sentence's end is a heading; one with an end may be a shouted sentence.
        return mb_strlen($line) <= 60
            && preg_match('/\p{Lu}{3}/u', $line) === 1
            && preg_match('/[\p{Ll}\p{Lo}.!?…]/u', $line) !== 1
            && preg_match('/[[({:]/u', $line) !== 1;
    }

    /**
     * @param  list<string>  $speakers
     */
    private function labelOf(string $line, array $speakers): ?ScriptRun
    {
        $section = self::SECTION;
        $speaker = self::SPEAKER;
        $emphasis = '[*_]{0,2}';
        $aside = '(?:\s*\([^)]*\))?';
        if (preg_match("/^{$emphasis}(?:{$section})(?:\\s*\\d+)?{$emphasis}\\s*:\\s*{$emphasis}\\s*/iu", $line, $m) === 1) {
            return new ScriptRun($m[0], RunKind::Heading);
        }
        if (preg_match("/^{$emphasis}(?:{$speaker}){$aside}{$emphasis}\\s*:\\s*{$emphasis}\\s*/iu", $line, $m) === 1) {
            return new ScriptRun($m[0], RunKind::Speaker);
        }
        if (preg_match("/^{$emphasis}(\\p{Lu}[\\p{Lu}\\p{N} .'’-]{1,24}){$aside}{$emphasis}\\s*:\\s+/u", $line, $m) === 1) {
            return new ScriptRun($m[0], RunKind::Speaker);
        }
        if (preg_match("/^(\\p{Lu}[\\p{L}'’-]+(?: \\p{Lu}[\\p{L}'’-]+)?){$aside}\\s*:\\s+/u", $line, $m) === 1 && in_array($m[1], $speakers, true)) {
            return new ScriptRun($m[0], RunKind::Speaker);
        }

        return null;
    }

    /**
     * Names before a colon that begin at least two lines: a speaker, where a single one might be part of a sentence.
     *
     * @return list<string>
     */
    private function speakersOf(string $text): array
    {
        preg_match_all("/^(\\p{Lu}[\\p{L}'’-]+(?: \\p{Lu}[\\p{L}'’-]+)?)(?:\\s*\\([^)]*\\))?\\s*:\\s+/mu", $text, $matches);

        return array_keys(array_filter(array_count_values($matches[1]), static fn (int $times): bool => $times >= 2));
    }

    /**
     * @return list<ScriptRun>
     */
    private function readWords(string $text): array
    {
        $direction = self::DIRECTION;
        $alone = preg_match('/^\([^()]*\)\W*$/u', trim($text)) === 1;
        $round = $alone ? '\([^()]*\)' : "\\((?:{$direction})\\b[^()]*\\)";
        $symbol = self::SYMBOL;
        $parts = preg_split(
            "/(\\[(?:[^\\[\\]]|\\[[^\\[\\]]*\\])*\\]|\\{(?:[^{}]|\\{[^{}]*\\})*\\}|{$round}|{$symbol}|(?<!\\w)[*_]{1,3}(?=\\S)|(?<=\\S)[*_]{1,3}(?!\\w))/iu",
            $text,
            -1,
            PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY,
        );

        $runs = [];
        foreach ($parts === false ? [$text] : $parts as $part) {
            $kind = match (true) {
                preg_match('/^[*_]{1,3}$/', $part) === 1 => RunKind::Markup,
                preg_match("/^{$symbol}$/u", $part) === 1 => RunKind::Symbol,
                preg_match('/^[\[{].*[\]}]$/us', $part) === 1, preg_match("/^{$round}\\W*$/iu", $part) === 1 => RunKind::Direction,
                default => RunKind::Spoken,
            };
            if (trim($part) !== '') {
                $runs[] = new ScriptRun($part, $kind);
            }
        }

        return $runs;
    }

    private function headingText(string $heading): string
    {
        $text = trim((string) preg_replace('/^#+\s*|[*_=]+|:\s*$/u', '', $heading));
        $section = self::SECTION;

        return preg_match("/^(?:{$section})(?:\\s*\\d+)?\\W*$/iu", $text) === 1 ? '' : mb_substr($text, 0, 120);
    }

    /** The first words of the first sentence, as a stand-in for a title nobody wrote. */
    private function titleFrom(string $spoken): string
    {
        $sentence = (string) preg_replace('/(?<=[.!?…])\s.*$/us', '', strtok($spoken, "\n") ?: $spoken);
        $words = array_slice((array) preg_split('/\s+/u', $sentence), 0, 9);

        return mb_substr(rtrim(implode(' ', $words), ' .,;:!…—–-'), 0, 120);
    }
}
