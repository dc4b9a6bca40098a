<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

use RapidReel\Base\Refusal;
use RapidReel\Text\Hook\HookShape;
use RapidReel\Voice\Speech\SpeechRate;

/** What a script is to be written about, and how. */
final readonly class SketchOrder
{
    public const FEWEST_WORDS = 30;

    public const MOST_WORDS = 420;

    private const LONGEST_AUDIENCE = 80;

    public string $topic;

    /** For whom it is, in a few words; empty for anybody. */
    public string $audience;

    /** @var list<string> */
    public array $points;

    /**
     * @param  list<string>  $points  what it must say, in this order
     * @param  int  $words  how long it is to be, within a tenth
     * @param  int  $seed  another one gives another script; the same one the same
     *
     * @throws Refusal in the operator's words
     */
    public function __construct(
        string $topic,
        array $points,
        public Tone $tone,
        public HookShape $shape,
        public int $words,
        public int $seed,
        string $audience = '',
    ) {
        $this->audience = self::audienceOf($audience);
        $this->topic = trim((string) preg_replace('/\s+/u', ' ', $topic), " \t.");
        $this->points = array_values(
            array_filter(
                array_map(
                    static fn (string $point): string => trim(
                        (string) preg_replace('/^[-*+•]\s+|^\d+[.)]\s+|\s+/u', ' ', $point),
                    ),
                    $points,
                ),
                static fn (string $point): bool => $point !== '',
            ),
        );
        if ($this->topic === '' || preg_match('/\p{L}/u', $this->topic) !== 1) {
            throw new Refusal('A script needs a topic.');
        }
        if (mb_strlen($this->topic) > 120) {
            throw new Refusal('A topic takes at most 120 characters. Put the rest into the key points.');
        }
        if ($words < self::FEWEST_WORDS || $words > self::MOST_WORDS) {
            throw new Refusal(sprintf('A sketch has %d to %d words.', self::FEWEST_WORDS, self::MOST_WORDS));
        }
    }

    /** @throws Refusal when it is too long */
    public static function audienceOf(string $written): string
    {
        $audience = trim((string) preg_replace('/\s+/u', ' ', $written), ' .');
        if (mb_strlen($audience) > self::LONGEST_AUDIENCE) {
            throw new Refusal(sprintf('Say for whom it is in at most %d characters.', self::LONGEST_AUDIENCE));
        }

        return $audience;
    }

    /**
     * How many words a voice says in so many seconds, in sentences such as sketches are made of.
     *
     * @param  int  $pauseMs  between sentences
     */
    public static function wordsIn(int $seconds, SpeechRate $rate, int $pauseMs): int
    {
        $words = 0;
        $ms = 0;
        foreach (Phrases::of(Tone::Plain) as $phrase) {
            $words += (int) preg_match_all('/\S+/u', $phrase);
            $ms += $rate->ofText($phrase) + $pauseMs;
        }

        return (int) round(1000 * $seconds * $words / $ms);
    }
}
