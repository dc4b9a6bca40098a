<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\Colour\Grade;
use RapidReel\Base\Colour\Looks;
use RapidReel\Base\Colour\TableUse;
use RapidReel\Base\Colour\Texture;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;

/** The settings of the look of pictures: a look to begin from and how much of it, with what is set beside it. */
final class LookSettings
{
    /** Those that stand beside the look, by the field of a grade that each adds to. */
    private const FIELDS = [
        'exposure' => ['Exposure', 'Exposure', -100],
        'contrast' => ['Contrast', 'Contrast', -100],
        'saturation' => ['Saturation', 'Saturation', -100],
        'warmth' => ['Warmth', 'Warmth', -100],
        'fade' => ['Faded', 'A fade', 0],
        'vignette' => ['Darker corners', 'What corners are darkened by', 0],
        'grain' => ['Grain', 'Grain', 0],
        'sharpen' => ['Sharpened', 'Sharpening', 0],
    ];

    /**
     * @param  non-empty-list<Level>  $levels
     * @param  array<array-key, string>  $tables  names of colour tables by id
     * @return list<Setting>
     */
    public static function of(array $levels, array $tables): array
    {
        $own = [];
        foreach (self::FIELDS as $key => [$label, $what, $least]) {
            $own[] = new Setting(
                "look_$key", $label, new NumberType($what, $least, 100, 1, '%'), 0, $levels, Stale::Plan,
                Section::Look->rare('grade colours'),
            );
        }

        return [
            new Setting(
                'look', 'Look', new ChoiceType('look', [Registry::NONE => 'as it is'] + Looks::labels()),
                Registry::NONE, $levels, Stale::Plan,
                Section::Look->common('filter grade colours'),
            ),
            new Setting(
                'look_strength', 'How much of the look', new NumberType('The strength of a look', 0, 100, 5, '%'), 100,
                $levels, Stale::Plan,
                Section::Look->rare('filter intensity'),
            ),
            ...$own,
            new Setting(
                'look_table', 'Colour table', new ChoiceType('colour table', [Registry::NONE => 'none'] + $tables),
                Registry::NONE, $levels, Stale::Plan,
                Section::Look->rare('lut cube grade'),
            ),
            new Setting(
                'look_table_strength', 'How much of the table',
                new NumberType('The strength of a colour table', 0, 100, 5, '%'), 100, $levels, Stale::Plan,
                Section::Look->rare('lut cube grade'),
            ),
        ];
    }

    /**
     * @return Grade|null null where pictures stay as they are
     *
     * @throws Refusal
     */
    public static function grade(SettingValues $values): ?Grade
    {
        $number = static fn (string $key): int => (int) $values->value("look_$key");
        $table = (string) $values->value('look_table');
        $grade = Looks::of((string) $values->value('look'))->weakened($number('strength') / 100)->and(new Grade(
            $number('exposure'), $number('contrast'), 100 + $number('saturation'), $number('warmth'), $number('fade'),
            new Texture($number('vignette'), $number('grain'), $number('sharpen')),
            new TableUse($table === Registry::NONE ? '' : $table, $number('table_strength')),
        ));

        return $grade->isPlain() ? null : $grade;
    }
}
