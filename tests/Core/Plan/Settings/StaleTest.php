<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Settings;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Plain;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\Targets;
use RapidReel\Base\Values;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\OfferedLooks;
use RapidReel\Plan\Settings\OfferedSounds;
use RapidReel\Plan\Settings\OfferedVoices;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\Setting;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Plan\Settings\Stale;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;
use RapidReel\Plan\Settings\Type\TargetsType;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;

/** What a plan is made with, and so the hash by which it is fresh, changes with a setting as the registry says. */
final class StaleTest extends TestCase
{
    /** Everything is there to be seen and heard, so that each part of it counts. */
    private const ALL_ON = [
        'key' => 'taken', 'transition' => 'dissolve', 'logo' => 'def', 'opening' => '5', 'ending' => '6',
        'look' => 'daybreak', 'look_table' => 'abc', 'progress' => 'top', 'title_card' => 2_000,
        'caption_style' => 'own-night', 'caption_styles' => '{"own-night":{"name":"Night","values":{"size":90}}}',
        'motion_strength' => 12, 'profile' => 'own-quay', 'second_captions' => 'de',
    ];

    private static function registry(): Registry
    {
        return Registry::of(
            new OfferedVoices(['aldous' => 'Aldous', 'brenna' => 'Brenna'], 'aldous'),
            new OfferedSounds(['7' => 'Slow tide'], ['bell' => 'Bell']),
            new OfferedLooks(
                ['plain' => 'Plain'], ['own-night' => 'Night'], ['abc' => 'Cold', 'bcd' => 'Warm'],
                ['def' => 'Beacon', 'fed' => 'Bell'],
                ['behind' => ['4' => 'Dusk'], 'opening' => ['5' => 'Sting', '8' => 'Horn'], 'ending' => ['6' => 'End']],
            ),
            new Targets([new Target('own-quay', 'Quay')]),
        );
    }

    private static function base(): SettingValues
    {
        return SettingValues::defaults(self::registry())->and(Level::Channel, new Values(self::ALL_ON));
    }

    /** Of a short with a hook and another scene, and of a shot that has something of its own. */
    private static function hash(SettingValues $values): string
    {
        $above = $values->without(Level::Shot);

        return Plain::hash(
            SettingsReader::short($above->without(Level::Scene)),
            SettingsReader::scene($above, new Scene(SceneRole::Hook, 'One light burned.')),
            SettingsReader::scene($above, new Scene(SceneRole::Beat, 'Nobody saw it.')),
            SettingsReader::shot($values),
        );
    }

    /** @return non-empty-list<int|float|string> */
    private static function others(Setting $setting, int|float|string $value): array
    {
        $type = $setting->type;
        $others = match (true) {
            $type instanceof ChoiceType => array_map(strval(...), array_keys($type->options)),
            $type instanceof NumberType => [$type->least, $type->most],
            default => [match ($setting->key) {
                'caption_styles' => (string) json_encode(['own-night' => [
                    'name' => 'Night', 'values' => (new CaptionStyle)->with(['size' => 70])->toArray(),
                ]]),
                'music_line' => '2.5:-3',
                'split' => 'line',
                'cadence', 'hook_cadence' => 'seconds:2',
                'pointer' => 'Read on below',
                'severities' => 'hook-late stops',
                'file_names', 'title_text', 'description_text' => $setting->key === 'file_names' ? '{slug}' : '{title}',
                'zone' => 'Europe/Lisbon',
                'more_targets' => 'upto-90,upto-180',
                'own_targets' => (new TargetsType)->read((string) json_encode(['own-quay' => [
                    ...(new Target('own-quay', 'Quay'))->toArray(), 'loudness' => -18.0,
                ]])),
                default => '112233',
            }],
        };
        $others = array_values(array_filter($others, static fn (int|string $other): bool => $other !== $value));

        return $others === [] ? self::fail("There is no other value of {$setting->key}.") : $others;
    }

    public function test_every_setting_at_every_level_makes_stale_what_the_registry_says(): void
    {
        $before = self::hash(self::base());
        $checked = 0;
        foreach (self::registry()->all() as $key => $setting) {
            foreach ($setting->levels as $level) {
                // A part of a style may be set to what it is already.
                $isOther = false;
                foreach (self::others($setting, self::base()->value($key)) as $other) {
                    $own = $level === Level::Channel ? [...self::ALL_ON, $key => $other] : [$key => $other];
                    $after = self::base()->and($level, new Values($own));
                    self::assertSame($other, $after->value($key));
                    $isOther = $isOther || self::hash($after) !== $before;
                }
                self::assertSame($setting->stale === Stale::Plan, $isOther, "$key at {$level->value}");
                $checked++;
            }
        }
        self::assertGreaterThan(300, $checked);
    }

    public function test_what_is_set_and_cannot_be_seen_leaves_the_plan_as_it_is(): void
    {
        $off = self::base()->and(Level::Batch, new Values([
            'key' => 'none', 'logo' => 'none', 'progress' => 'none', 'transition' => 'cut', 'captions_shown' => 'off',
        ]));
        $set = $off->and(Level::Short, new Values([
            'key_spill' => 5, 'logo_size' => 40, 'progress_colour' => '445566', 'transition_ms' => 400,
            'caption_size' => 60, 'caption_styles' => '',
        ]));

        self::assertSame(self::hash($off), self::hash($set));
    }
}
