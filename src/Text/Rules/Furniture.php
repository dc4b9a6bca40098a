<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

use RapidReel\Text\Rules\Lists\PageWords;
use RapidReel\Text\Rules\Lists\WordList;
use RapidReel\Text\Rules\Lists\WordLists;

/**
 * Finds the furniture of a copied web page: menus, "read more", lines about sharing, cookies and newsletters, bylines,
 * captions and credits, and lists of other articles (common practice, no published source).
 */
final class Furniture
{
    /** Whole lines that are nothing else. */
    private const SURE = [
        'read (?:more|on|the full (?:story|article)|next|also:?.*)|continue reading|keep reading|(?:show|view|see'
            .'|load) (?:more|less|all|comments)|learn more|find out more|more stories|click here(?: to .{1,40})?',
        'share (?:this (?:article|post|story|page)|on .{1,25}|via .{1,25}|article|post)|pin it|e-?mail this|print '
            .'this(?: page)?|copy link|save for later|\d+ (?:shares|comments|likes|replies)|leave a (?:comment|reply)'
            .'|add a comment|comments \(\d+\)',
        '(?:we|this (?:web)?site) uses? cookies?.*|.*\bcookies?\b.*\b(?:accept|consent|policy|settings|preferences'
            .'|agree)\b.*|(?:accept|reject|allow|manage)(?: all)? cookies|(?:accept|reject|allow) all|cookie (?:policy'
            .'|settings|preferences|notice)',
        '(?:sign up|subscribe|join)\b.*\b(?:newsletter|mailing list|e-?mail(?: list)?s?|inbox)\b.*'
            .'|.*\bnewsletters?\b.*\b(?:inbox|sign up|subscribe|unsubscribe)\b.*|(?:your e-?mail(?: address)?|enter '
            .'your e-?mail.*|e-?mail address)|unsubscribe at any ?time.*',
        '(?:photo(?:graph)?|image|picture|illustration|video)s?\s*(?:by|credit|courtesy(?: of)?|source)\b.*|(?:credit'
            .'|photo credit|image credit|caption)\s*:.*|fig(?:ure)?\.?\s*\d+\s*[:.].*|.{0,80}\((?:photo|image|credit'
            .'|courtesy)\b[^)]*\)',
        '(?:©|\(c\)|copyright)\s.*|all rights reserved\.?|terms of (?:use|service)|privacy policy|legal notice'
            .'|advertise with us|site ?map|accessibility statement|advertisement|sponsored content',
        'skip to (?:main )?content|back to (?:top|home)|(?:previous|next) (?:article|post|page|story)(?:\s*:.*)?'
            .'|(?:older|newer) posts?|my account|toggle navigation|close menu|table of contents|on this page|jump '
            .'to\b.{1,40}|page \d+ of \d+|filed under:?.*',
    ];

    /** Who wrote it, and when: whole lines that are no sentences. */
    private const ORIGIN = 'by (?-i:\p{Lu}[\p{L}\'’.-]+(?: (?:de|van|von|der|da|and|&'
        .'|\p{Lu}[\p{L}\'’.-]*)){1,5})(?:,? (?:our )?'
        .'(?:staff|senior|chief|contributing|travel|science|local)? ?(?:writer|reporter|editor|correspondent'
        .'|columnist))?'
        .'(?:\s*[|·•,–—-]\s*.{0,60})?|written by .{3,60}|(?:words|text|photographs|photos|'
        .'pictures|illustrations?|reporting|story) by [^.!?]{3,40}|posted (?:on|by|in)\b.*|(?:first'
        .' )?published(?: on|:)?\s.*\d.*'
        .'|(?:last )?updated(?: on|:)?\s.*\d.*|\d{1,2} min(?:ute)?s? read';

    /** What a picture shows, and whose it is at the end. */
    private const CREDITED = '.{0,200}[.|(\/–—-]\s*(?:photo(?:graph)?|image|picture|illustration|credit|foto|bild'
        .'|crédits?'
        .'|imagen|imagem|immagine)s?\s*(?:credit|by|courtesy(?: of)?|von|par|por|di)?\s*(?:[:\/]|(?<=by|of|von'
        .'|par|por))'
        .'\s*(?:[^.!?]|\b\p{Lu}\.){2,60}\)?\.?|.{0,200}[.|(\/–—-]\s*courtesy of [^.!?]{2,60}\)?\.?';

    /** Who the author is, below an article. */
    private const AUTHOR = '(?-i:\p{Lu}[\p{L}\'’-]+(?: \p{Lu}[\p{L}\'’.-]*){1,3}) is an? (?:\p{L}+ )?(?:writer'
        .'|reporter|journalist'
        .'|editor|author|columnist|correspondent|photographer)\b.{0,120}';

