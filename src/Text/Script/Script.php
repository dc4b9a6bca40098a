<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Rules\ScriptRun;

/**
 * A script after clean-up: every character of the source is in one of its runs, spoken or not.
 */
final readonly class Script
{
    public const MOST_WORDS = 2_000;

    /**
     * @param  list<list<ScriptRun>>  $lines
     */
    public function __construct(
        public string $title,
        public array $lines,
    ) {
    }

    /** The spoken words alone: runs of a line joined by a space, lines by a line break, empty lines kept once. */
    public function spoken(): string
    {
        $lines = array_map(self::spokenOf(...), $this->lines);

        return trim((string) preg_replace('/\n{3,}/', "\n\n", implode("\n", $lines)));
    }

    /** @return array<string, int> how many notes there are of every kind (its value), most first */
    public function noteCounts(): array
    {
        $counts = [];
        foreach (array_merge(...$this->lines) as $run) {
            if ($run->kind->isNote()) {
                $counts[$run->kind->value] = ($counts[$run->kind->value] ?? 0) + 1;
            }
        }
        arsort($counts);

        return $counts;
    }

    /**
     * The source again, with a backslash before one note, so that the next reading has it spoken.
     *
     * @return string|null null where there is no such note
     */
    public function saying(int $line, int $run): ?string
    {
        if (($this->lines[$line][$run] ?? null)?->kind->isNote() !== true) {
            return null;
        }
        $texts = [];
        foreach ($this->lines as $i => $runs) {
            $text = '';
            foreach ($runs as $j => $one) {
                $text .= ($i === $line && $j === $run ? '\\' : '').$one->text;
            }
            $texts[] = $text;
        }

        return implode("\n", $texts);
    }

    /**
     * Where every note stands among scenes that were split from this script. Scenes lose no character but white space,
     * so places are counted without it.
     *
     * @param  non-empty-list<Scene>  $scenes
     * @return list<ScriptNote>
     */
    public function notes(array $scenes): array
    {
        $notes = [];
        $passed = 0;
        foreach ($this->lines as $runs) {
            $own = self::spokenOf($runs) === '';
            $lastSpoken = max([
                -1,
                ...array_keys(
                    array_filter(
                        $runs,
                        static fn (ScriptRun $run): bool => $run->kind->isSpoken() && trim($run->text) !== '',
                    ),
                ),
            ]);
            foreach ($runs as $i => $run) {
                if ($run->kind->isSpoken()) {
                    $passed += NotePlace::inked($run->text);
                } elseif ($run->kind->isNote()) {
                    // At the end of a line it belongs to what was said there.
                    [$scene, $offset] =
                        ! $own && $i > $lastSpoken
                            ? NotePlace::behind($passed, $scenes)
                            : NotePlace::after($passed, $scenes);
                    $notes[] = new ScriptNote($run->kind, trim($run->text), $scene, $offset, $own);
                }
            }
        }

        return $notes;
    }

    /** @param  list<ScriptRun>  $runs */
    private static function spokenOf(array $runs): string
    {
        $spoken = array_filter($runs, static fn (ScriptRun $run): bool => $run->kind->isSpoken());
        $text = implode(' ', array_map(static fn (ScriptRun $run): string => trim($run->text), $spoken));

        return trim((string) preg_replace(['/\s+/u', '/ (?=[.,;:!?…](?:\s|$))/u'], [' ', ''], $text));
    }
}
