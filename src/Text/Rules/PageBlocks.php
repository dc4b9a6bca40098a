<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\LanguagePacks;

/**
 * Tells what of a copied page is its text, by what lines are made of and what stands around them: how long they are
 * against the page's own, whether they end as sentences, and how many of their words are small ones. After jusText
 * (J. Pomikálek, "Removing Boilerplate and Duplicate Content from Web Corpora", 2011), whose classes it has: full
 * paragraphs, short lines that are judged by their neighbours, and all else.
 */
final readonly class PageBlocks
{
    /** A full paragraph has so many words, */
    private const LEAST_WORDS = 5;

    /** this share of them small ones, */
    private const LEAST_SMALL = 0.2;

    /** and so much of the length of the page's middle sentence line, or so many characters. */
    private const LENGTH_SHARE = 0.5;

    private const FULL_LENGTH = 90;

    /** A page has so many lines that are no sentences, and so much of its lines are such. */
    private const LEAST_BARE = 5;

    private const BARE_SHARE = 0.4;

    /** A line without an end that is so long is part of a text that was parted into lines. */
    private const PARTED = 80;

    /** So much of what is shown large is said in the text, too. */
    private const ALIKE = 0.8;

    /** What a title is: so many words, and no more characters. */
    private const TITLE = [2, 16, 120];

    /** From here on readers speak, or other pages are named. */
    private const AFTER = '/^(?:\d+ )?(?:comments?|replies|responses|kommentare|commentaires|comentarios|commenti'
        .'|comentários|add a comment|leave a (?:comment|reply)|your answer|discussion)\b.{0,24}$/iu';

    /**
     * @param  array<int, string>  $lines  filled ones by number, in order
     * @param  array<int, true>  $sure  lines that are furniture whatever stands around them
     * @param  list<int>  $full  full paragraphs, rising
     */
    private function __construct(private array $lines, private array $sure, private array $full)
    {
    }

    /**
     * @param  list<string>  $lines
     * @param  array<int, true>  $sure  lines that are furniture whatever stands around them
     * @return self|null null where it is no copied page
     */
    public static function of(array $lines, array $sure): ?self
    {
        $filled = array_filter(array_map(trim(...), $lines), static fn (string $line): bool => $line !== '');
        $small = LanguagePacks::of(LanguageFinder::of(implode("\n", $filled)) ?? 'en')->words->functionWords;
        $sentences = array_filter(
            array_diff_key($filled, $sure),
            static fn (string $line): bool => Marks::ends($line) && self::words($line) >= self::LEAST_WORDS,
        );
        if (count($sentences) < 2) {
            return null;
        }
        $lengths = array_map(mb_strlen(...), $sentences);
        sort($lengths);
        $least = min(self::FULL_LENGTH, self::LENGTH_SHARE * $lengths[intdiv(count($lengths), 2)]);
        $full = array_keys(array_filter($sentences, static fn (string $line): bool => mb_strlen($line) >= $least
            && ($small === [] || self::smallShare($line, $small) >= self::LEAST_SMALL)));
        $page = new self($filled, $sure, $full);

        return count($full) >= 2 && $page->isPage() ? $page : null;
    }

    /** @return array<int, RunKind> by the number of the line: its title, and what is no text of it */
    public function silent(): array
    {
        $numbers = array_keys($this->lines);
        [$first, $last] = [$this->full[0], $this->full[count($this->full) - 1]];
        foreach ($numbers as $i) {
            // Who speaks after the text was over is another.
            if ($i > $first && $i < $last && preg_match(self::AFTER, $this->lines[$i]) === 1
                && count(array_filter($this->full, static fn (int $one): bool => $one < $i)) >= 2) {
                $last = max(array_filter($this->full, static fn (int $one): bool => $one < $i));
            }
        }
        $spoken = array_fill_keys(array_filter($this->full, static fn (int $i): bool => $i <= $last), true);
        foreach ($numbers as $i) {
            if ($i > $first && $i < $last && ! isset($this->sure[$i]) && $this->readsOn($i)) {
                $spoken[$i] = true;
            }
        }
        // Short sentences right beside the text belong to it.
        foreach ([[$numbers, $last], [array_reverse($numbers), $first]] as [$order, $from]) {
            foreach (array_slice($order, (int) array_search($from, $order, true) + 1) as $i) {
                if (isset($this->sure[$i]) || ! ($this->isSentence($i) || $this->isParted($i))) {
                    break;
                }
                $spoken[$i] = true;
            }
        }
        $spoken = array_diff_key($spoken, $this->saidTwice(array_keys($spoken)));
        $silent = array_map(
            static fn (): RunKind => RunKind::Furniture,
            array_diff_key($this->lines, $spoken),
        );
        $title = $this->title($first, $silent);

        return $title === null ? $silent : array_replace($silent, [$title => RunKind::Heading]);
    }

    private function isPage(): bool
    {
        $bare = array_filter($this->lines, fn (string $line, int $i): bool => isset($this->sure[$i])
            || (! Marks::ends($line) && ! $this->isParted($i) && mb_strlen($line) < self::PARTED
                && preg_match('/[:,;]$/u', $line) !== 1), ARRAY_FILTER_USE_BOTH);

        return count($bare) >= self::LEAST_BARE && count($bare) >= self::BARE_SHARE * count($this->lines);
    }

    /** Whether a line among the paragraphs is part of them. */
    private function readsOn(int $i): bool
    {
        return $this->isSentence($i) || $this->isParted($i) || preg_match('/[:,;]$/u', $this->lines[$i]) === 1
            || (! Marks::ends($this->lines[$i]) && mb_strlen($this->lines[$i]) >= self::PARTED);
    }

    /** Whether a line is a piece of a text that was parted: it goes on in the next line, or from the one before. */
    private function isParted(int $i): bool
    {
        $next = $this->lines[$i + 1] ?? '';

        return (preg_match('/^\p{Ll}/u', $this->lines[$i]) === 1 && ($this->lines[$i - 1] ?? '') !== ''
                && ! Marks::ends($this->lines[$i - 1]))
            || (! Marks::ends($this->lines[$i]) && preg_match('/^\p{Ll}/u', $next) === 1);
    }

    /**
     * What is shown large beside the text says again what stands in it.
     *
     * @param  list<int>  $spoken
     * @return array<int, true>
     */
    private function saidTwice(array $spoken): array
    {
        $words = fn (int $i): array => preg_split(
            '/[^\p{L}\p{N}]+/u', mb_strtolower($this->lines[$i]), -1, PREG_SPLIT_NO_EMPTY,
        ) ?: [];
        $found = [];
        foreach ($spoken as $i) {
            if (preg_match('/^["“„«‘]/u', $this->lines[$i]) !== 1 || self::words($this->lines[$i]) < 4) {
                continue;
            }
            $said = $words($i);
            foreach ($spoken as $other) {
                // It may be shortened for that, or said in another tense.
                if ($other !== $i && count(array_intersect($said, $words($other))) >= self::ALIKE * count($said)) {
                    $found[$i] = true;
                }
            }
        }

        return $found;
    }

    private function isSentence(int $i): bool
    {
        return Marks::ends($this->lines[$i]) && self::words($this->lines[$i]) >= 2;
    }

    /**
     * The line that names the text: of those before it the one that has most of its words in common with it.
     *
     * @param  array<int, RunKind>  $silent
     */
    private function title(int $first, array $silent): ?int
    {
        $text = mb_strtolower(implode(' ', array_intersect_key($this->lines, array_flip($this->full))));
        [$found, $most] = [null, 1];
        foreach (array_keys($silent) as $i) {
            $line = $this->lines[$i];
            $words = self::words($line);
            if ($i > $first || isset($this->sure[$i]) || $words < self::TITLE[0] || $words > self::TITLE[1]
                || mb_strlen($line) > self::TITLE[2] || preg_match('/\d{4}|\bago\b|[|·•]/u', $line) === 1) {
                continue;
            }
            preg_match_all('/\p{L}{4,}/u', mb_strtolower($line), $own);
            $shared = count(array_filter(
                array_unique($own[0]), static fn (string $word): bool => str_contains($text, $word),
            ));
            if ($shared >= $most) {
                [$found, $most] = [$i, $shared];
            }
        }

        return $found;
    }

    private static function words(string $line): int
    {
        return (int) preg_match_all('/[\p{L}\p{N}][\p{L}\p{N}\'’-]*/u', $line);
    }

    /** @param  array<string, true>  $small */
    private static function smallShare(string $line, array $small): float
    {
        preg_match_all('/\p{L}+/u', mb_strtolower($line), $found);
        $known = array_filter($found[0], static fn (string $word): bool => isset($small[$word]));

        return $found[0] === [] ? 0.0 : count($known) / count($found[0]);
    }
}
