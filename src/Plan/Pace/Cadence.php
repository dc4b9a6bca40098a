<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

use RapidReel\Base\Refusal;

/** How often the picture changes: as seldom as the longest shot allows, or every so many seconds or words. */
final readonly class Cadence
{
    public const LEAST_SECONDS = 0.5;

    public const MOST_SECONDS = 20.0;

    private const SECONDS = '/^(?:seconds:)?\s*(\d{1,3}(?:\.\d{1,3})?)\s*(?:s|sec|seconds)?$/';

    private const WORDS = '/^(?:words:)?\s*([0-9]{1,3})\s*(?:[-–]|to)\s*([0-9]{1,3})\s*(?:words)?$/u';

    private function __construct(
        public CadenceKind $kind,
        public float $seconds = 0.0,
        public int $fewest = 0,
        public int $most = 0,
    ) {
    }

    public static function longest(): self
    {
        return new self(CadenceKind::Longest);
    }

    /** @throws Refusal when it is outside 0.5…20 s */
    public static function seconds(float $seconds): self
    {
        if ($seconds < self::LEAST_SECONDS || $seconds > self::MOST_SECONDS) {
            throw new Refusal('A picture changes every 0.5 to 20 seconds.');
        }

        return new self(CadenceKind::Seconds, $seconds);
    }

    /** @throws Refusal when the range is empty or outside 1…100 */
    public static function words(int $fewest, int $most): self
    {
        if ($fewest < 1 || $most < $fewest || $most > 100) {
            throw new Refusal('A range of words goes from at least 1 to at most 100, the smaller number first.');
        }

        return new self(CadenceKind::Words, fewest: $fewest, most: $most);
    }

    /**
     * Reads "longest", "seconds:2.5", "2.5", "2.5 s" or "words:5-15".
     *
     * @throws Refusal
     */
    public static function parse(string $written): self
    {
        $plain = mb_strtolower(trim($written));

        return match (1) {
            preg_match('/^longest$/', $plain) => self::longest(),
            preg_match(self::SECONDS, $plain, $m) => self::seconds((float) $m[1]),
            preg_match(self::WORDS, $plain, $m) => self::words((int) $m[1], (int) $m[2]),
            default => throw new Refusal(sprintf(
                'A cadence is written as longest, as seconds:2.5 or as words:5-15; “%s” is none.',
                mb_strimwidth(trim($written), 0, 40, '…'),
            )),
        };
    }

    public function __toString(): string
    {
        return match ($this->kind) {
            CadenceKind::Longest => $this->kind->value,
            CadenceKind::Seconds => 'seconds:'.$this->number(),
            CadenceKind::Words => "words:{$this->fewest}-{$this->most}",
        };
    }

    /** As it is typed: "2.5 s", "5-15 words" or "longest" */
    public function typed(): string
    {
        return match ($this->kind) {
            CadenceKind::Longest => $this->kind->value,
            CadenceKind::Seconds => "{$this->number()} s",
            CadenceKind::Words => "{$this->fewest}-{$this->most} words",
        };
    }

    public function label(): string
    {
        return match ($this->kind) {
            CadenceKind::Longest => 'as the longest shot allows',
            CadenceKind::Seconds => "every {$this->number()} s",
            CadenceKind::Words => "every {$this->fewest} to {$this->most} words",
        };
    }

    /**
     * @return non-empty-list<self> what operators choose most (common practice, no published source)
     *
     * @throws Refusal
     */
    public static function usual(): array
    {
        return [
            self::longest(), self::seconds(2.0), self::seconds(2.5), self::seconds(3.0), self::words(5, 15),
            self::words(10, 20),
        ];
    }

    private function number(): string
    {
        return rtrim(rtrim(number_format($this->seconds, 3, '.', ''), '0'), '.');
    }
}
