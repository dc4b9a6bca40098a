<?php

declare(strict_types=1);

namespace App\Doors\Http;

/** What a field of a request may hold. What a value means is judged by whoever uses it. */
final readonly class Field
{
    private const PARAGRAPH = 4_000;

    private const MOST_IDS = 5_000;

    private function __construct(
        private string $kind,
        private int $most,
        private int $least = 0,
    ) {
    }

    /** @param  int  $most  bytes */
    public static function text(int $most): self
    {
        return new self('text', $most);
    }

    /** What came out of some file or page: bytes that are no text are passed over by who reads it. */
    public static function rough(): self
    {
        return new self('rough', PHP_INT_MAX);
    }

    public static function whole(int $most = 2_147_483_647, int $least = 0): self
    {
        return new self('whole', $most, $least);
    }

    public static function flag(): self
    {
        return new self('flag', 0);
    }

    public static function ids(): self
    {
        return new self('ids', self::MOST_IDS);
    }

    /** @param  int  $most  of them, each a word */
    public static function words(int $most): self
    {
        return new self('words', $most);
    }

    /** @param  int  $most  texts by their names, each a paragraph at the most */
    public static function texts(int $most): self
    {
        return new self('texts', $most);
    }

    /** @throws WrongValue */
    public function check(string $name, mixed $value): void
    {
        match ($this->kind) {
            'rough' => is_scalar($value) ? null : throw WrongValue::of($name, 'a text'),
            'text' => $this->checkText($name, $value),
            'whole' => $this->checkWhole($name, $value),
            'flag' => is_array($value) || ! in_array(strtolower((string) $value), [
                '', '0', '1', 'true', 'false', 'on', 'off', 'yes', 'no',
            ], true) ? throw WrongValue::of($name, 'yes or no') : null,
            'words' => $this->checkWords($name, $value),
            'texts' => $this->checkTexts($name, $value),
            default => $this->checkIds($name, $value),
        };
    }

    private function checkText(string $name, mixed $value): void
    {
        if (! is_scalar($value) || ! mb_check_encoding((string) $value, 'UTF-8')) {
            throw WrongValue::of($name, 'a text');
        }
        if (strlen((string) $value) > $this->most) {
            throw WrongValue::of($name, sprintf('at most %s characters', number_format($this->most)));
        }
    }

    private function checkWhole(string $name, mixed $value): void
    {
        if (is_array($value) || filter_var($value, FILTER_VALIDATE_INT, [
            'options' => ['min_range' => $this->least, 'max_range' => $this->most],
        ]) === false) {
            throw WrongValue::of($name, sprintf(
                'a whole number from %s to %s',
                number_format($this->least),
                number_format($this->most),
            ));
        }
    }

    private function checkWords(string $name, mixed $value): void
    {
        if (! is_array($value) || count($value) > $this->most) {
            throw WrongValue::of($name, sprintf('a list of at most %d', $this->most));
        }
        foreach ($value as $number => $one) {
            if (! is_int($number) || ! is_string($one ?? '') || strlen($one ?? '') > 60) {
                throw WrongValue::of($name, 'words');
            }
        }
    }

    private function checkTexts(string $name, mixed $value): void
    {
        if (! is_array($value) || count($value) > $this->most) {
            throw WrongValue::of($name, sprintf('a list of at most %d', $this->most));
        }
        foreach ($value as $key => $one) {
            if (strlen((string) $key) > 60 || ! is_string($one ?? '') || strlen($one ?? '') > self::PARAGRAPH) {
                throw WrongValue::of($name, sprintf('texts of at most %s characters', number_format(self::PARAGRAPH)));
            }
        }
    }

    private function checkIds(string $name, mixed $value): void
    {
        $values = is_array($value) ? $value : [$value];
        if (count($values) > $this->most) {
            throw WrongValue::of($name, sprintf('at most %d at once', $this->most));
        }
        foreach ($values as $one) {
            if (is_array($one) || filter_var($one, FILTER_VALIDATE_INT, ['options' => ['min_range' => 0]]) === false) {
                throw WrongValue::of($name, 'whole numbers');
            }
        }
    }
}
