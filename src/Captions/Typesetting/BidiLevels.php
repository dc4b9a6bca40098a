<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

use IntlChar;

/**
 * Embedding levels of the characters of a line (Unicode Standard Annex #9: rules W1 to W7, N0 to N2, I1 and I2).
 * Captions have no marks of embedding: the line is one run, and such marks are as if they were not there.
 */
final class BidiLevels
{
    private const L = IntlChar::CHAR_DIRECTION_LEFT_TO_RIGHT;

    private const R = IntlChar::CHAR_DIRECTION_RIGHT_TO_LEFT;

    private const AL = IntlChar::CHAR_DIRECTION_RIGHT_TO_LEFT_ARABIC;

    private const EN = IntlChar::CHAR_DIRECTION_EUROPEAN_NUMBER;

    private const ES = IntlChar::CHAR_DIRECTION_EUROPEAN_NUMBER_SEPARATOR;

    private const ET = IntlChar::CHAR_DIRECTION_EUROPEAN_NUMBER_TERMINATOR;

    private const AN = IntlChar::CHAR_DIRECTION_ARABIC_NUMBER;

    private const CS = IntlChar::CHAR_DIRECTION_COMMON_NUMBER_SEPARATOR;

    private const NSM = IntlChar::CHAR_DIRECTION_DIR_NON_SPACING_MARK;

    private const ON = IntlChar::CHAR_DIRECTION_OTHER_NEUTRAL;

    /** What is open at once at most (BD16). */
    private const BRACKETS = 63;

    /** @var array<int, int> by number of the character */
    private array $types;

    private readonly int $side;

    /** @param  list<string>  $characters */
    private function __construct(private readonly array $characters, private readonly int $base)
    {
        $this->side = $base === 0 ? self::L : self::R;
        $this->types = array_map(
            static fn (string $one): int => IntlChar::charDirection($one), $characters,
        );
    }

    /**
     * @param  int  $base  0 for a line from the left, 1 for one from the right
     * @return list<int> of each character
     */
    public static function of(string $text, int $base): array
    {
        $line = new self(mb_str_split($text), $base);
        $line->weak();
        $line->separated();
        $line->afterLetters();
        $line->brackets();
        $line->neutral();

        return array_map($line->level(...), array_values($line->types));
    }

    /** W1 to W3 */
    private function weak(): void
    {
        $last = $strong = $this->side;
        foreach ($this->types as $i => $type) {
            $type = $type === self::NSM ? $last : $type;
            $last = $type;
            $strong = in_array($type, [self::L, self::R, self::AL], true) ? $type : $strong;
            $this->types[$i] = $type === self::EN && $strong === self::AL ? self::AN : $type;
        }
        $this->types = array_map(static fn (int $type): int => $type === self::AL ? self::R : $type, $this->types);
    }

    /** W4 to W6 */
    private function separated(): void
    {
        foreach ($this->types as $i => $type) {
            $before = $this->types[$i - 1] ?? self::ON;
            $isBetween = $before === ($this->types[$i + 1] ?? self::ON)
                && ($before === self::EN || ($before === self::AN && $type === self::CS));
            if ($isBetween && in_array($type, [self::ES, self::CS], true)) {
                $this->types[$i] = $before;
            }
        }
        $count = count($this->types);
        for ($i = 0; $i < $count; $i++) {
            for ($end = $i; $end < $count && $this->types[$end] === self::ET; $end++);
            $isOfNumber = $end > $i
                && (($this->types[$i - 1] ?? self::ON) === self::EN || ($this->types[$end] ?? self::ON) === self::EN);
            for (; $i < $end; $i++) {
                $this->types[$i] = $isOfNumber ? self::EN : self::ET;
            }
        }
        foreach ($this->types as $i => $type) {
            $this->types[$i] = in_array($type, [self::ES, self::ET, self::CS], true) ? self::ON : $type;
        }
    }

    /** W7 */
    private function afterLetters(): void
    {
        $strong = $this->side;
        foreach ($this->types as $i => $type) {
            $strong = in_array($type, [self::L, self::R], true) ? $type : $strong;
            if ($type === self::EN && $strong === self::L) {
                $this->types[$i] = self::L;
            }
        }
    }

    /** N0 */
    private function brackets(): void
    {
        foreach ($this->pairs() as [$open, $close]) {
            $within = array_map($this->strong(...), range($open, $close));
            $other = $this->side === self::L ? self::R : self::L;
            $side = match (true) {
                in_array($this->side, $within, true) => $this->side,
                in_array($other, $within, true) => $this->before($open) === $other ? $other : $this->side,
                default => null,
            };
            if ($side !== null) {
                $this->types[$open] = $this->types[$close] = $side;
            }
        }
    }

    /** @return list<array{int, int}> pairs of brackets, by their opening ones (BD16) */
    private function pairs(): array
    {
        $open = $pairs = [];
        foreach ($this->characters as $i => $one) {
            $kind = $this->types[$i] === self::ON
                ? IntlChar::getIntPropertyValue($one, IntlChar::PROPERTY_BIDI_PAIRED_BRACKET_TYPE) : 0;
            if ($kind === IntlChar::BPT_OPEN) {
                if (count($open) === self::BRACKETS) {
                    break;
                }
                $open[] = [IntlChar::getBidiPairedBracket($one), $i];
            }
            if ($kind === IntlChar::BPT_CLOSE) {
                for ($at = count($open) - 1; $at >= 0 && $open[$at][0] !== $one; $at--);
                if ($at >= 0) {
                    $pairs[] = [$open[$at][1], $i];
                    $open = array_slice($open, 0, $at);
                }
            }
        }
        sort($pairs);

        return $pairs;
    }

    /** N1 and N2 */
    private function neutral(): void
    {
        $count = count($this->types);
        for ($i = 0; $i < $count; $i++) {
            if ($this->strong($i) !== null) {
                continue;
            }
            for ($end = $i; $end < $count && $this->strong($end) === null; $end++);
            $before = $this->before($i);
            $after = $end < $count ? $this->strong($end) : $this->side;
            for (; $i < $end; $i++) {
                $this->types[$i] = $before === $after ? $before : $this->side;
            }
        }
    }

    /** What a character counts as beside one that has no direction: numbers as if they were from the right. */
    private function strong(int $at): ?int
    {
        return match ($this->types[$at]) {
            self::L => self::L,
            self::R, self::EN, self::AN => self::R,
            default => null,
        };
    }

    private function before(int $at): int
    {
        for ($i = $at - 1; $i >= 0; $i--) {
            $strong = $this->strong($i);
            if ($strong !== null) {
                return $strong;
            }
        }

        return $this->side;
    }

    /** I1 and I2 */
    private function level(int $type): int
    {
        return match (true) {
            $this->base === 1 => $type === self::R ? 1 : 2,
            $type === self::R => 1,
            default => $type === self::L ? 0 : 2,
        };
    }
}
