<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

/** Times and spans of time that say when something is on, told from times that somebody tells of. */
final readonly class Timings
{
    public const TIME = '(?:\d{1,2}:)?\d{1,2}:\d{2}(?:[.,]\d{1,3})?';

    private const UNIT = '\s*(?:s|secs?|seconds?|sek|sekunden|secondes?|segundos?|seg|secondi|min|minutes?|m'
        .'|ثانية|ثوان|ثواني)\b\.?';

    /** How long something lasts, where it stands by itself: "45 s", and not "90 seconds." that somebody says. */
    private const ALONE = '[\d٠-٩۰-۹]{1,3}(?:[.,]\d)?\s*(?:s|secs?|seconds?|sek|sekunden|secondes?|segundos?|seg|'
        .'secondi|min|minutes?|minuten|ثانية|ثوان|ثواني|دقيقة)\s*$';

    private const DASH = '\s*(?:-{1,2}>?|–|—|→|to|bis|à|a|al|até)\s*';

    /** From one time to another, as a pattern without delimiters. */
    public const SPAN = '(?:'.self::TIME.self::DASH.self::TIME.'|\d{1,3}(?:[.,]\d)?(?:'.self::UNIT.')?'.self::DASH
        .'\d{1,3}(?:[.,]\d)?'.self::UNIT.')';

    /** Of the kind that stands by itself in brackets. */
    private const BRACKETED = '[\[(<{]\s*(?:(?:first|last|erste|ersten|premières|primeros) )?(?:'.self::SPAN.'|'
        .self::TIME.'|\d{1,3}'.self::UNIT.')\s*[\])>}]';

    private function __construct(private bool $areRising)
    {
    }

    /**
     * Bare times at the beginnings of lines are timings where there are several and none is earlier than the one
     * before.
     *
     * @param  list<string>  $lines
     */
    public static function among(array $lines): self
    {
        $times = [];
        foreach ($lines as $line) {
            if (preg_match('/^('.self::TIME.')(?=\s|$|[|–—-])/u', Marks::bare($line), $found) === 1) {
                $times[] = self::seconds($found[1]);
            }
        }
        $count = count($times);
        $areRising = $count >= 3 || ($count === 2 && $times[0] === 0.0);
        for ($i = 1; $i < $count; $i++) {
            // A second list begins at nought again.
            $areRising = $areRising && ($times[$i] >= $times[$i - 1] || $times[$i] === 0.0);
        }

        return new self($areRising);
    }

    /** The timing that a text begins with, with what parts it from the words; empty where it begins with none. */
    public function lead(string $text): string
    {
        $parted = '\s*[:|–—-]*\s*';
        $patterns = [
            '(?:[*_`]{0,3})'.self::BRACKETED.'(?:[*_`]{0,3})'.$parted,
            '(?:[*_`]{0,3})'.self::SPAN.'(?:[*_`]{0,3})(?:\s*[:|–—-]+\s*|\s*$|\s+(?=[^\p{Ll}]))',
            self::TIME.'\s*[:|–—-]?\s*$',
            self::ALONE,
        ];
        if ($this->areRising) {
            $patterns[] = '(?:[*_`]{0,3})'.self::TIME.'(?:[*_`]{0,3})(?=\s|$|[|–—-])'.$parted;
        }

        return preg_match('/^(?:'.implode('|', $patterns).')/iu', $text, $found) === 1 ? $found[0] : '';
    }

    /** A text without the timings in it. */
    public static function without(string $text): string
    {
        return trim((string) preg_replace('/'.self::BRACKETED.'|'.self::SPAN.'|'.self::TIME.'/iu', '', $text));
    }

    /** Whether there is nothing in brackets but a timing. */
    public static function isOne(string $inside): bool
    {
        return preg_match('/^\s*(?:'.self::SPAN.'|'.self::TIME.'|\d{1,3}'.self::UNIT.')\s*$/iu', $inside) === 1;
    }

    private static function seconds(string $time): float
    {
        $seconds = 0.0;
        foreach (explode(':', str_replace(',', '.', $time)) as $part) {
            $seconds = 60 * $seconds + (float) $part;
        }

        return $seconds;
    }
}
