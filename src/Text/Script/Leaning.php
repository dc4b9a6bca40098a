<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use Locale;
use RapidReel\Base\Language\LanguagePacks;
use RapidReel\Base\Language\PersonWords;

/**
 * Which parts of a text lean on others: one that says "she" needs one before it that says who she is. By the words that
 * stand for others and the names before them; common practice, no published source.
 */
final readonly class Leaning
{
    /** What stands for somebody or something named before, by language; those for women, for men, and all others. */
    private const PRONOUNS = [
        'en' => ['she|her|hers|herself', 'he|him|his|himself', 'they|them|their|theirs|it|its|this|these|those'],
        'de' => ['', 'er|ihn|ihm|sein|seine|seinen|seinem|seiner', 'sie|ihr|ihre|ihren|ihrem|ihrer|ihnen|es|diese|'
            .'dieser|dieses|diesem|diesen'],
        'fr' => ['elle|elles', 'il|ils|lui', 'leur|leurs|son|sa|ses|ce|cet|cette|ces|cela|ça'],
        'es' => ['ella|ellas', 'él|ellos', 'le|les|su|sus|este|esta|estos|estas|eso|esto'],
        'it' => ['lei|ella', 'lui|egli', 'loro|suo|sua|suoi|sue|questo|questa|questi|queste|ciò'],
        'pt' => ['ela|elas', 'ele|eles', 'seu|sua|seus|suas|este|esta|estes|estas|isso|isto'],
    ];

    /** Words with which something is named, by language. */
    private const ARTICLES = [
        'en' => 'the|an?|one|two|three|every|each|no|some|my|our|your|his|her|its|their',
        'de' => 'der|die|das|den|dem|des|eine?[nmrs]?|kein\w*|jede\w*|sein\w*|ihr\w*|mein\w*',
        'fr' => "le|la|les|l['’]|une?|des|chaque|son|sa|ses|leurs?", 'es' => 'el|la|los|las|una?|unos|unas|cada|sus?',
        'it' => "il|lo|la|i|gli|le|l['’]|una?|uno|ogni|suo|sua", 'pt' => 'o|a|os|as|uma?|uns|cada|seu|sua',
    ];

    /** The first words of a part, in which it is said what it is about. */
    private const FIRST_WORDS = 5;

    /** @param  array<int, list<int>>  $needs  for each part that leans on others, those of which one has to stay */
    private function __construct(private array $needs)
    {
    }

    /**
     * @param  list<string>  $parts  sentences or scenes, in order
     * @param  string  $language  as a BCP 47 tag
     */
    public static function of(array $parts, string $language = 'en'): self
    {
        $code = (string) Locale::getPrimaryLanguage($language);
        if (! isset(self::PRONOUNS[$code])) {
            return new self([]);
        }
        $named = array_map(static fn (string $part): array => self::named($part, $code), $parts);
        $needs = [];
        foreach ($parts as $i => $part) {
            $kind = self::leans($part, $code);
            for ($before = $i - 1; $kind !== null && $before >= 0; $before--) {
                $meant = array_filter(
                    $named[$before],
                    static fn (string $name): bool => self::mayBe($name, $kind, $code === 'en'),
                );
                if ($meant === []) {
                    continue;
                }
                // Whoever else names the same does as well.
                $heads = array_map(PersonWords::head(...), $meant);
                $needs[$i] = array_values(array_filter(
                    range(0, $i - 1),
                    static fn (int $other): bool => array_intersect(
                        $heads, array_map(PersonWords::head(...), $named[$other]),
                    ) !== [],
                ));
                break;
            }
        }

        return new self($needs);
    }

    /**
     * Parts that have to stay as long as others do that lean on them.
     *
     * @param  list<int>  $gone
     * @return list<int> those of the gone ones that are missed, rising
     */
    public function missed(array $gone): array
    {
        $missed = [];
        foreach ($this->needs as $part => $needed) {
            if (! in_array($part, $gone, true) && array_diff($needed, $gone) === []) {
                // The nearest one is what the part was written after.
                $missed[] = $needed[count($needed) - 1];
            }
        }
        $missed = array_values(array_unique($missed));
        sort($missed);

        return $missed;
    }

    /** @return int|null 0 on a woman, 1 on a man, 2 on anything; null where a part leans on nothing */
    private static function leans(string $part, string $code): ?int
    {
        // The weather is nobody.
        $part = (string) preg_replace('/\bit (?:rained|rains|snowed|snows|hailed|thundered|froze)\b/iu', '', $part);
        $words = preg_split('/[^\p{L}\'’]+/u', $part, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach (array_slice($words, 0, self::FIRST_WORDS) as $i => $word) {
            foreach (self::PRONOUNS[$code] as $kind => $pronouns) {
                if ($pronouns !== '' && preg_match("/^(?:$pronouns)$/iu", $word) === 1) {
                    // It was named before that in the same part.
                    return $i > 0 && self::named(implode(' ', array_slice($words, 0, $i)), $code) !== [] ? null : $kind;
                }
            }
        }

        return null;
    }

    private static function mayBe(string $name, int $kind, bool $inEnglish): bool
    {
        // Other languages have other words for people: there, whatever is named may be meant.
        $isSomebody = ! $inEnglish || PersonWords::isPerson($name) || preg_match('/^\p{Lu}\p{Ll}+$/u', $name) === 1;

        return match ($kind) {
            0 => $isSomebody && ! PersonWords::has($name, PersonWords::MEN),
            1 => $isSomebody && ! PersonWords::has($name, PersonWords::WOMEN),
            default => true,
        };
    }

    /** @return list<string> what a part names: after an article one, two or three words, as nobody parses it */
    private static function named(string $part, string $code): array
    {
        $articles = self::ARTICLES[$code];
        $names = '/(?<=[\p{Ll},;:] )\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)*|^\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)+/u';
        preg_match_all($names, trim($part), $found);
        $named = $found[0];
        $after = "/(?<![\p{L}'’])(?i:$articles) ?((?:[\p{L}-]+(?: |(?=[^\p{L} ])|$)){1,3})/u";
        preg_match_all($after, trim($part), $found);
        foreach ($found[1] as $words) {
            $words = explode(' ', trim($words));
            foreach (array_keys($words) as $i) {
                $named[] = implode(' ', array_slice($words, 0, $i + 1));
            }
        }
        $small = LanguagePacks::of($code)->words->functionWords;

        return array_values(array_filter(
            $named,
            static fn (string $name): bool => ! isset($small[PersonWords::head($name)])
                || PersonWords::isPerson($name),
        ));
    }
}
