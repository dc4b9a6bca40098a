<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Pace\Cadence;

/** How often the picture changes: "longest", "seconds:2.5" or "words:5-15"; a word may stand for none of its own. */
final readonly class CadenceType implements SettingType
{
    /**
     * @param  string  $word  stands for none of its own; empty where there has to be one
     * @param  string  $wordSays  what the word means, for a label
     */
    public function __construct(
        public string $word = '',
        public string $wordSays = '',
    ) {
    }

    public function read(string $written): string
    {
        return $this->isWord($written) ? $this->word : (string) Cadence::parse($written);
    }

    /** @throws Refusal */
    public function says(int|float|string $value): string
    {
        return $this->isWord((string) $value) ? $this->wordSays : Cadence::parse((string) $value)->label();
    }

    /**
     * As it stands in a field.
     *
     * @throws Refusal
     */
    public function typed(string $value): string
    {
        return $value === '' || $this->isWord($value) ? $value : Cadence::parse($value)->typed();
    }

    /**
     * @return list<string> what operators choose most, as it is typed
     *
     * @throws Refusal
     */
    public function usual(): array
    {
        return [
            ...$this->word === '' ? [] : [$this->word],
            ...array_map(static fn (Cadence $one): string => $one->typed(), Cadence::usual()),
        ];
    }

    public function toArray(): array
    {
        return [
            'type' => 'cadence',
            'forms' => ['longest', 'seconds:EVERY', 'words:FEWEST-MOST'],
            ...$this->word === '' ? [] : ['word' => $this->word],
        ];
    }

    private function isWord(string $written): bool
    {
        return $this->word !== '' && mb_strtolower(trim($written)) === $this->word;
    }
}
