<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

/** English words that can stand for each other, and ways to shorten and to spell out; where, `WordFits` says. */
final class OtherWords
{
    /** Each line: words of one meaning in one form. */
    private const ALIKE = [
        'nobody|no one|not a soul', 'everybody|everyone', 'somebody|someone', 'began|started', 'begins|starts',
        'begin|start', 'big|large', 'often|many a time', 'maybe|perhaps',
        'almost|nearly', 'at once|right away|straight away', 'at last|in the end|finally', 'again|once more',
        'although|though', 'until|till', 'before dawn|before daybreak|before sunrise',
        'at dawn|at daybreak|at first light', 'every night|each night|night after night', 'every day|each day|day'
            .' after day',
        'every year|each year|year after year', 'every morning|each morning|morning after morning',
        'came back|returned', 'come back|return', 'looked for|searched for', 'found out|learned',
        'built|put up', 'closed|shut',
        'happened|took place', 'saw|caught sight of',
        'people|folk', 'the whole|the entire', 'a lot of|plenty of', 'many|a great many',
        'very old|ancient', 'very big|huge', 'very small|tiny', 'quiet|silent', 'scared|afraid', 'strange|odd|curious',
        'beautiful|lovely',
        'near|close to', 'far away|a long way off', 'under|beneath', 'behind|at the back of',
        'for ever|for good', 'suddenly|all of a sudden', 'slowly|little by little|step by step',
        'but|yet', 'did not know|had no idea', 'could not|was not able to', 'had to|was forced to',
        'wanted to|meant to', 'tried to|set out to',
        'in those days|back then|at that time', 'today|these days', 'the next morning|the morning after',
        'that night|the same night', 'in silence|without a word', 'by hand|with bare hands',
        'ship|vessel', 'ships|vessels', 'storm|gale', 'harbour|port', 'sailors|seamen', 'path|track',
        'child|little one', 'woman|lady', 'letter|note', 'story|tale', 'answer|reply',
        'mistake|error', 'follow for|stay for|come back for', 'tell me|let me know', 'save this|keep this',
    ];

    private const SHORT = [
        'did not' => "didn't", 'does not' => "doesn't", 'do not' => "don't", 'was not' => "wasn't", 'were'
            .' not' => "weren't",
        'is not' => "isn't", 'are not' => "aren't", 'had not' => "hadn't", 'has not' => "hasn't", 'have'
            .' not' => "haven't",
        'could not' => "couldn't", 'would not' => "wouldn't", 'should not' => "shouldn't", 'will not' => "won't",
        'cannot' => "can't", 'it is' => "it's", 'that is' => "that's", 'there is' => "there's", 'he had' => "he'd",
        'she had' => "she'd", 'they had' => "they'd", 'i am' => "i'm", 'you are' => "you're", 'they are' => "they're",
    ];

    /** @var array<string, list<string>>|null what all() has found */
    private static ?array $all = null;

    /** @return array<string, list<string>> what may stand for a word or a few, in small letters */
    public static function all(): array
    {
        if (self::$all !== null) {
            return self::$all;
        }
        $others = [];
        foreach (self::ALIKE as $line) {
            $words = explode('|', $line);
            foreach ($words as $word) {
                $others[$word] = array_values(array_diff($words, [$word]));
            }
        }
        foreach (self::SHORT as $long => $short) {
            $others[$long][] = $short;
            $others[$short][] = $long;
        }

        return self::$all = $others;
    }
}
