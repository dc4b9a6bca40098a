<?php

declare(strict_types=1);

namespace RapidReel\Text\Cleanup\Form;

use RapidReel\Text\Rules\RunKind;

/**
 * A code fence, and the head between two rules: generators put a script into the one and facts of it into the other.
 */
final class Fences
{
    /** A fence with fewer words holds no script. */
    private const FEWEST_WORDS = 8;

    /**
     * Where there is a fence with a script in it, all that stands outside is talk.
     *
     * @param  list<string>  $lines
     * @return array<int, RunKind> by the number of the line
     */
    public static function among(array $lines): array
    {
        $inside = null;
        $kinds = [];
        $words = 0;
        foreach ($lines as $i => $line) {
            if (preg_match('/^\s*(?:```+|~~~+)/', $line) === 1) {
                $inside = $inside === null;
                $inside = $inside ?: null;
                $kinds[$i] = RunKind::Markup;
            } elseif ($inside === null && trim($line) !== '') {
                $kinds[$i] = RunKind::Remark;
            } else {
                $words += (int) preg_match_all('/\S+/u', $line);
            }
        }
        $fences = array_filter($kinds, static fn (RunKind $kind): bool => $kind === RunKind::Markup);

        return $words >= self::FEWEST_WORDS && $inside === null && $fences !== [] ? $kinds : $fences;
    }

    /**
     * A head of nothing but "key: value" between two lines of hyphens.
     *
     * @param  list<string>  $lines
     * @return array<int, RunKind>
     */
    public static function head(array $lines): array
    {
        $from = null;
        foreach ($lines as $i => $line) {
            $line = trim($line);
            if ($from === null && $line === '') {
                continue;
            }
            if ($line === '---') {
                if ($from !== null) {
                    return array_fill($from, $i - $from + 1, RunKind::Field);
                }
                $from = $i;
            } elseif ($from === null || preg_match('/^(?:[\p{L}][\p{L}\p{N} _.-]{0,40}:(?:\s.*)?|-\s.*'
                .'|#.*)?$/u', $line) !== 1) {
                return [];
            }
        }

        return [];
    }
}
