<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

use RapidReel\Base\Language\Picturable;

/**
 * Writes what every shot should show, so that it can be pasted as it is: from how far, who or what, what they do,
 * where, in which light; or the maker's own wish where there is one. The same style words stand at the end of all, and
 * figures that come again are told in the same words, so that all pictures share one look.
 */
final readonly class BriefWriter
{
    /** The shots of one scene show it from these, one after the other, unless a channel has its own. */
    public const VIEWS = ['wide view', 'close', 'from behind', 'detail', 'from below', 'from above'];

    /** A brief of more words is not read to its end by a picture service. */
    private const MOST_WORDS = 18;

    /** What a viewer is asked to do shows nothing of its own. */
    private const ASKS = '/^(?:follow|tell|subscribe|like|share|comment|save|send|try|would|could|do|did|have|are|'
        .'is|will)\b/iu';

    /**
     * @param  list<string>  $forbidden  words and names that may not stand in a brief
     * @param  list<string>  $views
     * @param  string  $language  of the short, as a BCP 47 tag
     */
    public function __construct(
        private string $subject,
        private string $styleWords = '',
        private array $forbidden = [],
        private Figures $figures = new Figures,
        private array $views = self::VIEWS,
        private string $language = 'en',
    ) {
    }

    /**
     * @param  list<ShotWords>  $shots
     * @return list<Brief> one for each, in order
     */
    public function write(array $shots): array
    {
        $briefs = [];
        $light = new Daylight;
        $scene = null;
        $where = '';
        $clauses = [];
        $memory = new StoryMemory(array_map(static fn (ShotWords $shot): string => $shot->sentence(), $shots));
        foreach ($shots as $i => $shot) {
            if ($shot->scene !== $scene) {
                $scene = $shot->scene;
                $light->hear($shot->sentence());
                $clauses = $this->isRead() ? $memory->hear(ClauseReader::read($shot->sentence())) : [];
                $where = $memory->where;
            }
            $shown = $this->shown($shot, $clauses, $where);
            $view = $this->views === [] ? '' : $this->views[$shot->shot % count($this->views)];
            $style = trim($this->styleWords, " \t\n,.;");
            $text = self::oneLine(implode(', ', array_filter([
                ($view === '' ? '' : self::capital($view).': ').$this->figures->shownIn($shown),
                self::says($shown, $light->says()) ? '' : $light->says(),
                $style,
            ], static fn (string $part): bool => $part !== '')));
            $briefs[] = new Brief($i + 1, $shot, $text, $this->forbiddenIn($text));
        }

        return $briefs;
    }

    private function isRead(): bool
    {
        return str_starts_with($this->language, 'en');
    }

    /**
     * @param  list<array{Clause, string, string}>  $clauses  of its sentence, each with who it is about and where
     */
    private function shown(ShotWords $shot, array $clauses, string $lastPlace): string
    {
        if ($shot->wanted !== '') {
            return $shot->wanted;
        }
        $words = self::phrase($shot->words);
        $isAsked = preg_match(self::ASKS, ltrim($shot->sentence(), '"“‘ ')) === 1;
        if ($isAsked && $this->isRead() && $this->subject !== '') {
            return $this->subject;
        }
        $best = self::over($shot, $clauses);
        if ($best !== null) {
            [$clause, $who, $place] = $best;
            if (preg_match('/^(?:nobody|no one|no-one|none)$/iu', $clause->who) === 1) {
                // What nobody does cannot be seen; to whom it is not done can.
                $left = trim((string) preg_replace('/^\S+\s*/u', '', $clause->does));

                return Picturable::seen($left) > 0 ? self::short(self::lower($left)).', alone' : $this->subject;
            }
            if ($who !== '' && $clause->does !== '') {
                $does = Picturable::seen($clause->does) > 0 || Verbs::shown(strtok($clause->does, ' ') ?: '') !== null
                    || preg_match('/^\p{L}+ing\b/u', $clause->does) === 1 ? $clause->does : '';
                $place = $place !== '' ? $place : self::elsewhere($clauses, $lastPlace);

                return self::short(self::lower(trim("$who $does")).($place === '' ? '' : ' '.self::lower($place)));
            }
            $isNamed = $clause->who !== '' && ! $clause->isPronoun();
            $words = $isNamed ? self::phrase(implode(' ', $clause->words)) : $words;
            if ($clause->does === '' && Picturable::seen($words) < 4 && $who !== '' && ! self::says($words, $who)) {
                return self::short(self::lower($who).', '.self::lower($words));
            }
        }
        $vague = Picturable::seen($words) < 2 || Picturable::vague($words) !== [];
        $named = $this->subject === '' || self::says($words, $this->subject);

        return match (true) {
            $vague && ! $named && Picturable::seen($words) === 0 => $this->subject,
            $vague && ! $named => "{$this->subject}, ".self::lower($words),
            default => $words,
        };
    }

    /**
     * The clause that most of a shot's words stand in.
     *
     * @param  list<array{Clause, string, string}>  $clauses
     * @return array{Clause, string, string}|null
     */
    private static function over(ShotWords $shot, array $clauses): ?array
    {
        $said = array_map(mb_strtolower(...), ClauseReader::words($shot->words));
        $best = null;
        $most = 0.0;
        foreach ($clauses as $one) {
            $same = count(array_intersect($said, array_map(mb_strtolower(...), $one[0]->words)));
            // Of two that it stands in alike, the one that says what is done.
            $score = $same + ($one[0]->does === '' ? 0.0 : 0.5);
            if ($same > 0 && $score > $most) {
                [$best, $most] = [$one, $score];
            }
        }

        return $best;
    }

    /**
     * The place that another part of the sentence tells, or the last that was told.
     *
     * @param  list<array{Clause, string, string}>  $clauses
     */
    private static function elsewhere(array $clauses, string $lastPlace): string
    {
        foreach ($clauses as [, , $place]) {
            if (StoryMemory::isLarge($place)) {
                return $place;
            }
        }

        return $lastPlace;
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

        return $words === '' ? trim($said) : self::short($words);
    }

    private static function short(string $text): string
    {
        return implode(' ', array_slice((array) preg_split('/\s+/u', $text), 0, self::MOST_WORDS));
    }

    /** A sentence's first letter is small within another, unless it is a name's. */
    private static function lower(string $text): string
    {
        return (string) preg_replace_callback(
            '/^(?:The|An?|His|Her|Its|Their|Our|One|Two|Three|Nine|Every|Each|No|Some|On|In|At|For|Nobody|Everybody|'
                .'Someone|He|She|It|They)\b/u',
            static fn (array $found): string => mb_strtolower($found[0]),
            $text,
        );
    }

    private static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    private static function says(string $text, string $words): bool
    {
        return $words === '' || preg_match('/(?<!\p{L})'.preg_quote($words, '/').'/iu', $text) === 1;
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
