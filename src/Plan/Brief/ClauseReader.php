<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

use RapidReel\Base\Language\Picturable;

/**
 * Reads who does what and where out of an English sentence, by its verbs and small words. What cannot be read so stays
 * as it is said.
 */
final class ClauseReader
{
    private const PLACES = 'in|on|at|over|under|behind|beside|near|through|across|along|into|above|below|between|among|'
        .'against|around|outside|inside|beyond|past|towards?|up|down|onto|off|by|from|before';

    /** After these a time stands, and no place. */
    private const TIMES = '/^(?:in|on|at|by|from|over|before|through) (?:the )?(?:\w+ )?(?:year|years|night|nights|'
        .'day|days|'
        .'morning|evening|winter|summer|spring|autumn|hour|hours|week|weeks|month|months|century|time|times|end|first|'
        .'last|\d+)\b/iu';

    private const JOINS = '/\s*(?:[,;:—–]|\s-\s|\b(?:and|but|so|then|because|while|when|until|since|as|where|though|'
        .'although|if)\b(?=\s)|\b(?:that|who|which)\b(?=\s+(?:he|she|it|they|we|had|was|were|is|are|has|would|could|'
        .'never|'
        .'\w+ed)\b))\s*/iu';

    private const BELONGS = '/^(?:the|an?|his|her|its|their|every|each|no)$/';

    private const BETWEEN = '/^(?:not|never|been|being|be|always|once|still)$/iu';

    private const RELATIVE = '/^(?:that|who|which)$/iu';

    /** A time at the head of a clause, which the light tells already. */
    private const WHEN = '/^(?:(?:on|in|at|by|for|from|after|before|during)\s+)?(?:(?:the|that|every|each|one|all|'
        .'a)\s+)?'
        .'(?:(?:next|last|first|second|third|fourth|fifth|same|long|following|early|late|whole|\w+teen|\w+ty|one|'
        .'two|three|'
        .'four|five|six|seven|eight|nine|ten|eleven|twelve|forty|hundred|thousand)\s+){0,2}(?:nights?|mornings?|'
        .'evenings?|days?|'
        .'years?|winters?|summers?|springs?|autumns?|weeks?|months?|hours?|time|1\d{3}|20\d{2})\b[,\s]*/iu';

    private const LEADING = '/^(?:(?:what if|and|but|so|then|or|yet|because|for|now|well|still|only|that|which|who|'
        .'when|while|until|'
        .'after|before|as|if|where|one day|at last|suddenly|finally|instead|perhaps|maybe|even)\b[,\s]*)+(?=\S)/iu';

    /**
     * @return list<Clause> in order; at least one
     */
    public static function read(string $sentence): array
    {
        $marks = '/["“”‘(){}\[\]]|(?<!\p{L})[\'’]|[\'’](?!\p{L})/u';
        $plain = trim((string) preg_replace($marks, '', $sentence), " \t\n.!?…");
        $clauses = [];
        $parts = (array) preg_split('/('.substr(self::JOINS, 1, -3).')/iu', $plain, -1, PREG_SPLIT_DELIM_CAPTURE);
        $join = '';
        $pending = [];
        foreach ($parts as $at => $part) {
            $part = trim((string) $part);
            if ($at % 2 === 1) {
                $join = $part;

                continue;
            }
            if ($part === '') {
                continue;
            }
            $clause = self::clause($part);
            if ($clause->who === '' && $clause->does !== '' && preg_match(self::RELATIVE, $join) === 1) {
                $clause = new Clause(self::lastNamed($clauses), $clause->does, $clause->where, $clause->words);
            }
            // A time that stands alone is said over what comes after it.
            if ($clause->who.$clause->does.$clause->where === '') {
                array_push($pending, ...$clause->words);

                continue;
            }
            if ($pending !== []) {
                $clause = new Clause($clause->who, $clause->does, $clause->where, [...$pending, ...$clause->words]);
                $pending = [];
            }
            $last = count($clauses) - 1;
            $before = $clauses[$last] ?? null;
            // "A fisherman and his wife found a bottle": two who do the same.
            if (mb_strtolower($join) === 'and' && $before !== null && $before->does.$before->where === ''
                && $before->who !== '' && $clause->who !== '' && $clause->does !== '') {
                $clause = new Clause(
                    "$before->who and $clause->who", $clause->does, $clause->where,
                    [...$before->words, 'and', ...$clause->words],
                );
                array_pop($clauses);
                $last--;
            }
            // What has no verb belongs to what comes before, or goes before what comes after.
            if ($clause->does === '' && $last >= 0 && $clauses[$last]->does !== '') {
                $clauses[$last] = self::longer($clauses[$last], $part);
            } else {
                $clauses[] = $clause;
            }
        }

        return $clauses === [] ? [new Clause('', '', '', self::words($plain))] : array_values($clauses);
    }

