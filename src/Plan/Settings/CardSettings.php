<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\Refusal;
use RapidReel\Captions\Card\CardChoice;
use RapidReel\Captions\Card\CardMotion;
use RapidReel\Plan\Choice\ProgressLine;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\ColourType;
use RapidReel\Plan\Settings\Type\NumberType;
use RapidReel\Plan\Settings\Type\TextType;

/** The settings of cards over the picture, and of the line that shows how far a short has gone. */
final class CardSettings
{
    private const TOP = 'top';

    private const BOTTOM = 'bottom';

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<array-key, string>  $faces  names by id
     * @return list<Setting>
     */
    public static function of(array $levels, array $faces): array
    {

        return [
            new Setting(
                'title_card', 'Title over the hook',
                new NumberType('A title over the hook', 500, 10_000, 100, 'ms', Registry::NONE, 'none'),
                Registry::NONE, $levels, Stale::Plan,
                Section::Cards->common('headline text'),
            ),
            new Setting(
                'pointer', 'Call to action at the close', new TextType('A pointer', 60), '', $levels, Stale::Plan,
                Section::Cards->common('call to action follow subscribe'),
            ),
            new Setting(
                'card_face', 'Typeface of cards', new ChoiceType('face', ['condensed' => 'Condensed'] + $faces),
                'condensed', $levels, Stale::Plan,
                Section::Cards->rare('font'),
            ),
            new Setting(
                'card_colour', 'Text of cards', new ColourType('A colour'), 'FFFFFF', $levels, Stale::Plan,
                Section::Cards->rare('text'),
            ),
            new Setting(
                'card_plate', 'Plate behind cards', new ColourType('A colour'), '14202B', $levels, Stale::Plan,
                Section::Cards->rare('background box'),
            ),
            new Setting(
                'card_motion', 'How cards come in', new ChoiceType('motion', CardMotion::labels()),
                CardMotion::Rise->value,
                $levels, Stale::Plan,
                Section::Cards->rare('animation'),
            ),
            new Setting(
                'progress', 'Progress line',
                new ChoiceType('place', [
                    Registry::NONE => 'none', self::TOP => 'along the top', self::BOTTOM => 'along the bottom',
                ]),
                Registry::NONE, $levels, Stale::Plan,
                Section::Cards->common('bar'),
            ),
            new Setting(
                'progress_colour', 'Colour of the progress line', new ColourType('A colour'), 'FFC247', $levels,
                Stale::Plan,
                Section::Cards->rare('bar'),
            ),
        ];
    }

    /** @throws Refusal */
    public static function cards(SettingValues $values): CardChoice
    {
        $title = $values->value('title_card');

        return new CardChoice(
            is_int($title) ? $title : 0,
            (string) $values->value('pointer'),
            (string) $values->value('card_face'),
            (string) $values->value('card_colour'),
            (string) $values->value('card_plate'),
            CardMotion::from((string) $values->value('card_motion')),
        );
    }

    /**
     * @return ProgressLine|null null where there is none
     *
     * @throws Refusal
     */
    public static function progress(SettingValues $values): ?ProgressLine
    {
        $place = $values->value('progress');

        return $place === Registry::NONE
            ? null
            : new ProgressLine($place === self::TOP, (string) $values->value('progress_colour'));
    }
}
