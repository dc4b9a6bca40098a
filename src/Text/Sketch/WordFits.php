<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

/** Where an English word may give way to another one: idioms, number and the kind of word are kept. */
final class WordFits
{
    private const DETERMINED = '/^ (?:the|an?|his|her|its|their|our|my|this|that|these|those|each|every) /iu';

    private const SINGULAR = '/\b(?:he|she|it|nobody|everybody|everyone|somebody|'
        .'(?:the|a|his|her) \p{L}+[^s\W]) $/iu';

    private const BEGINS_CLAUSE = '/(?:^|[,;:—–] )$/u';

    private const PARTICIPLE = '/^ (?:never |always |just )?(?:been|gone|seen|done|known|taken|given|made|lost|'
        .'found|left|come|\p{L}+ed|\p{L}+en)\b/iu';

    /**
     * Where a word may give way to another: by what stands before it and after it, each as it must be and as it must
     * not be. Idioms, number and the kind of word are kept so; common practice, no published source.
     */
    private const FITS = [
        'many' => ['not before' => '/^ (?:of|a|an|more|times|others)\b/iu',
            'not after' => '/(?:too|so|as|how|not|very|one|that|this|these|those|the|his|her|their|its|great|'
                .'good) $/iu'],
        'often' => ['not after' => '/(?:how|more|most|very|so|too|as|quite|less) $/iu'],
        'but' => ['after' => self::BEGINS_CLAUSE],
        'yet' => ['after' => self::BEGINS_CLAUSE],
        'near' => ['before' => self::DETERMINED],
        'close to' => ['before' => self::DETERMINED],
        'under' => ['before' => self::DETERMINED],
        'beneath' => ['before' => self::DETERMINED],
        'behind' => ['before' => self::DETERMINED],
        'again' => ['not before' => '/^ and again/iu',
            'not after' => '/(?:and|never|once|time|over) $/iu'],
        'at once' => ['not after' => '/all $/iu'],
        'today' => ['not after' => '/(?:until|till|since|from|of|by|for|to|before|after) $/iu'],
        'these days' => ['not after' => '/(?:in|of|one of|for|all) $/iu'],
        'answer' => ['after' => '/(?:an|the|no|any|his|her|their) $/iu',
            'not before' => '/^ (?:to|is|was)\b/iu'],
        'reply' => ['after' => '/(?:a|the|no|any|his|her|their) $/iu'],
        'child' => ['after' => '/(?:a|the|his|her|their|every|each) $/iu'],
        'letter' => ['after' => '/(?:a|the|his|her|one|no|every|this|that) $/iu',
            'not before' => '/^ (?:of|by)\b/iu'],
        'note' => ['after' => '/(?:a|the|his|her|this|that) $/iu',
            'not before' => '/^ (?:of|that)\b/iu'],
        'saw' => ['after' => '/(?:he|she|it|they|we|I|who|nobody|somebody|everybody) $/u',
            'before' => '/^ (?:the|an?|his|her|its|their|one|two|three)\b/iu'],
        'learned' => ['not before' => '/^ (?:to|how|from|by|the)\b/iu'],
        'built' => ['not before' => '/^ (?:of|from|on|into|up|by|in|to|for|it|him|her|them)\b/iu',
            'not after' => '/(?:well|newly) $/iu'],
        'put up' => ['not before' => '/^ (?:with|a fight)\b/iu'],
        'closed' => ['not before' => '/^ (?:in|on|the distance)\b/iu'],
        'shut' => ['not before' => '/^ (?:up|down|in|out|off)\b/iu'],
        'happened' => ['not before' => '/^ (?:to|upon|on)\b/iu',
            'not after' => '/(?:so|as it) $/iu'],
        'quiet' => ['not after' => '/(?:the|of|in|keep|kept|be) $/iu'],
        'odd' => ['after' => '/(?:an|something|how|very) $/iu'],
        'curious' => ['not before' => '/^ (?:about|to)\b/iu'],
        'meant to' => ['not after' => '/(?:was|were|is|are|be|been|never) $/iu'],
        'wanted to' => ['not after' => '/(?:never|always|only) $/iu'],
        'had to' => ['after' => self::SINGULAR],
        'could not' => ['after' => self::SINGULAR],
        'though' => ['not after' => '/(?:as|even) $/iu',
            'before' => '/^ \p{L}/u'],
        'although' => ['before' => '/^ \p{L}/u'],
        'nearly' => ['not after' => '/not $/iu'],
        'almost' => ['not before' => '/^ (?:no|nobody|nothing|none|any)\b/iu'],
        'large' => ['not after' => '/(?:and|at) $/iu'],
        'a lot of' => ['not after' => '/(?:quite|such) $/iu'],
        'far away' => ['not before' => '/^ (?:from|in|as)\b/iu',
            'not after' => '/(?:too|so|as|how|from) $/iu'],
        'people' => ['not after' => '/(?:a|one|two|three|four|five|six|seven|eight|nine|ten|hundred|thousand|'
            .'\d|few|number of) $/iu'],
        'at last' => ['not before' => '/^ count/iu'],
        'for good' => ['not before' => '/^ \p{Ll}+/u'],
        'in the end' => ['not before' => '/^ of\b/iu'],
        'at that time' => ['not before' => '/^ of\b/iu'],
        'did not know' => ['not before' => '/^ (?:him|her|them|it|the|a|an|each|\p{Lu})/u'],
        'came back' => ['not before' => '/^ (?:in|with|as)\b/iu'],
        'returned' => ['not before' => '/^ (?:the|a|his|her|it|them)\b/iu'],
        'return' => ['not before' => '/^ (?:the|a|his|her|it|them|to sender)\b/iu',
            'not after' => '/(?:the|a|his|her|in|no) $/iu'],
        'start' => ['not after' => '/(?:the|a|from|head) $/iu'],
        'it is' => ['before' => '/^ \p{L}/u'],
        'that is' => ['before' => '/^ \p{L}/u'],
        'there is' => ['before' => '/^ \p{L}/u'],
        'they are' => ['before' => '/^ \p{L}/u'],
        'you are' => ['before' => '/^ \p{L}/u'],
        'i am' => ['before' => '/^ \p{L}/u'],
        "it's" => ['not before' => self::PARTICIPLE], "that's" => ['not before' => self::PARTICIPLE],
        "there's" => ['not before' => self::PARTICIPLE],
        'he had' => ['before' => self::PARTICIPLE],
        'she had' => ['before' => self::PARTICIPLE],
        'they had' => ['before' => self::PARTICIPLE],
        // "Would" as often as "had".
        "he'd" => ['before' => self::PARTICIPLE], "she'd" => ['before' => self::PARTICIPLE],
        "they'd" => ['before' => self::PARTICIPLE],
    ];

    /**
     * Whether a word may give way to another one here.
     *
     * @param  string  $before  what stands before it in its sentence, with the space
     * @param  string  $after  what stands after it, with the space
     */
    public static function at(string $word, string $before, string $after): bool
    {
        $rule = self::FITS[mb_strtolower($word)] ?? [];
        $is = static fn (string $side, string $text, bool $else): bool => isset($rule[$side])
            ? preg_match($rule[$side], $text) === 1
            : $else;

        return $is('after', $before, true) && ! $is('not after', $before, false)
            && $is('before', $after, true) && ! $is('not before', $after, false);
    }
}