    private static function isPlace(string $part): bool
    {
        return preg_match('/^(?:'.self::PLACES.')\b/iu', $part) === 1 && preg_match(self::TIMES, $part) !== 1 &&
            Picturable::seen($part) > 0;
    }

    private static function longer(Clause $clause, string $part): Clause
    {
        $isPlace = self::isPlace($part);

        return new Clause(
            $clause->who,
            $clause->does,
            $clause->where === '' && $isPlace ? $part : $clause->where,
            [...$clause->words, ...self::words($part)],
        );
    }

    /**
     * What was named last, which "that" and "who" are about.
     *
     * @param  list<Clause>  $clauses
     */
    private static function lastNamed(array $clauses): string
    {
        $last = $clauses[count($clauses) - 1] ?? null;
        $said = $last === null ? '' : trim("$last->who $last->does $last->where");

        return preg_match('/\b(?:the|an?|his|her|its|their)\s+(?:[\p{L}-]+\s+){0,2}[\p{L}-]+$/iu', $said, $found) === 1
            ? $found[0]
            : ($last->who ?? '');
    }

    private static function clause(string $part): Clause
    {
        $words = self::words($part);
        $part = (string) preg_replace(self::LEADING, '', $part);
        $part = (string) preg_replace(self::WHEN, '', $part);
        $left = self::words($part);
        if ($left === []) {
            return new Clause('', '', '', $words);
        }
        foreach ($left as $at => $word) {
            if ($at === 0 && Verbs::isHelper($word) &&
                preg_match('/^(?:he|she|it|they|you|we|i|the|an?)$/iu', $left[1] ?? '') === 1) {
                continue;
            }
            $isHelper = Verbs::isHelper($word);
            $shown = $isHelper ? null : Verbs::shown($word);
            // After a small word stands what it belongs to, and no verb: "the lost boat".
            $before = mb_strtolower($left[$at - 1] ?? '');
            if ((! $isHelper && $shown === null) || preg_match(self::BELONGS, $before) === 1) {
                continue;
            }
            $who = implode(' ', array_slice($left, 0, $at));
            $rest = array_slice($left, $at + 1);
            if ($isHelper) {
                while ($rest !== [] && preg_match(self::BETWEEN, $rest[0]) === 1) {
                    array_shift($rest);
                }
                $isPassive = preg_match('/^(?:was|were|is|are|been)$/iu', $word) === 1;
                $isModal = ! $isPassive && preg_match('/^(?:had|has|have)$/iu', $word) !== 1;
                $next = match (true) {
                    $rest === [] => null,
                    $isModal => Verbs::ofBase($rest[0]),
                    default => Verbs::shown($rest[0]),
                };
                if (preg_match('/^to be\b/iu', implode(' ', $rest)) === 1) {
                    $rest = array_slice($rest, 2);
                    $next = null;
                }
                $does = $next !== null && ! $isPassive
                    ? trim($next.' '.implode(' ', array_slice($rest, 1)))
                    : implode(' ', $rest);
            } else {
                $does = trim($shown.' '.implode(' ', $rest));
            }

            return self::placed($who, $does, $words);
        }
        $isPlace = self::isPlace($part);

        return new Clause($isPlace ? '' : $part, '', $isPlace ? $part : '', $words);
    }

    /** @param  list<string>  $words */
    private static function placed(string $who, string $does, array $words): Clause
    {
        $where = '';
        if (preg_match('/^(.*?)\s*\b((?:'.self::PLACES.')\s+\p{L}+\b.*)$/u', $does, $parts) === 1) {
            if (preg_match(self::TIMES, $parts[2]) === 1) {
                $does = $parts[1];
            } elseif ($parts[1] !== '' && Picturable::seen($parts[2]) > 0) {
                [$does, $where] = [$parts[1], $parts[2]];
            }
        }

        // "She slowly", of whom it is told; of whom something is never done nothing is seen, and that stays.
        $adverb = '/(?<=\w)\s+(?:always|once|still|also|just|soon|often|\p{L}{3,}ly)$/iu';
        $who = (string) preg_replace($adverb, '', trim($who));

        return new Clause($who, trim($does), trim($where), $words);
    }

    /** @return list<string> */
    public static function words(string $text): array
    {
        return array_values(array_filter(
            array_map(
                static fn (string $word): string => trim($word, " \t\n,.;:!?"),
                array_map(strval(...), (array) preg_split('/\s+/u', $text)),
            ),
            static fn (string $word): bool => $word !== '',
        ));
    }
}
