<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Listing;

use RapidReel\Base\Refusal;
use RapidReel\Base\Target\TargetTexts;

/** Proposes the texts beside a short by rule, within what its outlet takes. */
final readonly class ListingWriter
{
    public function __construct(
        private ListingPattern $title,
        private ListingPattern $description,
    ) {
    }

    /** @throws Refusal */
    public function write(ListingFacts $facts, TargetTexts $limits): Listing
    {
        $title = self::title($this->title->filled($facts), $limits->title);
        // A pattern of fields that a short has not may leave nothing.
        $title = $title === '' ? self::title($facts->title, $limits->title) : $title;
        $standing = $facts->standing;
        $whole = $this->description->filled($facts);
        // The standing lines stay whole; what is before them gives way.
        if (Measure::letters($whole) > $limits->description && $standing !== '' && str_ends_with($whole, $standing)) {
            $room = $limits->description - Measure::letters($standing) - 1;
            $whole = $room > 0
                ? trim(self::cut(trim(mb_substr($whole, 0, -mb_strlen($standing))), $room)."\n".$standing)
                : $standing;
        }

        return new Listing(
            $title, self::cut($whole, $limits->description), self::tags($facts->tags, $limits), $facts->language,
        );
    }

    /** A title: one line, cut at a word, without a point at its end; one that asks or calls out still does. */
    public static function title(string $text, int $most): string
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', $text));
        $cut = self::cut($line, $most);

        return trim((string) preg_replace('/[\s.…,;:–—-]+$/u', '', $cut));
    }

    /** As much of it as there is room for: whole sentences where that leaves half of it, else whole words. */
    public static function cut(string $text, int $most): string
    {
        if (Measure::letters($text) <= $most) {
            return $text;
        }
        $held = Measure::first($text, $most);
        $sentence = preg_match('/^.+[.!?…]["”’)]?(?=\s)/su', $held.' ', $found) === 1 ? $found[0] : '';
        if (Measure::letters($sentence) * 2 >= $most && Measure::letters($sentence) <= $most) {
            return $sentence;
        }
        // A word that goes on behind the limit is left out, unless it is the only one.
        $next = mb_substr($text, mb_strlen($held), 1);
        $word = preg_match('/^[\p{L}\p{N}\'’-]$/u', $next) === 1
            ? preg_replace('/\s*\S+$/u', '', $held)
            : $held;

        return rtrim(is_string($word) && trim($word) !== '' ? $word : $held);
    }

    /**
     * @param  list<string>  $tags
     * @return list<string>
     */
    private static function tags(array $tags, TargetTexts $limits): array
    {
        return array_slice(array_values(array_filter(
            Listing::tags(implode(',', $tags)),
            static fn (string $tag): bool => Measure::letters($tag) <= $limits->tag,
        )), 0, $limits->tags);
    }
}
