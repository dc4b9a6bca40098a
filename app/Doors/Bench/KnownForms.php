<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use LogicException;
use RapidReel\Base\Refusal;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Rules\ScriptRun;

/**
 * Scripts in the forms that operators paste, of which is known what is spoken: what is silent stands in ⟦ ⟧. Several to
 * a file, each under a line "=== name".
 */
final readonly class KnownForms
{
    /**
     * @param  array<string, string>  $wrong  what was taken wrongly, by the name of the case; those without are right
     */
    private function __construct(
        public int $cases,
        public float $spokenKept,
        public float $silentRemoved,
        public array $wrong,
    ) {
    }

    /** Share of the cases that are right to the letter */
    public function right(): float
    {
        return 1 - count($this->wrong) / $this->cases;
    }

    /** @return list<BenchRow> */
    public function rows(): array
    {
        return [
            BenchRow::atLeast("{$this->cases} scripts as pasted, words kept", 100 * $this->spokenKept, 99, '%.1f %%'),
            BenchRow::atLeast('the same, notes and furniture not spoken', 100 * $this->silentRemoved, 97, '%.1f %%'),
            BenchRow::atLeast('the same, right to the letter', 100 * $this->right(), 85, '%.1f %%'),
        ];
    }

    public static function in(string $folder): self
    {
        $cases = 0;
        $wrong = [];
        $words = ['spoken' => 0, 'silent' => 0];
        $held = $words;
        foreach (glob("$folder/*.txt") ?: [] as $file) {
            foreach (array_slice(explode('=== ', "\n".file_get_contents($file)), 1) as $case) {
                [$name, $marked] = explode("\n", $case, 2);
                $cases++;
                $missed = [];
                foreach (self::compare($marked) as [$word, $isSpoken, $isSaid]) {
                    $kind = $isSpoken ? 'spoken' : 'silent';
                    $words[$kind]++;
                    if ($isSpoken === $isSaid) {
                        $held[$kind]++;
                    } else {
                        $missed[] = ($isSpoken ? '-' : '+').$word;
                    }
                }
                if ($missed !== []) {
                    $wrong[basename($file, '.txt').': '.trim($name)] = implode(' ', $missed);
                }
            }
        }
        if ($cases === 0) {
            throw new LogicException("There are no known scripts in $folder.");
        }

        return new self($cases, $held['spoken'] / $words['spoken'], $held['silent'] / $words['silent'], $wrong);
    }

    /** @return list<array{string, bool, bool}> every word, whether it is to be spoken, and whether it is */
    private static function compare(string $marked): array
    {
        $parts = preg_split('/([⟦⟧\s])/u', $marked, -1, PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [];
        $words = [];
        $isSpoken = true;
        foreach ($parts as $part) {
            if ($part === '⟦' || $part === '⟧') {
                $isSpoken = $part === '⟧';
            } elseif (preg_match('/[\p{L}\p{N}]/u', $part) === 1) {
                $words[] = [$part, $isSpoken];
            }
        }
        $said = self::said(str_replace(['⟦', '⟧'], '', $marked));
        $compared = [];
        $at = 0;
        foreach ($words as [$word, $isSpoken]) {
            $length = mb_strlen((string) preg_replace('/[^\p{L}\p{N}]/u', '', $word));
            $share = array_sum(array_slice($said, $at, $length)) / $length;
            $at += $length;
            $compared[] = [$word, $isSpoken, $isSpoken ? $share === 1 : $share > 0];
        }

        return $compared;
    }

    /** @return list<int> for every letter and digit of a script 1 where it is spoken */
    private static function said(string $text): array
    {
        try {
            $lines = (new ScriptReader)->read($text)->lines;
        } catch (Refusal) {
            return [];
        }
        $said = [];
        /** @var ScriptRun $run */
        foreach (array_merge(...$lines) as $run) {
            $letters = mb_strlen((string) preg_replace('/[^\p{L}\p{N}]/u', '', $run->text));
            array_push($said, ...array_fill(0, $letters, $run->kind->isSpoken() ? 1 : 0));
        }

        return $said;
    }
}
