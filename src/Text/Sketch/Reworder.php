<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

use Random\Engine\Mt19937;
use Random\Randomizer;
use RapidReel\Base\Language\LanguagePacks;
use RapidReel\Base\Refusal;

/**
 * Says a script another way by patterns: words of the same meaning, clauses that change places, sentences parted. What
 * is said and in which order stays: a sentence whose numbers or names would change is left as it was. English only.
 */
final class Reworder
{
    /** A version has at most this share of its pairs of words in common with another. */
    public const MOST_ALIKE = 0.85;

    private const TRIES = 40;

    /** Marks a word that was put in place of another, until its article is right. */
    private const NEW = "\x01";

    /** How often one of the possible changes is made. */
    private const CHANCE = 70;

    private const SUBJECT = '(?:he|she|it|they|we|nobody|somebody|everybody|there|the|a|an|one)';

    private const TIME = '(?:(?:the )?(?:spring|summer|autumn|winter|morning|evening|night|end)|\d{4}|noon|dawn'
        .'|midnight'
        .'|(?:the )?\d{1,2}(?:st|nd|rd|th) of \p{Lu}\p{L}+|(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day'
        .'|\p{Lu}\p{L}+ \d{4})';

    /** Common words that may begin a sentence, and are in no other list. */
    private const COMMON = [
        'nobody', 'nothing', 'everything', 'during', 'night', 'day', 'year', 'morning', 'each', 'every', 'late', 'back',
        'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'last', 'step', 'long', 'old',
        'people', 'sailors',
    ];

    private const LEADS = [
        'tense' => ['And then, with no warning: ', 'Hold your breath: ', 'There was no way back now: '],
        'calm' => ['Take your time with this: ', 'Quietly, then: ', 'And, without any hurry: '],
        'bright' => ['And here comes the good part: ', 'You will like this: ', 'Best of all: '],
        'plain' => [],
    ];

    /**
     * The same order gives the same words; other seeds other ones.
     *
     * @param  list<Sketch>  $others  versions from which it is to differ too
     *
     * @throws Refusal when no other way is found
     */
    public function reword(Rewording $order, array $others = []): Sketch
    {
        $from = implode(' ', $order->sentences);
        $before = [$from, ...array_map(static fn (Sketch $one): string => implode(' ', $one->sentences), $others)];
        for ($try = 0; $try < self::TRIES; $try++) {
            $chance = new Randomizer(new Mt19937(crc32("$from/{$order->tone->value}/{$order->seed}/$try")));
            $version = $this->version($order, $chance);
            $said = implode(' ', $version->sentences);
            $isNear = static fn (string $one): bool => self::alike($one, $said) > self::MOST_ALIKE;
            if (array_filter($before, $isNear) === []) {
                return $version;
            }
        }

        throw new Refusal('The stand-in finds no other way to say this. It knows English only, and needs some'
            .' sentences.');
    }

    /** How much of the pairs of neighbouring words two texts have in common, 0 to 1 (P. Jaccard, 1901). */
    public static function alike(string $a, string $b): float
    {
        [$a, $b] = array_map(static function (string $text): array {
            preg_match_all('/[\p{L}\p{N}\'’]+/u', mb_strtolower($text), $found);
            $pairs = [];
            foreach ($found[0] as $i => $word) {
                $pairs[$word.' '.($found[0][$i + 1] ?? '')] = true;
            }

            return $pairs;
        }, [$a, $b]);
        $all = count($a + $b);

        return $all === 0 ? 1.0 : count(array_intersect_key($a, $b)) / $all;
    }

    /** @return list<string> numbers and names of a text, sorted: its facts, as far as they show in its letters */
    public static function facts(string $text): array
    {
        preg_match_all('/\d[\d.,:]*\d|\d|(?<![.!?…:“"] )(?<!^)\b\p{Lu}[\p{L}\'’-]+/u', $text, $found);
        $facts = array_values(array_diff($found[0], ['I', "I'm", 'Then', 'And', 'But', 'In', 'On', 'At', 'By']));
        sort($facts);

        return $facts;
    }

