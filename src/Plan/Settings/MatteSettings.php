<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\Refusal;
use RapidReel\Pictures\Matte\BehindKind;
use RapidReel\Pictures\Matte\MatteChoice;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\ColourType;
use RapidReel\Plan\Settings\Type\NumberType;

/** The settings of subjects that stand before a plain ground. */
final class MatteSettings
{
    private const ON = 'taken';

    private const FOUND = 'found';

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<array-key, string>  $pictures  names of footage that may stand behind, by id
     * @return list<Setting>
     */
    public static function of(array $levels, array $pictures): array
    {
        $behind = [
            BehindKind::Gradient->value => BehindKind::Gradient->label(),
            BehindKind::Blur->value => BehindKind::Blur->label(),
        ];

        return [
            new Setting(
                'key', 'Plain background', new ChoiceType('way', [Registry::NONE => 'kept', self::ON => 'removed']),
                Registry::NONE, $levels, Stale::Plan,
                Section::Pictures->common('green screen chroma key background'),
            ),
            new Setting(
                'key_colour', 'Colour of the background',
                new ColourType('The colour of a ground', self::FOUND, 'found by itself', true), self::FOUND,
                $levels, Stale::Plan,
                Section::Pictures->rare('green screen chroma key'),
            ),
            new Setting(
                'key_behind', 'Replaced by', new ChoiceType('ground', $behind + $pictures), BehindKind::Gradient->value,
                $levels, Stale::Plan,
                Section::Pictures->rare('green screen background'),
            ),
            new Setting(
                'key_spill', 'Colour spill removed',
                new NumberType('The light taken off a subject', 0, 100, 5, '%'), 80, $levels, Stale::Plan,
                Section::Pictures->rare('green screen'),
            ),
        ];
    }

    /**
     * @return MatteChoice|null null where plain grounds stay
     *
     * @throws Refusal
     */
    public static function choice(SettingValues $values): ?MatteChoice
    {
        if ($values->value('key') !== self::ON) {
            return null;
        }
        $colour = (string) $values->value('key_colour');

        return new MatteChoice(
            $colour === self::FOUND ? null : $colour,
            (string) $values->value('key_behind'),
            (int) $values->value('key_spill'),
            [(string) $values->value('ground_top'), (string) $values->value('ground_bottom')],
        );
    }
}
