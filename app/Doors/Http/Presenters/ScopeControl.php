<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use RapidReel\Captions\Style\StyleFields;
use RapidReel\Plan\Settings\CaptionSettings;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Setting;
use RapidReel\Plan\Settings\SettingValues;

/** One setting at one place: its value, where that comes from, and what can be done with it. */
final readonly class ScopeControl
{
    public string $label;

    public string $value;

    public string $says;

    /** By which it is looked for */
    public string $words;

    /** Where it comes from, in words. */
    public string $from;

    public bool $isOwn;

    /** What it would be without its own value, in words. */
    public string $inherited;

    /** @var list<Level> wider levels that it can be used for as a whole */
    public array $wider;

    /** @param  list<int>  $ids  of what is set */
    private function __construct(
        public Setting $setting,
        public Level $level,
        public int $channel,
        public array $ids,
        public string $of,
        SettingValues $here,
        SettingValues $above,
        int|string|null $ofStyle,
    ) {
        $this->label = $setting->label;
        $value = $here->value($setting->key);
        $from = $here->from($setting->key);
        $isOfStyle = $ofStyle !== null && $value === CaptionSettings::AS_STYLE;
        $value = $isOfStyle ? $ofStyle : $value;
        $this->value = (string) $value;
        $this->words = $setting->words();
        $this->says = $setting->type->says($value);
        $this->isOwn = $from === $level;
        $this->from = match ($from) {
            $level => 'set here',
            null => $isOfStyle ? 'from the style' : 'default',
            default => 'from '.$from->owner(),
        };
        $this->inherited = $setting->type->says($above->value($setting->key));
        $this->wider = array_values(array_reverse(array_filter($level->wider(), $setting->isAt(...))));
    }

    /**
     * @param  SettingValues  $here  what holds there
     * @param  SettingValues  $above  what would hold without it
     * @param  int  $id  of what is set
     * @param  string  $of  what it is the setting of, for a label: "scene 3"
     * @param  array<string>|null  $keys  null for all that may be set there and have no page of their own
     * @param  array<string, int|string>  $style  the caption style that holds, for what is left to it; by field
     * @return array<string, self> by key
     */
    public static function all(
        Level $level,
        SettingValues $here,
        SettingValues $above,
        int $channel,
        int $id,
        string $of,
        ?array $keys = null,
        array $style = [],
    ): array {
        $fields = [];
        foreach ($style as $name => $value) {
            $fields[StyleFields::setting($name)] = $value;
        }
        $controls = [];
        foreach ($keys === null ? $here->registry->shown($level) : $here->registry->at($level) as $key => $setting) {
            if ($keys === null || in_array($key, $keys, true)) {
                $controls[$key] = new self(
                    $setting, $level, $channel, [$id], $of, $here, $above, $fields[$key] ?? null,
                );
            }
        }

        return $controls;
    }

    /** What its buttons send. */
    public function request(): string
    {
        return json_encode(
            [
                'channel' => $this->channel,
                'level' => $this->level->value,
                'ids' => $this->ids,
                'key' => $this->setting->key,
            ],
            JSON_THROW_ON_ERROR,
        );
    }

    /** What its element is called: another one as soon as anything about it is. */
    public function name(): string
    {
        $shown = hash('xxh32', $this->request().$this->value.$this->from.$this->inherited);

        return sprintf('set-%s-%d-%s-%s', $this->level->value, $this->ids[0], $this->setting->key, $shown);
    }

    /** Where one of its actions leads, in words. */
    public static function wholeOf(Level $level): string
    {
        return 'Use for the whole '.$level->value;
    }
}
