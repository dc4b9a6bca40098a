<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\Refusal;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Style\StyleFields;
use RapidReel\Captions\Style\Styles;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\ColourType;
use RapidReel\Plan\Settings\Type\NumberType;
use RapidReel\Plan\Settings\Type\SettingType;
use RapidReel\Plan\Settings\Type\StylesType;

/**
 * The settings of captions: the style, whether there are any, and everything a style is made of, which may be set by
 * itself at any level; unless it is, it is as the style has it.
 */
final readonly class CaptionSettings
{
    /** Stands for "as the style has it". */
    public const AS_STYLE = 'style';

    private const SAYS = 'as in the style';

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<string, string>  $faces  names by id
     * @param  array<string, string>  $styles  names of own styles by id
     * @return list<Setting>
     */
    public static function of(array $levels, array $faces, array $styles): array
    {
        $settings = [
            new Setting(
                'caption_style',
                'Captions',
                self::styles($styles),
                Styles::Marked->value,
                $levels,
                Stale::Plan,
                Section::Captions->common('subtitles text preset'),
                aliases: ['captions'],
            ),
            new Setting(
                'captions_shown',
                'Captions shown',
                new ChoiceType('way to show captions', ['on' => 'shown', 'off' => 'left out']),
                'on',
                $levels,
                Stale::Plan,
                Section::Captions->common('subtitles on off'),
            ),
            new Setting(
                'caption_styles',
                'Own caption styles',
                new StylesType,
                '{}',
                [Level::Channel],
                Stale::Plan,
                Section::Captions->apart(),
            ),
        ];
        foreach (StyleFields::ALL as $name => [$label]) {
            $settings[] = new Setting(
                StyleFields::setting($name),
                $label,
                self::type($name, $label, $faces),
                self::AS_STYLE,
                $levels,
                Stale::Plan,
                Section::Captions->rare('subtitles'),
            );
        }

        return $settings;
    }

    /** @throws Refusal */
    public static function style(SettingValues $values): ?CaptionStyle
    {
        if ($values->value('captions_shown') === 'off') {
            return null;
        }
        $style = self::chosen($values, 'caption_style', Styles::Marked);
        $set = [];
        foreach (array_keys(StyleFields::ALL) as $name) {
            $value = $values->value(StyleFields::setting($name));
            if ($value !== self::AS_STYLE) {
                $set[$name] = $value;
            }
        }

        return $set === [] ? $style : $style->with($set);
    }

    /** @param  array<string, string>  $own  names of own styles by id */
    public static function styles(array $own): ChoiceType
    {
        $labels = [];
        foreach (Styles::cases() as $style) {
            $labels[$style->value] = $style->label();
        }

        return new ChoiceType('caption style', $labels + $own);
    }

    /**
     * The style that a setting names: one of ours or one of the channel's own.
     *
     * @throws Refusal
     */
    public static function chosen(SettingValues $values, string $key, Styles $usual): CaptionStyle
    {
        $chosen = $values->text($key);
        $own = StylesType::all($values->text('caption_styles'))[$chosen] ?? null;

        return $own === null
            ? (Styles::tryFrom($chosen) ?? $usual)->style()
            : (new CaptionStyle)->with($own['values']);
    }

    /** @param  array<string, string>  $faces */
    private static function type(string $name, string $label, array $faces): SettingType
    {
        $range = StyleFields::ALL[$name][2];
        if ($range === StyleFields::COLOUR) {
            return new ColourType($label, self::AS_STYLE, self::SAYS);
        }
        if (is_array($range) && array_is_list($range)) {
            return new NumberType(
                "“{$label}” of captions",
                $range[0],
                $range[1],
                $range[2],
                $range[3],
                self::AS_STYLE,
                self::SAYS,
                $name === 'height' ? StyleFields::HEIGHTS : [],
            );
        }

        return new ChoiceType(
            "“{$label}” of captions",
            [self::AS_STYLE => self::SAYS] + ($range === StyleFields::FACE ? $faces : StyleFields::options($name)),
        );
    }
}
