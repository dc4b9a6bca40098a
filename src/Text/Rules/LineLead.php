<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

use RapidReel\Base\Language\Pictographs;
use RapidReel\Text\Rules\Lists\WordList;

/** What may stand before the words of a line: marks, emoji, a timing, labels of parts and speakers. */
final readonly class LineLead
{
    /** More than this many things stand before no words. */
    private const MOST = 8;

    private function __construct(
        private Timings $timings,
        private Speakers $speakers,
        public Labels $labels,
    ) {
    }

    /** @param  list<string>  $lines  of the whole script: what is a name or a timing shows in how often it comes */
    public static function for(array $lines, WordList $words): self
    {
        $labels = new Labels($words);
        $timings = Timings::among($lines);

        return new self($timings, Speakers::among($lines, $labels, $timings), $labels);
    }

    /**
     * The leads of a line, in order; together its beginning. Where a field begins that goes whole they end before it.
     *
     * @return list<ScriptRun>
     */
    public function of(string $line): array
    {
        $runs = [];
        $rest = $line;
        while ($rest !== '' && count($runs) < self::MOST && ($run = $this->next($rest)) !== null) {
            $runs[] = $run;
            $rest = substr($rest, strlen($run->text));
        }
        // Signs before words that nothing else stands before are found among the words.
        while ($runs !== [] && end($runs)->kind === RunKind::Symbol) {
            array_pop($runs);
        }

        return $runs;
    }

    /**
     * What of a line stands behind its leads.
     *
     * @param  list<ScriptRun>  $leads
     */
    public static function behind(array $leads, string $line): string
    {
        return substr($line, array_sum(array_map(static fn (ScriptRun $run): int => strlen($run->text), $leads)));
    }

    /** What kind of field a whole line is, whatever marks and timings stand before its name; null where it is none. */
    public function field(string $line): ?RunKind
    {
        $bare = Marks::bare($line);
        $bare = substr($bare, strlen($this->timings->lead($bare)));

        $isLabel = $this->labels->isNumbered($bare) && $this->labels->lead($bare) !== '';

        return $isLabel ? null : $this->labels->field($bare);
    }

    private function next(string $rest): ?ScriptRun
    {
        $of = static fn (string $lead, RunKind $kind): ?ScriptRun => $lead === '' ? null : new ScriptRun($lead, $kind);
        $mark = preg_match('/^(?:'.Marks::LEAD.')/u', $rest, $found) === 1 ? $found[0] : '';
        $sign = preg_match('/^(?:(?:'.Pictographs::PATTERN.')+|[\d#*]\x{FE0F}?\x{20E3})\s*/u', $rest, $found) === 1
            ? $found[0]
            : '';

        return $of($mark === $rest ? '' : $mark, RunKind::Markup)
            ?? $of($sign, RunKind::Symbol)
            ?? $of($this->timings->lead($rest), RunKind::Timing)
            ?? ($this->field($rest) !== null ? null : $this->label($rest));
    }

    private function label(string $rest): ?ScriptRun
    {
        $lead = $this->labels->lead($rest);
        if ($lead === '') {
            $lead = $this->labels->either($rest);
        }
        if ($lead !== '') {
            return new ScriptRun($lead, $this->labels->isVoice($lead) ? RunKind::Speaker : RunKind::Heading);
        }
        $lead = $this->speakers->lead($rest);

        return $lead === '' ? null : new ScriptRun($lead, RunKind::Speaker);
    }
}
