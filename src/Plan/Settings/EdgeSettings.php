<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\FrameGrid;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Choice\EdgeChoice;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;

/** The settings of what stands before shorts and after them. */
final class EdgeSettings
{
    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<array-key, string>  $openings  names of footage by id
     * @param  array<array-key, string>  $endings
     * @return list<Setting>
     */
    public static function of(array $levels, array $openings, array $endings): array
    {
        return [
            self::edge('opening', 'Opening', $openings, $levels),
            self::long('opening_ms', 'Length of the opening', 1_500, $levels),
            self::edge('ending', 'Ending', $endings, $levels),
            self::long('ending_ms', 'Length of the ending', 2_000, $levels),
        ];
    }

    /**
     * @param  array<array-key, string>  $footage
     * @param  non-empty-list<Level>  $levels
     */
    private static function edge(string $key, string $label, array $footage, array $levels): Setting
    {
        return new Setting(
            $key, $label, new ChoiceType($key, [Registry::NONE => 'none'] + $footage), Registry::NONE, $levels,
            Stale::Plan,
            Section::Edges->common('start end card before after'),
        );
    }

    /** @param  non-empty-list<Level>  $levels */
    private static function long(string $key, string $label, int $ms, array $levels): Setting
    {
        return new Setting(
            $key, $label, new NumberType($label, 300, 15_000, 100, 'ms'), $ms, $levels, Stale::Plan,
            Section::Edges->rare('duration'),
        );
    }

    /**
     * @return array{EdgeChoice|null, EdgeChoice|null} what stands before a short and after it
     *
     * @throws Refusal
     */
    public static function edges(SettingValues $values, FrameGrid $grid): array
    {
        $edge = static fn (string $key): ?EdgeChoice => $values->text($key) === Registry::NONE
            ? null
            : new EdgeChoice($values->text($key), $grid->msOf($grid->frameOf($values->number("{$key}_ms"))));

        return [$edge('opening'), $edge('ending')];
    }
}
