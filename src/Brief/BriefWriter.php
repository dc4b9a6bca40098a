<?php

declare(strict_types=1);

namespace RapidReel\Brief;

use RapidReel\Language\Picturable;

/**
 * Writes what every shot should show: the maker's own wish where there is one, else the words said over it; the short's
 * subject where those are vague; and the same style words at the end of all, so that all pictures share one look.
 */
final readonly class BriefWriter
{
    /** A brief of more words is not read to its end by a picture service. */
    private const MOST_WORDS = 18;

    /**
     * @param  list<string>  $forbidden  words and names that may not stand in a brief
     */
    public function __construct(
        private string $subject,
        private string $styleWords = '',
        private array $forbidden = [],
    ) {
    }

    /**
     * @param  list<ShotWords>  $shots
     * @return list<Brief> one for each, in order
     */
    public function write(array $shots): array
    {
        $briefs = [];
        foreach ($shots as $i => $shot) {
            $shown = $this->shown($shot);
            $style = trim($this->styleWords, " \t\n,.;");
            $text = self::oneLine($shown.($style === '' ? '' : ', '.$style));
            $briefs[] = new Brief($i + 1, $shot, $text, $this->forbiddenIn($text));
        }

        return $briefs;
    }

    private function shown(ShotWords $shot): string
    {
        $words = self::phrase($shot->words);
        if ($shot->wanted !== '') {
            // The second picture of a scene shows the same place and another moment.
            return $shot->shot === 0 ? $shot->wanted : "{$shot->wanted}: $words";
        }
        $pointsBack = preg_match('/^(?:he|she|it|they|his|her|its|their|this|that|these|those)\b/iu', $words) === 1;
        $vague = $pointsBack || Picturable::seen($words) < 2 || Picturable::vague($words) !== [];
        $named = $this->subject === '' || preg_match('/(?<!\p{L})'.preg_quote($this->subject, '/').'/iu', $words) === 1;

        return $vague && ! $named ? "$words, {$this->subject}" : $words;
    }

    /** Words said, as something that could be shown: without joining words before, and marks around. */
    private static function phrase(string $said): string
    {
        $words = trim($said, " \t\n\"'“”‘’.,;:!?…—–-()");
        $words = (string) preg_replace(
            '/^(?:(?:and|but|so|then|or|yet|because|for|now|well|still|only|that|which|who)\b[,\s]*)+(?=\S)/iu',
            '',
            $words,
        );
        $parts = (array) preg_split('/\s+/u', $words);
        $words = implode(' ', array_slice($parts, 0, self::MOST_WORDS));

        return $words === '' ? trim($said) : $words;
    }

    /** @return list<string> */
    private function forbiddenIn(string $text): array
    {
        return array_values(
            array_filter(
                $this->forbidden,
                static fn (string $word): bool => trim($word) !== '' &&
                    preg_match('/(?<![\p{L}\p{N}])'.preg_quote(trim($word), '/').'(?![\p{L}\p{N}])/iu', $text) ===
                        1,
            ),
        );
    }

    private static function oneLine(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }
}
