<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Intake;

use App\Desks\Intake\PlannedScript;
use App\Doors\Http\Presenters\Axis;
use App\Doors\Http\Presenters\CutStrip;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Arrival\Article;
use RapidReel\Text\Arrival\Articles;
use RapidReel\Text\Hook\HookFinding;
use RapidReel\Text\Hook\HookReview;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptRun;

/** What will become of one script. */
final readonly class IntakeCard
{
    /** What the findings on the hook, the question about articles and the sign for an estimate say already. */
    private const SAID_ELSEWHERE = [
        FlagCode::Estimated,
        FlagCode::HookLate,
        FlagCode::HookFiller,
        FlagCode::HookPronoun,
        FlagCode::HookAbstract,
        FlagCode::SeveralArticles,
    ];

    private const MOST_FINDINGS = 4;

    /**
     * @param  string  $problem  why it cannot be used; empty where it can
     * @param  list<list<ScriptRun>>  $lines
     * @param  list<HookFinding>  $findings
     * @param  list<Flag>  $flags
     * @param  list<string>  $warnings
     * @param  list<string>  $notes  how many there are of every kind
     * @param  list<Article>  $articles
     * @param  string  $facts  numbers of it, and what was settled along with it
     */
    private function __construct(
        public int $number,
        public string $problem,
        public string $title,
        public array $lines = [],
        public string $hook = '',
        public array $findings = [],
        public ?CutStrip $strip = null,
        public string $fit = '',
        public array $flags = [],
        public array $warnings = [],
        public array $notes = [],
        public array $articles = [],
        public string $facts = '',
    ) {
    }

    public static function unusable(int $number, ScriptSource $source, string $problem): self
    {
        return new self($number, $problem, mb_strimwidth($source->text, 0, 90, '…'));
    }

    public static function of(
        int $number,
        PlannedScript $planned,
        CutSummary $summary,
        Axis $axis,
        string $channel,
    ): self {
        $notes = [];
        foreach ($planned->script->noteCounts() as $kind => $count) {
            $notes[] = RunKind::from($kind)->count($count);
        }
        $hook = $planned->scenes[0]->text;
        $profile = SettingsReader::profile($planned->settled);
        $findings = HookReview::of($hook, $summary->times->hookMs, $profile->hookWindowMs(), $channel);
        $several =
            array_filter($summary->flags, static fn (Flag $flag): bool => $flag->code === FlagCode::SeveralArticles) !==
            [];

        return new self(
            $number,
            '',
            $planned->script->title,
            $planned->script->lines,
            $hook,
            array_values(
                array_filter(
                    array_slice($findings, 0, self::MOST_FINDINGS),
                    static fn (HookFinding $finding): bool => $finding->code !== 'in-time',
                ),
            ),
            CutStrip::of($summary, $axis),
            $summary->isOver() ? 'over' : ($summary->isUnder() ? 'under' : 'fits'),
            array_values(
                array_filter(
                    $summary->flags,
                    static fn (Flag $flag): bool => ! in_array($flag->code, self::SAID_ELSEWHERE, true),
                ),
            ),
            $planned->warnings,
            $notes,
            $several ? Articles::in($planned->script) : [],
            self::facts($planned, $summary),
        );
    }

    private static function facts(PlannedScript $planned, CutSummary $summary): string
    {
        $count = static fn (int $number, string $one, string $many): string => $number === 0
            ? ''
            : "$number ".($number === 1 ? $one : $many);
        $settled = [];
        foreach ($planned->own->own as $key => $value) {
            $setting = $planned->settled->registry->get($key);
            $settled[] = in_array($key, ['voice', 'profile'], true)
                ? $setting->type->says($value)
                : lcfirst($setting->label).' '.$setting->type->says($value);
        }

        return implode(' · ', array_filter([
            $count(count($planned->scenes), 'scene', 'scenes'),
            "{$summary->words} words",
            $count(count($planned->source->hooks), 'other hook to try', 'other hooks to try'),
            ...$settled,
            $planned->publishAt?->format('j M Y, H:i') ?? '',
        ], static fn (string $said): bool => $said !== ''));
    }
}
