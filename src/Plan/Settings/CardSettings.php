<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Captions\Card\CardChoice;
use RapidReel\Captions\Card\CardMotion;
use RapidReel\Plan\Cut\ProgressLine;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\ColourType;
use RapidReel\Plan\Settings\Type\NumberType;
use RapidReel\Plan\Settings\Type\TextType;

/** The settings of cards over the picture, and of the line that shows how far a short has gone. */
final class CardSettings
{
    public const KEYS = [
        'title_card', 'pointer', 'card_face', 'card_colour', 'card_plate', 'card_motion', 'progress', 'progress_colour',
    ];

    private const GROUP = 'cards';

    private const TOP = 'top';

    private const BOTTOM = 'bottom';

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<array-key, string>  $faces  names by id
     * @return list<Setting>
     */
    public static function of(array $levels, array $faces): array
    {
        $seen = [Stale::Plan, Stale::Pixels];

        return [
            new Setting(
                'title_card', 'Title over the hook',
                new NumberType('A title over the hook', 500, 10_000, 100, 'ms', Registry::NONE, 'none'),
                Registry::NONE, $levels, $seen,
            ),
            new Setting('pointer', 'Pointer at the close', new TextType('A pointer', 60), '', $levels, $seen),
            new Setting(
                'card_face', 'Face of cards', new ChoiceType('face', ['condensed' => 'Condensed'] + $faces),
                'condensed', $levels, $seen, group: self::GROUP,
            ),
            new Setting(
                'card_colour', 'Letters of cards', new ColourType('A colour'), 'FFFFFF', $levels, $seen,
                group: self::GROUP,
            ),
            new Setting(
                'card_plate', 'Plate of cards', new ColourType('A colour'), '14202B', $levels, $seen,
                group: self::GROUP,
            ),
            new Setting(
                'card_motion', 'How they come', new ChoiceType('motion', CardMotion::labels()), CardMotion::Rise->value,
                $levels, $seen, group: self::GROUP,
            ),
            new Setting(
                'progress', 'Line of progress',
                new ChoiceType('place', [
                    Registry::NONE => 'none', self::TOP => 'along the top', self::BOTTOM => 'along the bottom',
                ]),
                Registry::NONE, $levels, $seen,
            ),
            new Setting(
                'progress_colour', 'Colour of that line', new ColourType('A colour'), 'FFC247', $levels, $seen,
                group: self::GROUP,
            ),
        ];
    }

    public static function cards(Settled $settled): CardChoice
    {
        $title = $settled->value('title_card');

        return new CardChoice(
            is_int($title) ? $title : 0,
            (string) $settled->value('pointer'),
            (string) $settled->value('card_face'),
            (string) $settled->value('card_colour'),
            (string) $settled->value('card_plate'),
            CardMotion::from((string) $settled->value('card_motion')),
        );
    }

    /** @return ProgressLine|null null where there is none */
    public static function progress(Settled $settled): ?ProgressLine
    {
        $place = $settled->value('progress');

        return $place === Registry::NONE
            ? null
            : new ProgressLine($place === self::TOP, (string) $settled->value('progress_colour'));
    }
}
