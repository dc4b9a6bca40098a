<?php

declare(strict_types=1);

namespace RapidReel\Script\Cleanup;

use RapidReel\Script\RunKind;
use RapidReel\Script\ScriptRun;

/** What may stand before the words of a line: a list mark, a timing, a section or speaker label. */
final readonly class LineLead
{
    public const SECTION = 'hook|intro|introduction|outro|close|closing|cta|call to action|body|beat|scene|section|part'
        .'|act|shot|chapter|conclusion|title|script|narration|segment|slide|frame';

    private const SPEAKER = 'host|narrator|narration|voice ?-?over|v\.?o\.?|speaker(?: ?\d+)?|presenter|announcer'
        .'|interviewer|guest|all|me';

    public const NUMBER = '(?:\d+[a-z]?|[ivx]+|one|two|three|four|five|six|seven|eight|nine|ten)';

    private const TIME = '(?:\d{1,2}:)?\d{1,2}:\d{2}(?:[.,]\d{1,3})?';

    private const NAME = "\\p{Lu}[\\p{L}'’-]+(?: \\p{Lu}[\\p{L}'’-]+)?";

    /** @param  list<string>  $speakers  names that begin at least two lines */
    private function __construct(private array $speakers)
    {
    }

    /**
     * Names before a colon at the beginning of two lines or more are speakers; a single one may be part of a sentence.
     */
    public static function for(string $text): self
    {
        $name = self::NAME;
        preg_match_all("/^({$name})(?:\\s*\\([^)\\n]*\\))?\\s*:\\s+/mu", $text, $matches);

        return new self(
            array_keys(array_filter(array_count_values($matches[1]), static fn (int $times): bool => $times >= 2)),
        );
    }

    /**
     * The leads of a line, in order; together its beginning.
     *
     * @return list<ScriptRun>
     */
    public function of(string $line): array
    {
        $runs = [];
        $rest = $line;
        $take = static function (string $lead, RunKind $kind) use (&$runs, &$rest): void {
            $runs[] = new ScriptRun($lead, $kind);
            $rest = substr($rest, strlen($lead));
        };
        if (preg_match('/^(?:>\s*)+(?=\S)/u', $rest, $m) === 1) {
            $take($m[0], RunKind::Markup);
        }
        if (preg_match('/^(?:[-*+•◦▪]|\d{1,2}[.)])\s+(?=\S)/u', $rest, $m) === 1) {
            $take($m[0], RunKind::Markup);
        }
        $time = self::TIME;
        if (
            preg_match("/^[\\[(]?{$time}(?:\\s*(?:-|–|—|to|-->)\\s*{$time})?[\\])]?\\s*[:|-]?\\s*/u", $rest, $m) ===
                1 ||
            preg_match(
                '/^[\[(]\d{1,3}\s*(?:-|–|—|to)\s*\d{1,3}\s*(?:s|sec|seconds)\.?[\])]\s*[:|-]?\s*/iu',
                $rest,
                $m,
            ) === 1
        ) {
            $take($m[0], RunKind::Timing);
        }
        // A section, and a speaker after it.
        for ($i = 0; $i < 2 && ($label = $this->labelOf($rest)) !== null; $i++) {
            $take($label->text, $label->kind);
        }

        return $runs;
    }

    private function labelOf(string $line): ?ScriptRun
    {
        $section = self::SECTION;
        $number = self::NUMBER;
        $speaker = self::SPEAKER;
        $emphasis = '[*_]{0,2}';
        $aside = '(?:\s*\([^)]*\))?';
        $name = self::NAME;
        if (
            preg_match(
                "/^{$emphasis}(?:{$section})(?:\\s*#?{$number})?{$aside}{$emphasis}\\s*:\\s*{$emphasis}\\s*/iu",
                $line,
                $m,
            ) === 1 ||
            preg_match(
                "/^{$emphasis}(?:scene|shot|slide|frame|part)\\s*#?{$number}{$aside}{$emphasis}"
                    ."\\s*(?:[-–—.)|])\\s*{$emphasis}\\s*/iu",
                $line,
                $m,
            ) === 1
        ) {
            return new ScriptRun($m[0], RunKind::Heading);
        }
        if (
            preg_match("/^{$emphasis}(?:{$speaker}){$aside}{$emphasis}\\s*:\\s*{$emphasis}\\s*/iu", $line, $m) === 1 ||
            preg_match("/^{$emphasis}(\\p{Lu}[\\p{Lu}\\p{N} .'’-]{1,24}){$aside}{$emphasis}\\s*:\\s+/u", $line, $m) ===
                1
        ) {
            return new ScriptRun($m[0], RunKind::Speaker);
        }
        if (
            preg_match("/^{$emphasis}({$name}){$aside}{$emphasis}\\s*:\\s+/u", $line, $m) === 1 &&
            in_array($m[1], $this->speakers, true)
        ) {
            return new ScriptRun($m[0], RunKind::Speaker);
        }

        return null;
    }
}
