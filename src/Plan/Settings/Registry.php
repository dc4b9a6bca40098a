<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\FrameShape;
use RapidReel\Base\NamePattern;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Targets;
use RapidReel\Base\Values;
use RapidReel\Pictures\Framing\Framing;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Pace\ShotPlanner;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\ColourType;
use RapidReel\Plan\Settings\Type\NamesType;
use RapidReel\Plan\Settings\Type\NumberType;
use RapidReel\Plan\Settings\Type\SeveralType;
use RapidReel\Plan\Settings\Type\SeveritiesType;
use RapidReel\Plan\Settings\Type\SplitType;
use RapidReel\Plan\Settings\Type\TargetsType;
use RapidReel\Plan\Settings\Type\TextType;
use RapidReel\Text\Script\SplitRule;
use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\SpeechRate;

/**
 * Every setting there is. Whatever sets, shows, stores or reads one goes by this list: a new setting is a new entry
 * here and whoever reads it.
 */
final readonly class Registry
{
    public const USUAL_PAUSE = 'usual';

    public const LEFT = 'left';

    public const AUTOMATIC = 'auto';

    public const NONE = 'none';

    public const MATCHED = 'others';

    public const EVEN = 'even';

    public const NEEDED = 'needed';

    private const MOST_FORBIDDEN = 2_000;

    /** @param  array<string, Setting>  $settings  by key */
    private function __construct(private array $settings)
    {
    }

    public static function of(
        OfferedVoices $voices,
        OfferedSounds $sounds = new OfferedSounds,
        OfferedLooks $looks = new OfferedLooks,
        Targets $targets = new Targets,
    ): self {
        $toScene = [Level::Channel, Level::Batch, Level::Short, Level::Scene];
        $toShort = [Level::Channel, Level::Batch, Level::Short];
        $list = [
            new Setting(
                'voice',
                'Voice',
                new ChoiceType('voice', $voices->names, $voices->languages, isKept: true),
                $voices->usual,
                $toScene,
                Stale::Plan,
                Section::Voice->first('speaker narrator language'),
            ),
            new Setting(
                'profile',
                'Target',
                self::targets($targets),
                Targets::USUAL,
                $toShort,
                Stale::Plan,
                Section::Files->first('length loudness platform size'),
                aliases: ['target'],
            ),
            new Setting(
                'more_targets',
                'Also made for',
                new SeveralType(self::targets($targets)),
                '',
                $toShort,
                Stale::Plan,
                Section::Files->common('another second target'),
                aliases: ['targets'],
            ),
            new Setting(
                'own_targets',
                'Own targets',
                new TargetsType,
                '{}',
                [Level::Channel],
                Stale::Plan,
                Section::Files->apart(),
            ),
            new Setting(
                'file_names', 'Names of files', new NamesType, NamePattern::USUAL, [Level::Channel, Level::Batch], null,
                Section::Files->common('export download'),
            ),
            new Setting(
                'severities', 'What stops a short', new SeveritiesType, '', $toShort, null,
                Section::Words->apart(),
            ),
            new Setting(
                'forbidden', 'Words that are not said', new TextType('The list of words', self::MOST_FORBIDDEN), '',
                $toShort, null,
                Section::Words->common('banned blacklist swear'),
            ),
            new Setting(
                'shape',
                'Shape of the frame',
                self::shapes(),
                FrameShape::Upright->value,
                $toShort,
                Stale::Plan,
                Section::Framing->common('aspect ratio square landscape vertical'),
                aliases: ['aspect'],
            ),
            new Setting(
                'split',
                'Scenes',
                new SplitType(),
                (string) SplitRule::sentence(),
                $toShort,
                Stale::Words,
                Section::Words->first('cut sentences beats'),
                aliases: ['scenes'],
            ),
            new Setting(
                'speed',
                'Speed',
                new NumberType('The speed of a voice', SpeechRate::SLOWEST, SpeechRate::FASTEST, 5, '%'),
                100,
                $toScene,
                Stale::Plan,
                Section::Voice->common('faster slower rate'),
            ),
            new Setting(
                'pause',
                'Pause after a scene',
                new NumberType('A pause', 0, 3_000, 20, 'ms', self::USUAL_PAUSE, 'automatic'),
                self::USUAL_PAUSE,
                $toScene,
                Stale::Plan,
                Section::Voice->common('gap silence'),
            ),
            new Setting(
                'dead_air',
                'Longest silence',
                new NumberType('What dead air is cut to', 0, 3_000, 20, 'ms', self::LEFT, 'left as it is'),
                DeadAir::USUAL_MS,
                $toScene,
                Stale::Plan,
                Section::Voice->common('silence pauses shorten'),
            ),
            new Setting(
                'longest_shot',
                'Longest shot',
                new NumberType('The longest time of a shot', 1_000, 20_000, 100, 'ms'),
                ShotPlanner::LONGEST_MS,
                $toScene,
                Stale::Plan,
                Section::Pace->common('cut duration seconds'),
            ),
            new Setting(
                'shortest_shot',
                'Shortest shot',
                new NumberType('The shortest time of a shot', 300, 5_000, 100, 'ms'),
                ShotPlanner::SHORTEST_MS,
                $toScene,
                Stale::Plan,
                Section::Pace->common('cut duration seconds'),
            ),
            new Setting(
                'framing',
                'Framing',
                self::framings(),
                Framing::Follow->value,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Framing->common('crop reframe subject face'),
            ),
            new Setting(
                'closeness',
                'Closeness',
                new NumberType(
                    'A window is closer by a part that',
                    FramingChoice::WIDEST,
                    FramingChoice::CLOSEST,
                    5,
                    '%',
                ),
                FramingChoice::WIDEST,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Framing->common('zoom crop tight'),
            ),
            new Setting(
                'motion',
                'Motion of stills',
                self::motions(),
                StillMotion::Varied->value,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Framing->common('zoom pan move camera')->ofStills(),
            ),
            new Setting(
                'motion_strength',
                'Strength of motion',
                new NumberType('The strength of a motion', 1, 40, 1, '%'),
                StillMotion::STRENGTH,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Framing->rare('zoom pan')->ofStills(),
            ),
            new Setting(
                'motion_easing',
                'Motion runs',
                new ChoiceType('easing', ['eased' => 'eased at both ends', self::EVEN => 'evenly']),
                'eased',
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Framing->rare('zoom pan speed')->ofStills(),
            ),
            new Setting(
                'ground_top', 'Upper background colour', new ColourType('A colour'), FramingChoice::TOP,
                [...$toScene, Level::Shot], Stale::Plan,
                Section::Pictures->rare('background gradient fill'),
            ),
            new Setting(
                'ground_bottom', 'Lower background colour', new ColourType('A colour'), FramingChoice::BOTTOM,
                [...$toScene, Level::Shot], Stale::Plan,
                Section::Pictures->rare('background gradient fill'),
            ),
            ...OutboxSettings::all(),
            ...PaceSettings::of($toShort, $toScene),
            ...CaptionSettings::of($toScene, $looks->faces, $looks->styles),
            ...SecondCaptionSettings::of($toScene, $looks->styles),
            new Setting(
                'dim',
                'Dim the picture',
                new NumberType('A picture is dimmed by a part that', 0, 80, 5, '%'),
                0,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Captions->common('darker readable'),
            ),
            new Setting(
                'shade', 'Shade under captions',
                new ChoiceType('shade', [self::NONE => 'none', self::NEEDED => 'as dark as they need it']), self::NONE,
                $toScene, Stale::Plan,
                Section::Captions->common('darker readable contrast'),
            ),
            new Setting(
                'match_colours',
                'Colours of the picture',
                new ChoiceType('match', [self::NONE => 'as they are', self::MATCHED => 'matched to the others']),
                self::NONE,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Look->common('white balance consistent'),
            ),
            ...LookSettings::of([...$toScene, Level::Shot], $looks->tables),
            ...MatteSettings::of([...$toScene, Level::Shot], $looks->byHand['behind'] ?? []),
            ...LogoSettings::of($toShort, $looks->logos),
            ...CardSettings::of($toShort, $looks->faces),
            ...EdgeSettings::of($toShort, $looks->byHand['opening'] ?? [], $looks->byHand['ending'] ?? []),
            ...SoundSettings::of($toShort, $toScene, $sounds->music, $sounds->effects),
        ];

        return new self(array_combine(array_map(static fn (Setting $one): string => $one->key, $list), $list));
    }

    /** The same with other targets to choose from. */
    public function offering(Targets $targets): self
    {
        $settings = $this->settings;
        $type = self::targets($targets);
        $settings['profile'] = $settings['profile']->taking($type);
        $settings['more_targets'] = $settings['more_targets']->taking(new SeveralType($type));

        return new self($settings);
    }

    /** @return array<string, Setting> by key */
    public function all(): array
    {
        return $this->settings;
    }

    /** @return array<string, Setting> those that may be made at a level, by key */
    public function at(Level $level): array
    {
        return array_filter($this->settings, static fn (Setting $one): bool => $one->isAt($level));
    }

    /** @return array<string, Setting> those of a level that have no page of their own, by key */
    public function common(Level $level): array
    {
        return array_filter($this->at($level), static fn (Setting $one): bool => $one->isCommon());
    }

    /** @return array<string, Setting> those of a level that have no page of their own, rare ones too, by key */
    public function shown(Level $level): array
    {
        return array_filter(
            $this->at($level),
            static fn (Setting $one): bool => $one->place->standing !== Standing::Apart,
        );
    }

    /** @return list<string> keys of the settings of a section that have no page of their own */
    public function in(Section $section): array
    {
        return array_keys(array_filter(
            $this->settings,
            static fn (Setting $one): bool => $one->place->section === $section
                && $one->place->standing !== Standing::Apart,
        ));
    }

    public function has(string $key): bool
    {
        return isset($this->settings[$key]);
    }

    /** @throws Refusal when there is none of this key */
    public function get(string $key): Setting
    {
        return $this->settings[$key] ?? throw new Refusal(sprintf(
            'There is no setting “%s”. There are: %s.',
            mb_strimwidth($key, 0, 40, '…'),
            implode(', ', array_keys($this->settings)),
        ));
    }

    /**
     * The key of the setting that is meant by the head of a column or of a line, however it is spelled; null where none
     * is.
     */
    public static function keyNamed(string $written): ?string
    {
        static $keys = null;
        if ($keys === null) {
            $keys = [];
            foreach (self::of(new OfferedVoices(['any' => ''], 'any'))->at(Level::Short) as $key => $setting) {
                $keys += array_fill_keys([$key, ...$setting->aliases], $key);
            }
        }
        /** @var array<string, string> $keys */

        return $keys[str_replace([' ', '-'], '_', trim(mb_strtolower($written)))] ?? null;
    }

    /**
     * Values that are written, read: those of keys that are no settings of that level are refused too.
     *
     * @param  array<string, string>  $written  by key
     *
     * @throws Refusal
     */
    public function read(array $written, Level $level): Values
    {
        $values = [];
        foreach ($written as $key => $value) {
            $setting = $this->get($key);
            if (! $setting->isAt($level)) {
                throw new Refusal(sprintf('“%s” cannot be set for a %s.', $setting->label, $level->value));
            }
            $values[$key] = $setting->type->read($value);
        }

        return new Values($values);
    }

    private static function targets(Targets $targets): ChoiceType
    {
        return new ChoiceType('target', $targets->labels(), named: $targets->named(...));
    }

    private static function shapes(): ChoiceType
    {
        $labels = [];
        foreach (FrameShape::cases() as $shape) {
            $labels[$shape->value] = $shape->label();
        }

        return new ChoiceType(
            'shape',
            $labels,
            named: static fn (string $written): ?string => FrameShape::named($written)?->value,
        );
    }

    private static function framings(): ChoiceType
    {
        $labels = [];
        foreach (Framing::cases() as $framing) {
            $labels[$framing->value] = $framing->label();
        }

        return new ChoiceType('framing', $labels);
    }

    private static function motions(): ChoiceType
    {
        $labels = [];
        foreach (StillMotion::cases() as $motion) {
            $labels[$motion->value] = $motion->label();
        }

        return new ChoiceType('motion', $labels);
    }
}
