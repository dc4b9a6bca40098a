<?php

declare(strict_types=1);

namespace RapidReel\Captions\Marks;

use InvalidArgumentException;
use RapidReel\Base\Language\WordPlaces;
use RapidReel\Base\Refusal;

/**
 * All that an operator chose for the captions of a scene, and the cards that were put over it; what is not here is
 * found anew with every plan.
 */
final readonly class CaptionMarks
{
    /** @var list<CueMark> in order of their words, none over another */
    public array $cues;

    /** @var array<int, WordMark> by word, in order */
    public array $words;

    /** @var list<CardMark> in order of their words */
    public array $cards;

    /**
     * @param  array<CueMark>  $cues  of two that share a word, the one that begins first stays
     * @param  array<WordMark>  $words
     * @param  array<CardMark>  $cards
     */
    public function __construct(array $cues = [], array $words = [], array $cards = [])
    {
        usort($cues, static fn (CueMark $a, CueMark $b): int => $a->word <=> $b->word);
        $end = 0;
        $kept = [];
        foreach ($cues as $cue) {
            if ($cue->word >= $end) {
                $kept[] = $cue;
                $end = $cue->end();
            }
        }
        $this->cues = $kept;
        $byWord = [];
        foreach ($words as $word) {
            if (! $word->isEmpty()) {
                $byWord[$word->word] = $word;
            }
        }
        ksort($byWord);
        $this->words = $byWord;
        usort($cards, static fn (CardMark $a, CardMark $b): int => $a->place() <=> $b->place());
        $this->cards = $cards;
    }

    public function isEmpty(): bool
    {
        return $this->cues === [] && $this->words === [] && $this->cards === [];
    }

    /** The caption that was made for a word; null where none was. */
    public function over(int $word): ?CueMark
    {
        foreach ($this->cues as $cue) {
            if ($cue->word <= $word && $word < $cue->end()) {
                return $cue;
            }
        }

        return null;
    }

    /** The same with captions in place of all that were made for the words they take. */
    public function with(CueMark ...$cues): self
    {
        $others = array_filter($this->cues, static function (CueMark $other) use ($cues): bool {
            foreach ($cues as $cue) {
                if ($cue->word < $other->end() && $other->word < $cue->end()) {
                    return false;
                }
            }

            return true;
        });

        return new self([...$others, ...$cues], $this->words, $this->cards);
    }

    /** The same with the captions of some words found anew. */
    public function without(int $word, int $end): self
    {
        return new self(
            array_filter($this->cues, static fn (CueMark $cue): bool => $cue->end() <= $word || $cue->word >= $end),
            $this->words,
            $this->cards,
        );
    }

    public function marking(WordMark $word): self
    {
        return new self($this->cues, array_replace($this->words, [$word->word => $word]), $this->cards);
    }

    /** @param  array<CardMark>  $cards */
    public function carded(array $cards): self
    {
        return new self($this->cues, $this->words, $cards);
    }

    public function word(int $word): WordMark
    {
        return $this->words[$word] ?? new WordMark($word);
    }

    /**
     * The same with words at other places. A caption goes with the words that are left of it; other words that it shows
     * stay while at least half of what was said is left. Cards and effects were put there, and go on with the next word
     * where theirs is gone.
     *
     * @param  array<int, int>  $places  new number of each word that is left, by its old number
     * @param  int  $count  words there are now
     *
     * @throws Refusal
     */
    public function replaced(array $places, int $count): self
    {
        $cues = [];
        foreach ($this->cues as $cue) {
            $left = array_values(array_intersect_key($places, array_flip(range($cue->word, $cue->end() - 1))));
            if ($left === []) {
                continue;
            }
            $moved = $cue->at(min($left), max($left) - min($left) + 1);
            $cues[] = 2 * count($left) >= $cue->count
                ? $moved
                : new CueMark($moved->word, $moved->count, null, [], $moved->from, $moved->until);
        }
        $words = [];
        foreach ($this->words as $number => $word) {
            if (isset($places[$number])) {
                $words[$places[$number]] = $word->at($places[$number]);
            }
        }
        foreach (array_diff_key($this->words, $places) as $number => $word) {
            $next = WordPlaces::next($places, $number, $count);
            $other = $words[$next] ?? new WordMark($next);
            if ($word->sound !== null && $other->sound === null) {
                $words[$next] = $other->sounding($word->sound, $word->soundMs);
            }
        }
        $cards = array_map(
            static fn (CardMark $card): CardMark => $card->at(WordPlaces::next($places, $card->word, $count)),
            $this->cards,
        );

        return new self($cues, $words, $cards);
    }

    /**
     * @return array{self, self} what belongs to the words before one, and to the others
     *
     * @throws Refusal
     */
    public function parted(int $word): array
    {
        [$first, $second] = [[], []];
        foreach ($this->cues as $cue) {
            if ($cue->word < $word && $cue->end() > $word) {
                [$first[], $other] = $cue->parted($word);
                $second[] = $other->at(0);
            } elseif ($cue->word < $word) {
                $first[] = $cue;
            } else {
                $second[] = $cue->at($cue->word - $word);
            }
        }
        $isBefore = static fn (WordMark|CardMark $mark): bool => $mark->word < $word;

        return [
            new self($first, array_filter($this->words, $isBefore), array_filter($this->cards, $isBefore)),
            new self($second, array_map(
                static fn (WordMark $mark): WordMark => $mark->at($mark->word - $word),
                array_filter($this->words, static fn (WordMark $mark): bool => ! $isBefore($mark)),
            ), array_map(
                static fn (CardMark $card): CardMark => $card->at($card->word - $word),
                array_filter($this->cards, static fn (CardMark $card): bool => ! $isBefore($card)),
            )),
        ];
    }

    /**
     * One after the other: this has so many words.
     *
     * @throws Refusal
     */
    public function joined(self $next, int $words): self
    {
        return new self(
            [
                ...$this->cues,
                ...array_map(static fn (CueMark $cue): CueMark => $cue->at($cue->word + $words), $next->cues),
            ],
            [
                ...$this->words,
                ...array_map(static fn (WordMark $mark): WordMark => $mark->at($mark->word + $words), $next->words),
            ],
            [
                ...$this->cards,
                ...array_map(static fn (CardMark $card): CardMark => $card->at($card->word + $words), $next->cards),
            ],
        );
    }

    /**
     * @return array{
     *     cues: list<array{int, int, string|null, list<int>, int, int}>,
     *     words: list<array{0: int, 1: bool|null, 2: string|null, 3?: string, 4?: int}>,
     *     cards?: list<array<string, int|string>>
     * }
     */
    public function toArray(): array
    {
        return [
            'cues' => array_map(static fn (CueMark $cue): array => $cue->toArray(), $this->cues),
            'words' => array_values(array_map(static fn (WordMark $word): array => $word->toArray(), $this->words)),
            // Left out where there is none, so that plans of before stay fresh.
            ...$this->cards === [] ? [] : ['cards' => array_map(
                static fn (CardMark $card): array => $card->toArray(),
                $this->cards,
            )],
        ];
    }

    public function toJson(): string
    {
        return $this->isEmpty() ? '' : json_encode($this->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** What toJson() wrote; what is in error in it is passed over. */
    public static function fromJson(?string $json): self
    {
        $data = $json === null || $json === '' ? null : json_decode($json, true);

        return is_array($data) ? self::fromArray($data) : new self;
    }

    /** @param  array<array-key, mixed>  $data */
    public static function fromArray(array $data): self
    {
        [$cues, $words] = [[], []];
        foreach (is_array($data['cues'] ?? null) ? $data['cues'] : [] as $row) {
            try {
                /** @var array{int, int, string|null, list<int>, int, int} $row */
                $cues[] = new CueMark(...$row);
            } catch (InvalidArgumentException|\TypeError) {
                continue;
            }
        }
        foreach (is_array($data['words'] ?? null) ? $data['words'] : [] as $row) {
            /** @var array{0: int, 1: bool|null, 2: string|null, 3?: string, 4?: int} $row */
            $words[] = new WordMark(...$row);
        }

        $cards = [];
        foreach (is_array($data['cards'] ?? null) ? $data['cards'] : [] as $row) {
            try {
                /** @var array<string, mixed> $row */
                $cards[] = CardMark::fromArray($row);
            } catch (Refusal) {
                continue;
            }
        }

        return new self($cues, $words, $cards);
    }
}
