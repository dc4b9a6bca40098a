<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\SettingType;

/**
 * Something that may vary: what it is called, what values it takes, where it may be set, and what a change of it makes
 * stale.
 */
final readonly class Setting
{
    /**
     * @param  non-empty-list<Level>  $levels
     * @param  Stale|null  $stale  what a change of it makes stale; null for nothing
     * @param  list<string>  $aliases  other heads of columns that mean it
     */
    public function __construct(
        public string $key,
        public string $label,
        public SettingType $type,
        public int|float|string $default,
        public array $levels,
        public ?Stale $stale,
        public Place $place,
        public array $aliases = [],
    ) {
    }

    /** The same with other values. */
    public function taking(SettingType $type): self
    {
        return new self(
            $this->key, $this->label, $type, $this->default, $this->levels, $this->stale, $this->place, $this->aliases,
        );
    }

    public function isAt(Level $level): bool
    {
        return in_array($level, $this->levels, true);
    }

    /** Whether a value that was set once can be meant still: what was chosen may have gone since. */
    public function takes(int|float|string $value): bool
    {
        return ! $this->type instanceof ChoiceType || $this->type->stands($value);
    }

    public function isMain(): bool
    {
        return $this->place->standing === Standing::First;
    }

    /** Whether it stands on every page. */
    public function isCommon(): bool
    {
        return in_array($this->place->standing, [Standing::First, Standing::Common], true);
    }

    public function isRare(): bool
    {
        return $this->place->standing === Standing::Rare;
    }

    /** Whether a shot of this kind has it. */
    public function isOf(bool $isClip): bool
    {
        return in_array($this->place->ofClips, [null, $isClip], true);
    }

    /** All by which it is looked for, in small letters: its label, its section, what it can be set to. */
    public function words(): string
    {
        return mb_strtolower(implode(' ', [
            $this->label, $this->place->section->label(), $this->place->words, ...$this->aliases,
            ...$this->type instanceof ChoiceType ? array_values($this->type->options) : [],
        ]));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'key' => $this->key,
            'label' => $this->label,
            ...$this->type->toArray(),
            'default' => $this->default,
            'levels' => array_map(static fn (Level $level): string => $level->value, $this->levels),
            'section' => $this->place->section->value,
            'makes_stale' => $this->stale?->value,
        ];
    }
}
