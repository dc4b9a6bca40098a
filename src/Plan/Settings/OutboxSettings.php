<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\PatternType;
use RapidReel\Plan\Settings\Type\TextType;
use RapidReel\Plan\Settings\Type\ZoneType;

/** What holds for all that leaves a channel: the hours it goes by, and the texts beside it. */
final class OutboxSettings
{
    /** What can be filled into titles and descriptions */
    public const FIELDS = ['hook', 'title', 'beats', 'close', 'standing', 'tags', 'channel', 'batch', 'number'];

    public const LONGEST_PATTERN = 600;

    public const POST = 'post';

    public const ASK = 'ask';

    /** Whether it was cleared or not */
    public const ALL = 'all';

    /** @return list<Setting> */
    public static function all(): array
    {
        $toBatch = [Level::Channel, Level::Batch];

        return [
            self::one('zone', 'Time zone', new ZoneType, 'UTC', [Level::Channel]),
            self::one('late', 'What missed its hour', new ChoiceType('rule', [
                self::POST => 'is posted late', self::ASK => 'asks first',
            ]), self::POST, [Level::Channel]),
            self::one('leaves', 'What may leave', new ChoiceType('rule', [
                'cleared' => 'what is cleared', self::ALL => 'whatever nothing stops',
            ]), 'cleared', [Level::Channel]),
            self::one('title_text', 'Titles', new PatternType(self::FIELDS, self::LONGEST_PATTERN), '{hook}', $toBatch),
            self::one(
                'description_text', 'Descriptions', new PatternType(self::FIELDS, self::LONGEST_PATTERN),
                '{beats} / {standing}', $toBatch,
            ),
            self::one('standing_lines', 'Lines that always stand there', new TextType('That', 1_000), '', $toBatch),
            self::one('standing_tags', 'Tags that are always there', new TextType('That', 500), '', $toBatch),
        ];
    }

    /** @param  non-empty-list<Level>  $levels */
    private static function one(
        string $key,
        string $label,
        Type\SettingType $type,
        string $default,
        array $levels,
    ): Setting {
        return new Setting(
            $key, $label, $type, $default, $levels, null,
            Section::Posts->rare('outlet publish schedule'),
        );
    }
}
