<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Choice\ClipFit;
use RapidReel\Plan\Choice\PaceChoice;
use RapidReel\Plan\Choice\Transition;
use RapidReel\Plan\Choice\TransitionKind;
use RapidReel\Plan\Pace\Cadence;
use RapidReel\Plan\Pace\CadenceKind;
use RapidReel\Plan\Pace\MayDrop;
use RapidReel\Plan\Pace\PaceLimits;
use RapidReel\Plan\Settings\Type\CadenceType;
use RapidReel\Plan\Settings\Type\ChoiceType;
use RapidReel\Plan\Settings\Type\NumberType;
use RapidReel\Plan\Settings\Type\SettingType;
use RapidReel\Voice\Speech\Tempo;

/** The settings of pace: how often pictures change, how fast speech is, and how far a short may be tightened. */
final class PaceSettings
{
    public const SAME = 'same';

    public const NEEDED = 'needed';

    public const OPTIONAL = 'optional';

    public const ROUND = 'round';

    /** How long the end goes over into the beginning. */
    public const ROUND_MS = 500;

    /** Those that say how far a short may be tightened or stretched. */
    public const LIMITS = [
        'least_dead_air', 'least_gap', 'fastest_tempo', 'may_drop', 'most_dead_air', 'most_gap', 'slowest_tempo',
    ];

    /**
     * @param  non-empty-list<Level>  $toShort
     * @param  non-empty-list<Level>  $toScene
     * @return list<Setting>
     */
    public static function of(array $toShort, array $toScene): array
    {
        $drops = [];
        foreach (MayDrop::cases() as $case) {
            $drops[$case->value] = $case->label();
        }
        $fits = [];
        foreach (ClipFit::cases() as $fit) {
            $fits[$fit->value] = $fit->label();
        }
        $kinds = [];
        foreach (TransitionKind::cases() as $kind) {
            $kinds[$kind->value] = $kind->label();
        }
        $limit = static function (string $key, string $label, SettingType $type, int|string $default) use (
            $toShort,
        ): Setting {
            return new Setting(
                $key, $label, $type, $default, $toShort, null,
                Section::Pace->rare('limit tighten shorten length'),
            );
        };

        return [
            new Setting(
                'cadence', 'Picture changes', new CadenceType, CadenceKind::Longest->value, $toScene, Stale::Plan,
                Section::Pace->common('cut rhythm every seconds words'),
            ),
            new Setting(
                'hook_cadence', 'Picture changes in the hook', new CadenceType(self::SAME, 'as elsewhere'),
                self::SAME, $toShort, Stale::Plan,
                Section::Pace->common('cut rhythm'),
            ),
            new Setting(
                'transition',
                'Between pictures',
                new ChoiceType('transition', $kinds, named: static fn (string $written): ?string => match (
                    mb_strtolower($written)
                ) {
                    'none' => TransitionKind::Cut->value,
                    'fade', 'crossfade' => TransitionKind::Dissolve->value,
                    default => null,
                }),
                TransitionKind::Cut->value,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Pictures->common('fade dissolve wipe'),
            ),
            new Setting(
                'transition_ms',
                'Length of a transition',
                new NumberType('The time between pictures', 40, 1_500, 20, 'ms'),
                Transition::USUAL_MS,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Pictures->rare('fade duration'),
            ),
            new Setting(
                'clip_fit',
                'Clips that are too short',
                new ChoiceType('way', $fits),
                ClipFit::Hold->value,
                [...$toScene, Level::Shot],
                Stale::Plan,
                Section::Pictures->common('freeze loop slow')->ofClips(),
            ),
            new Setting(
                'loop',
                'At the end of the short',
                new ChoiceType('end', ['stop' => 'it stops', self::ROUND => 'it goes over into its first picture']),
                'stop',
                $toShort,
                Stale::Plan,
                Section::Pace->common('repeat'),
            ),
            new Setting(
                'tempo', 'Tempo',
                new NumberType('The tempo of speech', Tempo::SLOWEST, Tempo::FASTEST, 1, '%'),
                Tempo::USUAL, $toScene, Stale::Plan,
                Section::Pace->common('faster slower speech'),
            ),
            new Setting(
                'tail', 'After the last word',
                new NumberType('The time after the last word', 0, 5_000, 20, 'ms'),
                PaceChoice::TAIL_MS, $toShort, Stale::Plan,
                Section::Pace->common('end silence'),
            ),
            new Setting(
                'need', 'This scene is',
                new ChoiceType('need', [
                    self::NEEDED => 'needed', self::OPTIONAL => 'optional',
                ]),
                self::NEEDED, [Level::Scene], null,
                Section::Pace->common('optional drop'),
            ),
            $limit(
                'least_dead_air', 'Pauses inside scenes, at least',
                new NumberType('What is left of a pause', 0, 1_000, 20, 'ms'), PaceLimits::LEAST_DEAD_AIR,
            ),
            $limit(
                'least_gap', 'Gaps between scenes, at least',
                new NumberType('A gap between scenes', 0, 1_000, 20, 'ms'), PaceLimits::LEAST_GAP,
            ),
            $limit(
                'fastest_tempo', 'Tempo, at most',
                new NumberType('The tempo of speech', Tempo::USUAL, Tempo::FASTEST, 1, '%'), PaceLimits::FASTEST,
            ),
            $limit(
                'may_drop', 'Sentences that may go', new ChoiceType('choice', $drops), MayDrop::Any->value,
            ),
            $limit(
                'most_dead_air', 'Pauses inside scenes, at most',
                new NumberType('What is left of a pause', 0, 3_000, 20, 'ms'), PaceLimits::MOST_DEAD_AIR,
            ),
            $limit(
                'most_gap', 'Gaps between scenes, at most',
                new NumberType('A gap between scenes', 0, 3_000, 20, 'ms'), PaceLimits::MOST_GAP,
            ),
            $limit(
                'slowest_tempo', 'Tempo, at least',
                new NumberType('The tempo of speech', Tempo::SLOWEST, Tempo::USUAL, 1, '%'), PaceLimits::SLOWEST,
            ),
        ];
    }

    /** @throws Refusal */
    public static function limits(SettingValues $values): PaceLimits
    {
        $number = static fn (string $key): int => (int) $values->value($key);

        return new PaceLimits(
            $number('least_dead_air'),
            $number('least_gap'),
            $number('fastest_tempo'),
            MayDrop::from((string) $values->value('may_drop')),
            $number('most_dead_air'),
            $number('most_gap'),
            $number('slowest_tempo'),
        );
    }

    /**
     * How the end goes over into the first picture; null where it does not
     *
     * @throws Refusal
     */
    public static function loop(SettingValues $values): ?Transition
    {
        return $values->text('loop') === self::ROUND
            ? new Transition(TransitionKind::Dissolve, self::ROUND_MS)
            : null;
    }

    /**
     * How often pictures change, in the hook or elsewhere
     *
     * @throws Refusal
     */
    public static function cadence(SettingValues $values, bool $isHook): Cadence
    {
        $hook = (string) $values->value('hook_cadence');

        return Cadence::parse($isHook && $hook !== self::SAME ? $hook : (string) $values->value('cadence'));
    }
}