    /** What makes a line furniture though it is a sentence. */
    private const SPECIFIC = '/^[^.!?]{3,45}[:>→»]|cookie|newsletter|rights|reserv|vorbehalten|droits|diritti|browser'
        .'|javascript|bolet[ií][nm]|ارتباط|نشرت/iu';

    /** A line that leads to a link, with nothing after it but tags. */
    private const TO_A_LINK = '(?:read|see|find out|learn|watch|get|listen|visit|more|source|link|full story)(?: '
        .'\S+){0,5}?:? (?:https?:\/\/|www\.)\S+(?: [#@]\S+)*';

    /** Whole lines that are furniture where there is other furniture too, and may be a script's own words where not. */
    private const LIKELY = [
        'share(?: this)?|(?:re)?tweet|e-?mail|print|save|bookmark|like|reply|report|comments?|got it!?|i (?:accept'
            .'|agree)|newsletter|subscribe|unsubscribe|follow|close|ad|promoted|sponsored',
        '(?:mon|tues|wednes|thurs|fri|satur|sun)day,? \d{1,2}\.? \p{L}+ \d{4}.*|\p{L}{3,9} \d{1,2}, \d{4}(?: at .*| '
            .'\d.*)?|\d{1,2} \p{L}{3,9} \d{4}(?: at .*|,? \d{1,2}:\d{2}.*)?|\d+ (?:hours?|days?|minutes?) ago',
        'topics?|tags?|sections?|accept|decline|reject|settings|preferences|manage (?:choices|options'
            .'|preferences)|ok|agree|dismiss|learn more',
        '(?:log|sign) ?(?:in|out|up)|register|search(?:\.\.\.|…)?|menu|home|help|contact(?: us)?|about(?: us)?|careers'
            .'|imprint|privacy|terms|faqs?|(?:tags|categories|category|topics|source)\s*:.*|\d+ of \d+|(?:previous'
            .'|next)',
        '(?:photo(?:graph)?|image|picture|foto|bild|grafik|imagen|imagem|immagine|صورة)\s*:.*',
    ];

    /** Heads of lists of other articles: the short lines under them go with them. */
    private const LIST_HEAD = 'most (?:read|popular|viewed|shared|commented)|(?:related|recommended|popular'
        .'|latest|trending|most (?:read|popular|viewed)|more|other'
        .'|recent|featured)(?: (?:articles?|posts?|stories|news|content|reading|videos?|topics?|links?|comments?|now'
        .'|for you|from us))+:?|you (?:may|might) also (?:like|enjoy).*|what to read next|read (?:this )?next:?'
        .'|don\'t miss:?|also on this site.*|follow us(?: on.*)?';

    /** A paragraph of an article has at least so many characters. */
    private const PARAGRAPH = 120;

    /**
     * @param  list<string>  $lines
     * @return array<int, true> by the number of the line
     */
    public static function among(array $lines, ?WordList $words = null): array
    {
        $words ??= WordLists::for(implode("\n", $lines));
        $found = [];
        $likely = [];
        $listing = false;
        $skipping = false;
        foreach ($lines as $i => $line) {
            $line = trim($line);
            $bare = self::bare($line);
            if ($line === '') {
                continue;
            }
            $plain = trim((string) preg_replace('/\[edit\]/i', '', Marks::bare($bare)));
            if (self::matches($words->pages->listHead, $plain)) {
                // Comments and references go on to the next full paragraph, in a page that has other furniture.
                $skipping = count($found) >= 2 || self::matches('.*\d.*|leave a .*|references.*', $plain);
                $likely[$i] = true;
                if ($skipping) {
                    $found[$i] = true;

                    continue;
                }
            }
            if ($skipping) {
                $skipping = mb_strlen($line) < self::PARAGRAPH || ! Marks::ends($line);
                if ($skipping) {
                    $found[$i] = true;

                    continue;
                }
            }
            if (self::matches(self::LIST_HEAD, $bare)) {
                $found[$i] = $listing = true;

                continue;
            }
            if ($listing) {
                // A title in a list has no sentence's end; the first sentence is the article again.
                $listing = mb_strlen($line) <= 110 && ! Marks::ends($line);
            }
            if ($listing || self::isTrail($line) || self::matches(self::TO_A_LINK, $bare)) {
                $found[$i] = true;
            } elseif (self::isSure($line, $bare, $words->pages)) {
                $found[$i] = true;
            } elseif (mb_strlen($bare) <= 120 && self::matches(implode('|', self::LIKELY), $bare)) {
                $likely[$i] = true;
            }
        }
        $found += self::menus($lines, $found + $likely, $words);

        return count($found) >= 2 || ($found !== [] && count($found) + count($likely) >= 3)
            ? self::amongLikes($lines, $found + $likely, count($found))
            : $found;
    }

