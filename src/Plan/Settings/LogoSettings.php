<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Choice\LogoChoice;
use RapidReel\Plan\Choice\LogoPlace;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;

/** The settings of the logo over shorts. */
final class LogoSettings
{
    private const END = 'end';

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<array-key, string>  $logos  names by the hash of each picture
     * @return list<Setting>
     */
    public static function of(array $levels, array $logos): array
    {
        $places = [];
        foreach (LogoPlace::cases() as $place) {
            $places[$place->value] = $place->label();
        }

        return [
            new Setting(
                'logo', 'Logo', new ChoiceType('logo', [Registry::NONE => 'none'] + $logos), Registry::NONE, $levels,
                Stale::Plan,
                Section::Logo->common('watermark brand'),
            ),
            new Setting(
                'logo_place', 'Place of the logo', new ChoiceType('place', $places), LogoPlace::TopLeft->value, $levels,
                Stale::Plan,
                Section::Logo->common('corner watermark position'),
            ),
            new Setting(
                'logo_size', 'Width of the logo', new NumberType('A logo', 5, 80, 1, '%'), 18, $levels, Stale::Plan,
                Section::Logo->common('watermark scale'),
            ),
            new Setting(
                'logo_opacity', 'How opaque the logo is', new NumberType('A logo', 3, 100, 1, '%'), 90, $levels,
                Stale::Plan,
                Section::Logo->rare('watermark transparent'),
            ),
            new Setting(
                'logo_when', 'The logo is there',
                new ChoiceType('time', ['always' => 'always', self::END => 'with the last scene']), 'always', $levels,
                Stale::Plan,
                Section::Logo->rare('watermark time'),
            ),
        ];
    }

    /**
     * @return LogoChoice|null null where there is none
     *
     * @throws Refusal
     */
    public static function logo(SettingValues $values): ?LogoChoice
    {
        return $values->text('logo') === Registry::NONE ? null : new LogoChoice(
            $values->text('logo'),
            LogoPlace::from($values->text('logo_place')),
            $values->number('logo_size'),
            $values->number('logo_opacity'),
            $values->text('logo_when') === self::END,
        );
    }
}
