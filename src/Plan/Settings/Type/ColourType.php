<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;

/** Colours, as six hexadecimal digits; a word may stand for none of its own. */
final readonly class ColourType implements SettingType
{
    /**
     * @param  string  $word  stands for no colour; empty where there is none
     * @param  bool  $isTyped  whether it is typed in, so that the word can be
     */
    public function __construct(
        public string $what,
        public string $word = '',
        public string $wordSays = '',
        public bool $isTyped = false,
    ) {
    }

    public function read(string $written): string
    {
        $plain = trim($written);
        if ($this->word !== '' && in_array(mb_strtolower($plain), [$this->word, $this->wordSays], true)) {
            return $this->word;
        }
        if (preg_match('/^#?([0-9a-f]{3}|[0-9a-f]{6})$/i', $plain, $found) !== 1) {
            throw new Refusal(sprintf(
                '%s is a colour such as #FFC247; “%s” is none.',
                $this->what,
                mb_strimwidth($plain, 0, 40, '…'),
            ));
        }

        return strtoupper(
            strlen($found[1]) === 3 ? (string) preg_replace('/./', '$0$0', $found[1]) : $found[1],
        );
    }

    /** A value as it is typed. */
    public function typed(string $value): string
    {
        return $value === '' ? '' : $this->says($value);
    }

    public function says(int|float|string $value): string
    {
        return $value === $this->word ? $this->wordSays : "#$value";
    }

    public function toArray(): array
    {
        return [
            'type' => 'colour', 'form' => 'RRGGBB',
            ...$this->word === '' ? [] : ['word' => $this->word],
        ];
    }
}
