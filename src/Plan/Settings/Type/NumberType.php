<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;

/** Whole numbers of a unit within a range; a word may stand for no number at all ("usual", "left"). */
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
        $unit = preg_quote($this->unit, '/');
        if (preg_match("/^(-?[0-9]{1,9}(?:\.[0-9]{1,6})?) ?(?:$unit)?$/u", $plain, $match) !== 1
            || (float) $match[1] !== floor((float) $match[1])
            || (int) $match[1] < $this->least
            || (int) $match[1] > $this->most) {
            throw new Refusal(sprintf(
                '%s is from %s to %s %s%s%s.',
                $this->what,
                number_format($this->least),
                number_format($this->most),
                $this->unit,
                $this->word === '' ? '' : ", or “{$this->word}”",
                $plain === '' ? '' : '; “'.mb_strimwidth($plain, 0, 40, '…').'” is not',
            ));
        }

        return (int) $match[1];
    }

    public function says(int|float|string $value): string
    {
        return is_string($value)
            ? ($this->wordSays !== ''
                ? $this->wordSays
                : $value)
            : number_format($value).' '.$this->unit;
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
