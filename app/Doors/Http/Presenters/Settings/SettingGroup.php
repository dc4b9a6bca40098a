<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Settings;

use App\Doors\Http\Presenters\ScopeControl;
use RapidReel\Plan\Settings\Section;
use RapidReel\Plan\Settings\Setting;

/** The settings of one section at one place: those at hand, and those that few need. */
final readonly class SettingGroup
{
    /**
     * @param  non-empty-list<ScopeControl>  $controls
     * @param  list<ScopeControl>  $common
     * @param  list<ScopeControl>  $rare
     */
    private function __construct(
        public Section $section,
        public array $controls,
        public array $common,
        public array $rare,
    ) {
    }

    /**
     * @param  array<ScopeControl>  $controls
     * @return array<string, self> those sections that hold any, by section
     */
    public static function all(array $controls): array
    {
        $groups = [];
        foreach (Section::cases() as $section) {
            $own = array_values(array_filter(
                $controls,
                static fn (ScopeControl $one): bool => $one->setting->place->section === $section,
            ));
            if ($own !== []) {
                $isRare = static fn (ScopeControl $one): bool => $one->setting->isRare();
                $common = array_values(array_filter($own, static fn (ScopeControl $one): bool => ! $isRare($one)));
                $rare = array_values(array_filter($own, $isRare));
                // Where all are rare there is nothing to fold them behind.
                $groups[$section->value] = new self($section, $own, $common ?: $rare, $common === [] ? [] : $rare);
            }
        }

        return $groups;
    }

    /**
     * @param  array<string, Setting>  $settings
     * @return array<string, list<Setting>> by the name of their section
     */
    public static function bySection(array $settings): array
    {
        $sections = [];
        foreach (Section::cases() as $section) {
            $own = array_filter($settings, static fn (Setting $one): bool => $one->place->section === $section);
            $sections[$section->label()] = array_values($own);
        }

        return array_filter($sections);
    }

    /** How many are set at this place. */
    public function own(): int
    {
        return self::set($this->controls);
    }

    /** How many of those that are folded are set at this place. */
    public function ownFolded(): int
    {
        return self::set($this->rare);
    }

    /** @param  list<ScopeControl>  $controls */
    private static function set(array $controls): int
    {
        return count(array_filter($controls, static fn (ScopeControl $one): bool => $one->isOwn));
    }
}
