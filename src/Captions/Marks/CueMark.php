<?php

declare(strict_types=1);

namespace RapidReel\Captions\Marks;

use InvalidArgumentException;
use RapidReel\Base\Language\UnspacedWords;
use RapidReel\Base\PlainText;

/** A caption as an operator made it: it belongs to some words of its scene and stays with them. */
final readonly class CueMark
{
    /** No more than a second. */
    public const MOST_NUDGE = 30;

    /**
     * @param  int  $word  number of its first word in the scene, from 0
     * @param  int  $count  how many words it is shown for, at least one
     * @param  string|null  $text  what it shows in place of the words; null shows them
     * @param  list<int>  $lines  how many of the words that it shows stand on each line; none leaves that to be found
     * @param  int  $from  frames by which it begins later (earlier where negative) than its first word
     * @param  int  $until  frames by which it ends later (earlier where negative)
     */
    public function __construct(
        public int $word,
        public int $count,
        public ?string $text = null,
        public array $lines = [],
        public int $from = 0,
        public int $until = 0,
    ) {
        if ($word < 0 || $count < 1 || abs($from) > self::MOST_NUDGE || abs($until) > self::MOST_NUDGE
            || array_filter($lines, static fn (int $line): bool => $line < 1) !== []) {
            throw new InvalidArgumentException('A caption belongs to words of its scene.');
        }
    }

    public function end(): int
    {
        return $this->word + $this->count;
    }

    public function at(int $word, ?int $count = null): self
    {
        $count ??= $this->count;

        return new self(
            $word,
            $count,
            $this->text,
            $count === $this->count ? $this->lines : [],
            $this->from,
            $this->until,
        );
    }

    /** @return list<string> the words that it shows in place of what is said; none where it shows that */
    public function words(): array
    {
        return array_merge([], ...array_map(UnspacedWords::parts(...), PlainText::words($this->text ?? '')));
    }

    /**
     * Parts it before a word of its scene; other words that it shows are shared out alike.
     *
     * @return array{self, self}
     */
    public function parted(int $word): array
    {
        $first = $word - $this->word;
        $words = $this->words();
        $shown = $words === []
            ? 0
            : max(1, min(count($words) - 1, (int) round(count($words) * $first / $this->count)));

        $before = $words === [] ? null : UnspacedWords::joined(array_slice($words, 0, $shown));

        return [
            new self($this->word, $first, $before, [], $this->from),
            new self(
                $word,
                $this->count - $first,
                $words === [] ? null : UnspacedWords::joined(
                    count($words) > 1 ? array_slice($words, $shown) : $words,
                ),
                [],
                0,
                $this->until,
            ),
        ];
    }

    /** @return array{int, int, string|null, list<int>, int, int} */
    public function toArray(): array
    {
        return [$this->word, $this->count, $this->text, $this->lines, $this->from, $this->until];
    }
}
