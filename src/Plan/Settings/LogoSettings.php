<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Plan\Cut\CutLogo;
use RapidReel\Plan\Cut\LogoPlace;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;

/** The settings of the logo over shorts. */
final class LogoSettings
{
    public const KEYS = ['logo', 'logo_place', 'logo_size', 'logo_opacity', 'logo_when'];

    private const GROUP = 'logo';

    private const END = 'end';

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<array-key, string>  $logos  names by the hash of each picture
     * @return list<Setting>
     */
    public static function of(array $levels, array $logos): array
    {
        $seen = [Stale::Plan, Stale::Pixels];
        $places = [];
        foreach (LogoPlace::cases() as $place) {
            $places[$place->value] = $place->label();
        }

        return [
            new Setting(
                'logo', 'Logo', new ChoiceType('logo', [Registry::NONE => 'none'] + $logos), Registry::NONE, $levels,
                $seen,
            ),
            new Setting(
                'logo_place', 'Place of the logo', new ChoiceType('place', $places), LogoPlace::TopLeft->value, $levels,
                $seen, group: self::GROUP,
            ),
            new Setting(
                'logo_size', 'Width of the logo', new NumberType('A logo', 5, 80, 1, '%'), 18, $levels, $seen,
                group: self::GROUP,
            ),
            new Setting(
                'logo_opacity', 'How opaque the logo is', new NumberType('A logo', 3, 100, 1, '%'), 90, $levels, $seen,
                group: self::GROUP,
            ),
            new Setting(
                'logo_when', 'The logo is there',
                new ChoiceType('time', ['always' => 'always', self::END => 'with the last scene']), 'always', $levels,
                $seen, group: self::GROUP,
            ),
        ];
    }

    /** @param  array<array-key, array{int, int}>  $logos  width and height by the hash of each picture */
    public static function logo(Settled $settled, array $logos): ?CutLogo
    {
        $picture = (string) $settled->value('logo');
        if (! isset($logos[$picture])) {
            return null;
        }

        return new CutLogo(
            $picture,
            $logos[$picture][0],
            $logos[$picture][1],
            LogoPlace::from((string) $settled->value('logo_place')),
            (int) $settled->value('logo_size'),
            (int) $settled->value('logo_opacity'),
            $settled->value('logo_when') === self::END,
        );
    }
}
