<?php

declare(strict_types=1);

namespace RapidReel\Script\Cleanup;

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
        'by (?-i:\p{Lu}[\p{L}\'’.-]+(?: \p{Lu}[\p{L}\'’.-]*){1,3})(?:,? (?:staff|senior|chief|contributing)? ?(?:writer'
            .'|reporter|editor|correspondent))?(?:\s*[|·•,–—-].*)?|written by .{3,60}|posted (?:on|by|in)\b.*'
            .'|(?:first )?published(?: on|:)?\s.*\d.*|(?:last )?updated(?: on|:)?\s.*\d.*|\d{1,2} min(?:ute)?s? read',
        '(?:photo(?:graph)?|image|picture|illustration|video)s?\s*(?:by|credit|courtesy(?: of)?|source)\b.*|(?:credit'
            .'|photo credit|image credit|caption)\s*:.*|fig(?:ure)?\.?\s*\d+\s*[:.].*|.{0,80}\((?:photo|image|credit'
            .'|courtesy)\b[^)]*\)',
        '(?:©|\(c\)|copyright)\s.*|all rights reserved\.?|terms of (?:use|service)|privacy policy|legal notice'
            .'|advertise with us|site ?map|accessibility statement|advertisement|sponsored content',
        'skip to (?:main )?content|back to (?:top|home)|(?:previous|next) (?:article|post|page|story)(?:\s*:.*)?'
            .'|(?:older|newer) posts?|my account|toggle navigation|close menu|table of contents|on this page|jump '
            .'to\b.{1,40}|page \d+ of \d+|filed under:?.*',
    ];

    /** A line that leads to a link, with nothing after it but tags. */
    private const TO_A_LINK = '(?:read|see|find out|learn|watch|get|listen|visit|more|source|link|full story)(?: '
        .'\S+){0,5}?:? (?:https?:\/\/|www\.)\S+(?: [#@]\S+)*';

    /** Whole lines that are furniture where there is other furniture too, and may be a script's own words where not. */
    private const LIKELY = [
        'share(?: this)?|(?:re)?tweet|e-?mail|print|save|bookmark|like|reply|report|comments?|got it!?|i (?:accept'
            .'|agree)|newsletter|subscribe|unsubscribe|follow|close|ad|promoted|sponsored',
        '(?:mon|tues|wednes|thurs|fri|satur|sun)day,? \d{1,2}\.? \p{L}+ \d{4}.*|\p{L}{3,9} \d{1,2}, \d{4}(?: at .*| '
            .'\d.*)?|\d{1,2} \p{L}{3,9} \d{4}(?: at .*|,? \d{1,2}:\d{2}.*)?|\d+ (?:hours?|days?|minutes?) ago',
        '(?:log|sign) ?(?:in|out|up)|register|search(?:\.\.\.|…)?|menu|home|help|contact(?: us)?|about(?: us)?|careers'
            .'|imprint|privacy|terms|faqs?|(?:tags|categories|category|topics|source)\s*:.*|\d+ of \d+|(?:previous'
            .'|next)',
        '(?:photo(?:graph)?|image|picture)\s*:.*',
    ];

    /** Heads of lists of other articles: the short lines under them go with them. */
    private const LIST_HEAD = '(?:related|recommended|popular|latest|trending|most (?:read|popular|viewed)|more|other'
        .'|recent|featured)(?: (?:articles?|posts?|stories|news|content|reading|videos?|topics?|links?|comments?|now'
        .'|for you|from us))+:?|you (?:may|might) also (?:like|enjoy).*|what to read next|read (?:this )?next:?'
        .'|don\'t miss:?|also on this site.*|follow us(?: on.*)?';

    /** Words of menus: a block of short lines that has two of them is one. */
    private const MENU = '/^(?:home|news|about(?: us)?|contact(?: us)?|shop|store|blog|archive|search|menu|log ?in'
        .'|sign in|subscribe|sport|culture|business|opinion|weather|travel|events|gallery|visit(?: us)?|donate|support'
        .'|help|login|account|cart|basket|history|science|world|topics|videos?|podcasts?|newsletters?|more|jobs'
        .'|membership|tickets|services|products)$/iu';

    /**
     * @param  list<string>  $lines
     * @return array<int, true> by the number of the line
     */
    public static function among(array $lines): array
    {
        $found = [];
        $likely = [];
        $listing = false;
        foreach ($lines as $i => $line) {
            $line = trim($line);
            $bare = trim((string) preg_replace('/^[\p{So}\p{Sk}»›>•·|*-]+\s*|\s*[»›>→↓▼|]+$/u', '', $line));
            if ($line === '') {
                continue;
            }
            if (self::matches(self::LIST_HEAD, $bare)) {
                $found[$i] = $listing = true;

                continue;
            }
            if ($listing) {
                // A title in a list has no sentence's end; the first sentence is the article again.
                $listing = mb_strlen($line) <= 110 && preg_match('/[.!?…]["”’)]*$/u', $line) !== 1;
            }
            if ($listing || self::isTrail($line) || self::matches(self::TO_A_LINK, $bare)) {
                $found[$i] = true;

                continue;
            }
            if (
                mb_strlen($bare) <= 240 &&
                (self::matches(implode('|', self::SURE), $bare) || self::matches(implode('|', self::SURE), $line))
            ) {
                $found[$i] = true;
            } elseif (mb_strlen($bare) <= 120 && self::matches(implode('|', self::LIKELY), $bare)) {
                $likely[$i] = true;
            }
        }
        $found += self::menus($lines, $found + $likely);

        return count($found) >= 2 ? $found + $likely : $found;
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
    private static function menus(array $lines, array $found): array
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
                $known += preg_match(self::MENU, $line) === 1 || isset($found[$i]) ? 1 : 0;

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
