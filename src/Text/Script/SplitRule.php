<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Base\Refusal;

/** How a script is split into scenes: by sentence, by line, by a range of words, or by the longest time of a scene. */
final readonly class SplitRule
{
    private const WORDS = '/^words:([0-9]{1,3})\s*[-–]\s*([0-9]{1,3})$/u';

    private function __construct(
        public SplitKind $kind,
        public int $fewestWords = 0,
        public int $mostWords = 0,
        public float $longestSeconds = 0.0,
    ) {
    }

    public static function sentence(): self
    {
        return new self(SplitKind::Sentence);
    }

    public static function line(): self
    {
        return new self(SplitKind::Line);
    }

    /** @throws Refusal when the range is empty or outside 1…100 */
    public static function words(int $fewest, int $most): self
    {
        if ($fewest < 1 || $most < $fewest || $most > 100) {
            throw new Refusal('A range of words goes from at least 1 to at most 100, the smaller number first.');
        }

        return new self(SplitKind::Words, $fewest, $most);
    }

    /** @throws Refusal when the time is outside 1…60 s */
    public static function seconds(float $longest): self
    {
        if ($longest < 1 || $longest > 60) {
            throw new Refusal('The longest time of a scene is from 1 to 60 seconds.');
        }

        return new self(SplitKind::Seconds, longestSeconds: $longest);
    }

    /**
     * Reads "sentence", "line", "words:5-15" or "seconds:4".
     *
     * @throws Refusal
     */
    public static function parse(string $rule): self
    {
        return match (1) {
            preg_match('/^sentence$/', $rule) => self::sentence(),
            preg_match('/^line$/', $rule) => self::line(),
            preg_match(self::WORDS, $rule, $m) => self::words((int) $m[1], (int) $m[2]),
            preg_match('/^seconds:(\d{1,2}(?:\.\d)?)$/', $rule, $m) => self::seconds((float) $m[1]),
            default => throw new Refusal(
                "There is no way to split called “{$rule}”. There are: sentence, line, words:5-15, seconds:4.",
            ),
        };
    }

    public function __toString(): string
    {
        return match ($this->kind) {
            SplitKind::Words => "words:{$this->fewestWords}-{$this->mostWords}",
            SplitKind::Seconds => 'seconds:'.rtrim(rtrim(number_format($this->longestSeconds, 1, '.', ''), '0'), '.'),
            default => $this->kind->value,
        };
    }

    public function label(): string
    {
        return match ($this->kind) {
            SplitKind::Sentence => 'a sentence each',
            SplitKind::Line => 'a line each',
            SplitKind::Words => "{$this->fewestWords} to {$this->mostWords} words each",
            SplitKind::Seconds => rtrim(rtrim(number_format($this->longestSeconds, 1), '0'), '.').' s at most each',
        };
    }

    /**
     * @return non-empty-list<self> what operators choose most
     *
     * @throws Refusal
     */
    public static function usual(): array
    {
        return [self::sentence(), self::line(), self::words(5, 15), self::words(10, 20), self::seconds(4)];
    }
}