    private function version(Rewording $order, Randomizer $chance): Sketch
    {
        [$sentences, $notes] = [[], []];
        $leads = self::LEADS[$order->tone->value];
        $led = $leads === [] || count($order->sentences) < 4 ? -1 : $chance->getInt(2, count($order->sentences) - 2);
        foreach ($order->sentences as $i => $sentence) {
            $said = $this->sentence($sentence, $chance);
            if ($i === $led) {
                $said = $leads[$chance->getInt(0, count($leads) - 1)].self::small($said);
            }
            $sentences[] = self::facts($said) === self::facts($sentence) || $i === $led ? $said : $sentence;
            $notes[count($sentences) - 1] = $order->notes[$i] ?? [];
            if ($i === 0 && $order->audience !== '') {
                $sentences[] = self::addressed(
                    Phrases::ADDRESS[$chance->getInt(0, count(Phrases::ADDRESS) - 1)],
                    $order->audience,
                );
            }
        }

        return new Sketch($order->title, $sentences, $order->hooks, array_filter($notes));
    }

    /** @param  string  $pattern  with {audience}, or {Audience} at its beginning */
    public static function addressed(string $pattern, string $audience): string
    {
        return strtr($pattern, [
            '{audience}' => $audience,
            '{Audience}' => self::large($audience),
        ]);
    }

    private function sentence(string $sentence, Randomizer $chance): string
    {
        $does = static fn (): bool => $chance->getInt(1, 100) <= self::CHANCE;
        $said = $sentence;
        if ($does() && preg_match('/^((?:In|On|At|By|After|Before|For|During) [^,.!?]{3,40}),'
            .' ([^.!?]+)([.!?])$/u', $said, $m) === 1) {
            $said = self::large($m[2]).' '.self::small($m[1]).$m[3];
        } elseif ($does() && preg_match('/^([^,.!?]+) ((?:in|on|at|by|before|after)'
            .' '.self::TIME.')([.!])$/u', $said, $m) === 1) {
            $said = self::large($m[2]).', '.self::small($m[1]).$m[3];
        }
        if ($does() && preg_match('/^([^,.!?]{12,}), (and|but|so)'
            .' ('.self::SUBJECT.'\b[^.!?]{8,}[.!?])$/u', $said, $m) === 1) {
            $said = $m[1].'. '.($m[2] === 'and' ? self::large($m[3]) : self::large($m[2]).' '.$m[3]);
        }
        $others = OtherWords::all();
        $pattern = '/(?<![\p{L}\p{N}\'’-])(?:'.implode('|', array_map(
            static fn (int|string $word): string => preg_quote((string) $word, '/'),
            self::longestFirst(array_keys($others)),
        )).')(?![\p{L}\p{N}\'’-])/iu';

        $made = '';
        $at = 0;
        while (preg_match($pattern, $said, $found, PREG_OFFSET_CAPTURE, $at) === 1) {
            [$word, $from] = $found[0];
            $fits = WordFits::at($word, substr($said, 0, $from), substr($said, $from + strlen($word)));
            // Of several words that do not fit, the second may begin others that do.
            $until = $from + ($fits ? strlen($word) : strcspn($word, ' '));
            $choice = $others[mb_strtolower($word)];
            $new = $fits && $does() ? $choice[$chance->getInt(0, count($choice) - 1)] : '';
            $made .= substr($said, $at, $from - $at).match (true) {
                $new === '' => substr($said, $from, $until - $from),
                preg_match('/^\p{Lu}/u', $word) === 1 => self::NEW.self::large($new),
                default => self::NEW.$new,
            };
            $at = $until;
        }

        return self::articled($made.substr($said, $at));
    }

    /** With the article that each new word wants before it: "an odd light" where it was "a strange" one. */
    private static function articled(string $said): string
    {
        $said = (string) preg_replace_callback(
            '/(?<![\p{L}\p{N}])(an?) '.self::NEW.'(\p{L}+)/iu',
            static function (array $found): string {
                $isVowel = preg_match('/^(?:(?!eu|one|once|uni|us[aeiu])[aeiou]|hour|honest|heir)/iu', $found[2]) === 1;
                $article = $isVowel ? 'an' : 'a';

                return (preg_match('/^A/', $found[1]) === 1 ? self::large($article) : $article).' '.$found[2];
            },
            $said,
        );

        return str_replace(self::NEW, '', $said);
    }

    /**
     * @param  list<int|string>  $words
     * @return list<int|string>
     */
    private static function longestFirst(array $words): array
    {
        usort($words, static fn (int|string $a, int|string $b): int => strlen((string) $b) <=> strlen((string) $a));

        return $words;
    }

    private static function large(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** With a small first letter, unless the first word is a name. */
    private static function small(string $text): string
    {
        $first = mb_strtolower((string) preg_replace('/[^\p{L}].*$/us', '', $text));
        $isCommon = isset(LanguagePacks::of('en')->words->functionWords[$first]) || isset(OtherWords::all()[$first])
            || in_array($first, self::COMMON, true);

        return $isCommon && $first !== 'i' ? mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1) : $text;
    }
}
