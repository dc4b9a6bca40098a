<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\FrameGrid;
use RapidReel\Base\TargetProfile;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Plan\Cut\CutEdge;
use RapidReel\Plan\Cut\IntroOutro;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;

/** The settings of what stands before shorts and after them. */
final class EdgeSettings
{
    public const KEYS = ['opening', 'opening_ms', 'ending', 'ending_ms'];

    private const GROUP = 'edges';

    private const STALE = [Stale::Plan, Stale::Pixels, Stale::Sound];

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
            self::STALE,
        );
    }

    /** @param  non-empty-list<Level>  $levels */
    private static function long(string $key, string $label, int $ms, array $levels): Setting
    {
        return new Setting(
            $key, $label, new NumberType($label, 300, 15_000, 100, 'ms'), $ms, $levels, self::STALE,
            group: self::GROUP,
        );
    }

    /** @param  array<array-key, Footage>  $footage  at hand, by id; what is not there is left out */
    public static function around(Settled $settled, array $footage): IntroOutro
    {
        $edge = static function (string $key) use ($settled, $footage): ?CutEdge {
            $one = $footage[(string) $settled->value($key)] ?? null;

            return $one === null ? null : new CutEdge(
                $one->fingerprint, $one->kind, $one->width, $one->height, self::msOf($settled, $key),
            );
        };

        return new IntroOutro($edge('opening'), $edge('ending'));
    }

    /** @return array{int, int} how long both are seen, in ms, as far as it is known without footage */
    public static function lengths(Settled $settled): array
    {
        $ms = static fn (string $key): int => $settled->value($key) === Registry::NONE
            ? 0
            : self::msOf($settled, $key);

        return [$ms('opening'), $ms('ending')];
    }

    private static function msOf(Settled $settled, string $key): int
    {
        $grid = new FrameGrid(TargetProfile::FPS);

        return $grid->msOf($grid->frameOf((int) $settled->value("{$key}_ms")));
    }
}
