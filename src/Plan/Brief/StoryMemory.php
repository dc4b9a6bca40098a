<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

use RapidReel\Base\Language\PersonWords;
use RapidReel\Base\Language\Picturable;

/**
 * Who and where the sentences of a story have told of, for those that tell it by a pronoun or not at all. Nothing is
 * guessed: where two could be meant it is nobody, and a place lasts no longer than the one who is there.
 */
final class StoryMemory
{
    private const LARGE = 'harbours?|ports?|bay|sea|ocean|coast|shore|beach|cliffs?|reef|rocks?|island|isle|town|'
        .'village|city|'
        .'quay|pier|dock|lighthouse|tower|house|cottage|church|school|hospital|farm|field|forest|wood|river|lake|'
        .'mountain|hill|'
        .'valley|street|road|bridge|garden|market|square|station|ship|boat|deck|room|kitchen|cabin|cellar|gallery|'
        .'water|desert';

    /** What "it" does where it is nothing at all: the weather, and how things are. */
    private const NOBODY_DOES = '/^(?:raining|snowing|hailing|thundering|freezing|blowing|storming|being|seeming|'
        .'happening|taking (?:\w+ )?(?:years|days|hours|weeks|months|time)|(?!\p{L}+ing\b))/iu';

    /** Sentences over which a place lasts in which none is told. */
    private const LASTING = 2;

    /** Names that are remembered. */
    private const REMEMBERED = 4;

    /** Where it happens; empty where that is not told. */
    public string $where = '';

    private int $since = 0;

    /** @var list<string> who was told of, the last first */
    private array $known = [];

    /** @var array<string, string> the pronoun that somebody was meant by, by the word they are known by */
    private array $called = [];

    /** @var array<string, true> words that are names wherever they stand */
    private array $names = [];

    /** @param  list<string>  $sentences  of the whole story */
    public function __construct(array $sentences)
    {
        preg_match_all('/(?<=[\p{Ll},;] )\p{Lu}\p{Ll}+/u', implode("\n", $sentences), $found);
        $this->names = array_fill_keys($found[0], true);
    }

    /**
     * Hears the next sentence.
     *
     * @param  list<Clause>  $clauses  of it
     * @return list<array{Clause, string, string}> each with who it is about, empty where that is not certain, and where
     */
    public function hear(array $clauses): array
    {
        $heard = [];
        $told = $here = '';
        $isNew = false;
        foreach ($clauses as $clause) {
            $isNamed = ! $clause->isPronoun() && self::isName($clause->who);
            // What goes on without saying who is about the one that its own sentence named last.
            $about = $isNamed ? $clause->who : ($clause->who === '' ? $here : $this->meant($clause));
            $here = $about === '' || self::isAside($clause, $here) ? $here : $about;
            if (($isNamed || $clause->who === '') && $about !== '' && $clause->does !== '') {
                $isNew = $isNew || PersonWords::head($about) !== PersonWords::head($this->known[0] ?? '');
                // Of two who did it together, either may be meant.
                $this->known = array_slice(
                    [...explode(' and ', $about), ...$this->known], 0, self::REMEMBERED,
                );
            }
            $told = self::isLarge($clause->where) ? $clause->where : $told;
            $heard[] = [$clause, $about, $clause->where];
        }
        $this->since = $told === '' ? $this->since + 1 : 0;
        $this->where = match (true) {
            $told !== '' => $told,
            $isNew || $this->since > self::LASTING => '',
            default => $this->where,
        };

        return $heard;
    }

    /** Whether more than one picture can be there: a harbour, and not a box. */
    public static function isLarge(string $where): bool
    {
        return preg_match('/\b(?:'.self::LARGE.')\b/iu', $where) === 1;
    }

    /** Whom or what a pronoun means; empty where more than one can be meant, or nobody. */
    private function meant(Clause $clause): string
    {
        $may = match (mb_strtolower($clause->who)) {
            'she' => fn (string $name): bool => $this->isPerson($name) && ! PersonWords::has($name, PersonWords::MEN)
                && ($this->called[PersonWords::head($name)] ?? 'she') === 'she',
            'he' => fn (string $name): bool => $this->isPerson($name) && ! PersonWords::has($name, PersonWords::WOMEN)
                && ($this->called[PersonWords::head($name)] ?? 'he') === 'he',
            'it' => fn (string $name): bool => ! $this->isPerson($name)
                && preg_match(self::NOBODY_DOES, $clause->does) !== 1,
            default => static fn (string $name): bool => false,
        };
        $found = [];
        foreach ($this->known as $name) {
            if ($may($name)) {
                $found[PersonWords::head($name)] ??= $name;
            }
        }

        if (count($found) !== 1) {
            return '';
        }
        $this->called[array_key_first($found)] = mb_strtolower($clause->who);

        return reset($found);
    }

    /** Whether it only tells more of the one before: "Ines Okoro, the pilot's wife, blindfolded herself". */
    private static function isAside(Clause $clause, string $here): bool
    {
        return $here !== '' && $clause->does === '';
    }

    private function isPerson(string $name): bool
    {
        return PersonWords::isPerson($name) || isset($this->names[$name]);
    }

    /** Whether words name something that can be seen, and are no place themselves. */
    private static function isName(string $who): bool
    {
        $place = '/^(?:inside|outside|above|below|behind|beyond|beside|under|over|in|on|at|there)\b|'
            .'\b(?:above|below|away|ago|later)$/iu';

        return (Picturable::seen($who) > 0 || PersonWords::has($who, PersonWords::MEN.'|'.PersonWords::WOMEN))
            && preg_match($place, $who) !== 1;
    }
}
