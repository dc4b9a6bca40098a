<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

/** English words by which somebody is told to be a person, a man or a woman. */
final class PersonWords
{
    public const MEN = 'man|boy|father|husband|son|brother|king|fisherman|fellow|uncle|grandfather|lad|widower|'
        .'gentleman';

    public const WOMEN = 'woman|girl|mother|wife|daughter|sister|queen|widow|lady|aunt|grandmother|nun|maid';

    private const PEOPLE = 'keeper|sailor|master|child|apprentice|pilot|doctor|teacher|soldier|engineer|farmer|nurse|'
        .'captain|inspector|priest|clerk|baker|painter|innkeeper|stranger|officer|mate|cook|smith|mayor|diver|guard|'
        .'judge|inventor|ferryman|clockmaker|surveyor|skipper|passenger|visitor|writer|artist|merchant|thief|prisoner|'
        .'monk|bishop|miner|hunter|shepherd|gardener|tailor|carpenter|mason|messenger|postman|policeman|watchman|'
        .'helmsman|oarsman|lookout|survivor|orphan|stowaway|rower|swimmer';

    /** Names as they are given: all of it, "Anna Brandt", and not "the boat Merganser". */
    private const NAMES = '/^\p{Lu}\p{L}+(?: (?:\p{L}{2,3} )?\p{Lu}\p{L}+)+$/u';

    /** Whether a name is a person's. */
    public static function isPerson(string $name): bool
    {
        return self::has($name, self::MEN.'|'.self::WOMEN.'|'.self::PEOPLE) || preg_match(self::NAMES, $name) === 1;
    }

    /**
     * Whether a name is that of one of some people: "the keeper of the light" and "her brother Joss", and not "the
     * pilot boat" or "the keeper's dog".
     *
     * @param  string  $words  alternatives, parted by bars
     */
    public static function has(string $name, string $words): bool
    {
        return preg_match("/\\b(?:$words)\\b(?!['’]s|(?-i: \\p{Ll}))/iu", self::own($name)) === 1;
    }

    /** The word by which two names are known to be of the same. */
    public static function head(string $name): string
    {
        $words = explode(' ', self::own($name));

        return mb_strtolower($words[count($words) - 1]);
    }

    private static function own(string $name): string
    {
        return (string) preg_replace('/ (?:of|at|in|on|from|with|who|that|which) .*$/iu', '', $name);
    }
}
