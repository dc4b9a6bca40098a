<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use Locale;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Style\Styles;
use RapidReel\Plan\Choice\SecondCaptions;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;
use ResourceBundle;

/** The settings of captions in a second language: which, where, and how they look. */
final readonly class SecondCaptionSettings
{
    /** Keys of those that say how and where, once there are any. */
    public const FOLDED = ['second_place', 'second_style', 'second_size'];

    private const ABOVE = 'above';

    /**
     * Nobody says these words, so none of them is marked as said and they come all at once, as the lines of subtitles
     * do: two of them, of which each is read at a glance.
     */
    private const READ = [
        'spokenScale' => 100, 'emphasis' => 'none', 'emoji' => 'off', 'appear' => 'whole', 'lines' => 2, 'words' => 12,
        'letters' => 56, 'hold' => 600,
    ];

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<string, string>  $styles  names of own styles by id
     * @return list<Setting>
     */
    public static function of(array $levels, array $styles): array
    {
        return [
            new Setting(
                'second_captions', 'Second captions',
                new ChoiceType('language', [Registry::NONE => 'none'] + self::languages(), named: self::named(...)),
                Registry::NONE, $levels, Stale::Plan,
                Section::Captions->common('two languages bilingual translation subtitles'),
            ),
            new Setting(
                'second_place', 'They stand',
                new ChoiceType('place', ['below' => 'below the first', self::ABOVE => 'above the first']),
                'below', $levels, Stale::Plan,
                Section::Captions->rare('second captions two languages'),
            ),
            new Setting(
                'second_style', 'Style of the second',
                CaptionSettings::styles($styles), Styles::Rising->value, $levels, Stale::Plan,
                Section::Captions->rare('second captions two languages'),
            ),
            new Setting(
                'second_size', 'Height of their capitals',
                new NumberType('The height of capitals', 24, 120, 2, 'px'), 44, $levels, Stale::Plan,
                Section::Captions->rare('second captions two languages size'),
            ),
        ];
    }

    /**
     * @return SecondCaptions|null null where there are none
     *
     * @throws Refusal
     */
    public static function second(SettingValues $values): ?SecondCaptions
    {
        $language = $values->text('second_captions');
        if ($language === Registry::NONE) {
            return null;
        }
        $style = CaptionSettings::chosen($values, 'second_style', Styles::Rising);

        return new SecondCaptions(
            $language,
            $style->with([
                ...self::READ,
                'size' => $values->number('second_size'),
                'spokenColour' => $style->paint->fill,
                'plate' => $style->plate->kind === 'spoken' ? 'none' : $style->plate->kind,
            ]),
            $values->text('second_place') === self::ABOVE,
        );
    }

    /** @return array<string, string> all that ICU has a name for, by the primary part of their tags */
    private static function languages(): array
    {
        /** @var array<string, string>|null $all */
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach (array_filter(ResourceBundle::getLocales('') ?: [], is_string(...)) as $locale) {
                $tag = (string) Locale::getPrimaryLanguage($locale);
                $all[$tag] ??= LanguageFinder::name($tag);
            }
            asort($all);
        }

        return $all;
    }

    /** “de-AT” is German as well. */
    private static function named(string $written): string
    {
        return WrittenAs::primary($written);
    }
}