    /**
     * Lines that are furniture whatever stands around them.
     *
     * @param  list<string>  $lines
     * @return array<int, true> by the number of the line
     */
    public static function sure(array $lines, WordList $words): array
    {
        $found = [];
        foreach ($lines as $i => $line) {
            $line = trim($line);
            $bare = self::bare($line);
            if ($line !== '' && (self::matches(self::LIST_HEAD, $bare) || self::isTrail($line)
                || self::matches(self::TO_A_LINK, $bare) || self::isSure($line, $bare, $words->pages))) {
                $found[$i] = true;
            }
        }

        return $found;
    }

    private static function bare(string $line): string
    {
        return trim((string) preg_replace('/^[\p{So}\p{Sk}»›>•·|*-]+\s*|\s*[»›>→↓▼|]+$/u', '', $line));
    }

    private static function isSure(string $line, string $bare, PageWords $words): bool
    {
        if (mb_strlen($bare) > 240) {
            return false;
        }
        $isSentence = Marks::ends($bare) && preg_match_all('/\S+/u', $bare) >= 4;
        $sure = implode('|', self::SURE);

        return self::matches($sure, $bare) || self::matches($sure, $line) || self::matches(self::CREDITED.''
            .'|'.self::AUTHOR, $bare)
            || (! $isSentence && self::matches(self::ORIGIN, $bare))
            || ((! $isSentence || preg_match(self::SPECIFIC, $bare) === 1) && self::matches($words->sure, $bare));
    }

    /**
     * In a page that has shown itself as one, a short line without a sentence's end next to furniture is some too.
     *
     * @param  list<string>  $lines
     * @param  array<int, true>  $found
     * @return array<int, true>
     */
    private static function amongLikes(array $lines, array $found, int $sure): array
    {
        if ($sure < 3) {
            return $found;
        }
        $filled = array_keys(array_filter($lines, static fn (string $line): bool => trim($line) !== ''));
        foreach ([$filled, array_reverse($filled)] as $order) {
            $isNear = false;
            foreach ($order as $i) {
                $line = trim($lines[$i]);
                if (isset($found[$i])) {
                    $isNear = true;

                    continue;
                }
                $isNear = $isNear && mb_strlen($line) <= 70 && ! Marks::ends($line)
                    && preg_match('/[:,;]$|^\p{Ll}/u', $line) !== 1;
                if ($isNear) {
                    $found[$i] = true;
                }
            }
        }

        return $found;
    }

    /** Whether a line says who wrote an article, or when: the line above it is its title. */
    public static function isByline(string $line): bool
    {
        return preg_match(
            '/^(?:by (?-i:\p{Lu})|written by |posted |published |first published |updated |last updated |\d{1,2} '
                .'min)/iu',
            trim($line),
        ) === 1;
    }

    /** Parts of a menu or a bread-crumb trail side by side ("Home | News | Harbour"). */
    private static function isTrail(string $line): bool
    {
        if (mb_strlen($line) > 240) {
            return false;
        }
        $parts = (array) preg_split('/\s*[|›»•·]\s*|\s+[>\/]\s+|\t+/u', $line, -1, PREG_SPLIT_NO_EMPTY);
        $short = array_filter(
            $parts,
            static fn ($part): bool => preg_match('/^[^.!?]{1,28}$/u', (string) $part) === 1 &&
                substr_count((string) $part, ' ') <= 3,
        );

        return count($parts) >= 3 && count($short) === count($parts);
    }

    /**
     * Runs of short lines without a sentence's end, two of which or more are words of menus.
     *
     * @param  list<string>  $lines
     * @param  array<int, true>  $found
     * @return array<int, true>
     */
    private static function menus(array $lines, array $found, WordList $words): array
    {
        $menus = [];
        $block = [];
        $known = 0;
        $lines[] = 'The end of the text is not part of a menu.';
        foreach ($lines as $i => $line) {
            $line = trim($line, " \t-*•·>›»|");
            if ($line === '') {
                continue;
            }
            if (
                mb_strlen($line) <= 28 &&
                substr_count($line, ' ') <= 2 &&
                preg_match('/[.!?…:,;]["”’)]*$/u', $line) !== 1
            ) {
                $block[$i] = true;
                $known += self::matches($words->pages->menu, $line) || isset($found[$i]) ? 1 : 0;

                continue;
            }
            if ($known >= 2 && count($block) >= 3) {
                $menus += $block;
            }
            [$block, $known] = [[], 0];
        }

        return $menus;
    }

    private static function matches(string $pattern, string $line): bool
    {
        return preg_match('/^(?:'.$pattern.')$/iu', $line) === 1;
    }
}
