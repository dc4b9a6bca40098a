<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;
use RapidReel\Base\Seconds;

/**
 * Whole numbers of a unit within a range; a word may stand for no number at all ("usual", "left"). Milliseconds are
 * said in seconds, and may be written in either, as 0.4 s or 400 ms; a bare number is one of the unit.
 */
final readonly class NumberType implements SettingType
{
    /**
     * @param  string  $what  begins the sentence that refuses: "A pause"
     * @param  string  $word  stands for no number; empty where there is none
     * @param  string  $wordSays  what the word means, for a label
     * @param  array<string, int>  $named  numbers that have a name
     */
    public function __construct(
        public string $what,
        public int $least,
        public int $most,
        public int $step,
        public string $unit,
        public string $word = '',
        public string $wordSays = '',
        public array $named = [],
    ) {
    }

    public function read(string $written): int|string
    {
        $plain = trim($written);
        if ($this->word !== '' && mb_strtolower($plain) === $this->word) {
            return $this->word;
        }
        if (isset($this->named[mb_strtolower($plain)])) {
            return $this->named[mb_strtolower($plain)];
        }
        $number = $this->number($plain);
        if ($number === null || $number !== floor($number) || $number < $this->least || $number > $this->most) {
            throw new Refusal(sprintf(
                '%s is from %s to %s%s%s.',
                $this->what,
                $this->isTime() ? Seconds::bare($this->least) : number_format($this->least),
                $this->says($this->most),
                $this->word === '' ? '' : ", or “{$this->word}”",
                $plain === '' ? '' : '; “'.mb_strimwidth($plain, 0, 40, '…').'” is not',
            ));
        }

        return (int) $number;
    }

    /** Whether it is a time, which people think of in seconds. */
    public function isTime(): bool
    {
        return $this->unit === 'ms';
    }

    /** A value as it is typed. */
    public function typed(int|string $value): string
    {
        return is_int($value) && $this->isTime() ? $this->says($value) : (string) $value;
    }

    /** @return float|null of the unit; null where it is no number */
    private function number(string $plain): ?float
    {
        $unit = preg_quote($this->unit, '/').($this->isTime() ? '|s|sec|seconds?' : '');
        if (preg_match("/^(-?[0-9]{0,9}(?:[.,][0-9]{1,6})?) ?($unit)?$/u", $plain, $match) !== 1
            || ! is_numeric($written = str_replace(',', '.', $match[1]))) {
            return null;
        }
        $isSeconds = ! in_array($match[2] ?? '', ['', $this->unit], true);

        return $isSeconds ? round(1000 * (float) $written, 3) : (float) $written;
    }

    public function says(int|float|string $value): string
    {
        return is_string($value)
            ? ($this->wordSays !== ''
                ? $this->wordSays
                : $value)
            : ($this->isTime() ? Seconds::bare((int) $value).' s' : number_format($value).' '.$this->unit);
    }

    public function toArray(): array
    {
        return [
            'type' => 'number',
            'unit' => $this->unit,
            'range' => [$this->least, $this->most],
            'step' => $this->step,
            ...$this->word === '' ? [] : ['word' => $this->word],
        ];
    }
}
