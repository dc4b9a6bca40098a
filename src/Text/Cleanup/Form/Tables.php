<?php

declare(strict_types=1);

namespace RapidReel\Text\Cleanup\Form;

use RapidReel\Text\Rules\InlineNotes;
use RapidReel\Text\Rules\LineLead;
use RapidReel\Text\Rules\Lists\WordList;
use RapidReel\Text\Rules\Marks;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptRun;

/**
 * Tables, in Markdown or with tabs between their columns: the column is spoken whose head says so, the one of pictures
 * becomes briefs, and nothing else of it is spoken.
 */
final readonly class Tables
{
    private const RULE = '/^\s*\|?\s*:?-{2,}:?\s*(?:\|\s*:?-{2,}:?\s*)*\|?\s*$/';

    public function __construct(private WordList $words, private LineLead $leads)
    {
    }

    /**
     * @param  list<string>  $lines
     * @return array<int, list<ScriptRun>> by the number of the line
     */
    public function among(array $lines): array
    {
        $found = [];
        $count = count($lines);
        for ($i = 0; $i < $count; $i++) {
            $isRuled = $i + 1 < $count && str_contains($lines[$i], '|')
                && preg_match(self::RULE, $lines[$i + 1]) === 1 && str_contains($lines[$i + 1], '-');
            if (! $isRuled && ! $this->isTabbedHead($lines[$i], $lines[$i + 1] ?? '')) {
                continue;
            }
            $parting = $isRuled ? '|' : "\t";
            $kinds = $this->kinds($lines[$i], $parting);
            $found[$i] = $this->whole($lines[$i], $parting);
            if ($isRuled) {
                $found[++$i] = [new ScriptRun(trim($lines[$i]), RunKind::Markup)];
            }
            while ($i + 1 < $count && trim($lines[$i + 1]) !== '' && str_contains($lines[$i + 1], $parting)) {
                $found[++$i] = $this->row($lines[$i], $parting, $kinds);
            }
        }

        return $found;
    }

    /** @return list<RunKind|null> what the columns hold; null for the one that is spoken */
    private function kinds(string $head, string $parting): array
    {
        $kinds = [];
        $spoken = null;
        foreach (self::cells($head, $parting) as $i => $cell) {
            $name = Marks::bare($cell);
            $kinds[$i] = match (true) {
                $this->is($this->words->labels->sounds, $name) => RunKind::Music,
                $this->is($this->words->labels->fields, $name) => RunKind::Field,
                $this->is($this->words->labels->pictures, $name) => RunKind::Picture,
                default => RunKind::Field,
            };
            $isSpoken = $this->is($this->words->notes->spokenColumns, $name);
            $isSurely = $this->is($this->words->labels->voices, $name);
            if (($isSpoken && $spoken === null) || $isSurely) {
                $spoken = $isSurely || $kinds[$i] === RunKind::Field ? $i : $spoken;
            }
        }
        if ($spoken !== null) {
            $kinds[$spoken] = null;
        }

        return array_values($kinds);
    }

    private function is(string $names, string $head): bool
    {
        $more = '(?:\s*(?:\/|&|\+|and|und|et|y|e)\s*.{1,30}|\s*\([^)]*\)|\s+(?:script|text|line|text|content|copy))?';

        return preg_match("/^(?:the |der |die |das |le |la |el |il |o |a )?(?:{$names}){$more}\\W*$/iu", $head) === 1;
    }

    /** Whether tabs part names of columns that scripts have. */
    private function isTabbedHead(string $line, string $next): bool
    {
        if (! str_contains($line, "\t") || ! str_contains($next, "\t")) {
            return false;
        }
        $known = 0;
        $spoken = 0;
        $labels = $this->words->labels;
        $names = "{$labels->sounds}|{$labels->fields}|{$labels->pictures}|{$labels->counted}";
        foreach (self::cells($line, "\t") as $cell) {
            $spoken += $this->is($this->words->notes->spokenColumns, Marks::bare($cell)) ? 1 : 0;
            $known += $this->is($names, Marks::bare($cell)) ? 1 : 0;
        }

        return $spoken > 0 && $known > 0;
    }

    /** @return list<ScriptRun> */
    private function whole(string $line, string $parting): array
    {
        return $this->row($line, $parting, array_fill(0, 60, RunKind::Field));
    }

    /**
     * @param  list<RunKind|null>  $kinds  of the columns
     * @return list<ScriptRun>
     */
    private function row(string $line, string $parting, array $kinds): array
    {
        $runs = [];
        $column = str_starts_with(ltrim($line, ' '), $parting) ? -1 : 0;
        $parts = preg_split('/((?<!\\\\)'.preg_quote($parting, '/').')/', $line, -1, PREG_SPLIT_DELIM_CAPTURE);
        foreach ($parts ?: [] as $i => $cell) {
            if ($i % 2 === 1) {
                $runs[] = new ScriptRun($cell, RunKind::Markup);
                $column++;
            } elseif (trim($cell) !== '') {
                $kind = array_key_exists($column, $kinds) ? $kinds[$column] : RunKind::Field;
                array_push($runs, ...$kind === null ? $this->spoken($cell) : self::note($cell, $kind));
            }
        }

        return $runs;
    }

    /** @return list<ScriptRun> */
    private function spoken(string $cell): array
    {
        $cell = trim($cell);
        $runs = [];
        foreach (preg_split('/(<br\s*\/?>)/i', $cell, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $i => $part) {
            $part = trim($part);
            if ($i % 2 === 1) {
                $runs[] = new ScriptRun($part, RunKind::Markup);
            } elseif ($part !== '') {
                $leads = $this->leads->of($part);
                array_push($runs, ...$leads, ...InlineNotes::of(LineLead::behind($leads, $part), $this->words));
            }
        }

        return $runs;
    }

    /** @return list<ScriptRun> a cell that is not spoken, unless a backslash says that it is */
    private static function note(string $cell, RunKind $kind): array
    {
        $cell = trim($cell);

        return str_starts_with($cell, '\\')
            ? [new ScriptRun('\\', RunKind::Markup), new ScriptRun(substr($cell, 1), RunKind::Spoken)]
            : [new ScriptRun($cell, preg_match('/\p{L}|\p{N}/u', $cell) === 1 ? $kind : RunKind::Markup)];
    }

    /** @return list<string> */
    private static function cells(string $line, string $parting): array
    {
        if ($parting === '|') {
            $line = trim($line);
            $line = (string) preg_replace('/^\||\|$/', '', $line);
        }

        return array_map(trim(...), preg_split('/(?<!\\\\)'.preg_quote($parting, '/').'/', $line) ?: []);
    }
}
