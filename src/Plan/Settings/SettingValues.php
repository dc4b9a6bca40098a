<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use LogicException;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;

/** What holds at one place: of every setting the value of the narrowest level that has one that is still there. */
final readonly class SettingValues
{
    /**
     * @param  array<string, Values>  $levels  what is set at each level, by its name
     */
    private function __construct(
        public Registry $registry,
        private array $levels = [],
    ) {
    }

    public static function defaults(Registry $registry): self
    {
        return new self($registry);
    }

    /** The same with what a level sets; levels may be added in any order. */
    public function and(Level $level, Values $values): self
    {
        return new self($this->registry, [...$this->levels, $level->value => $values]);
    }

    /** What would hold without what a level sets. */
    public function without(Level $level): self
    {
        return new self($this->registry, array_diff_key($this->levels, [$level->value => true]));
    }

    /** @throws Refusal */
    public function value(string $key): int|float|string
    {
        $from = $this->from($key);

        return $from === null ? $this->registry->get($key)->default : $this->levels[$from->value]->own[$key];
    }

    /**
     * @return Level|null the level that the value comes from; null for the default
     *
     * @throws Refusal
     */
    public function from(string $key): ?Level
    {
        $setting = $this->registry->get($key);
        foreach (array_reverse($setting->levels) as $level) {
            $values = $this->levels[$level->value] ?? null;
            if ($values?->has($key) === true && $setting->takes($values->own[$key])) {
                return $level;
            }
        }

        return null;
    }

    /** @throws Refusal */
    public function text(string $key): string
    {
        $value = $this->value($key);

        return is_string($value) ? $value : throw new LogicException("The setting $key is not a text.");
    }

    /** @throws Refusal */
    public function number(string $key): int
    {
        $value = $this->value($key);

        return is_int($value) ? $value : throw new LogicException("The setting $key is not a number.");
    }

    /**
     * @return int|null null where a word stands for the number
     *
     * @throws Refusal
     */
    public function numberOrNull(string $key): ?int
    {
        $value = $this->value($key);

        return is_int($value) ? $value : null;
    }
}
