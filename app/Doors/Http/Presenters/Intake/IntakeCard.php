<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Intake;

use App\Desks\Intake\PlannedScript;
use App\Doors\Http\Presenters\Axis;
use App\Doors\Http\Presenters\CutStrip;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Arrival\Article;
use RapidReel\Text\Arrival\Articles;
use RapidReel\Text\Hook\HookFinding;
use RapidReel\Text\Hook\HookReview;
use RapidReel\Text\Rules\RunKind;

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
     * @param  list<HookFinding>  $findings
     * @param  list<string>  $notes  how many there are of every kind
     * @param  string  $facts  numbers of it, and what was settled along with it
     */
    private function __construct(
        public int $number,
        public string $problem,
        public string $title,
        public ?PlannedScript $planned = null,
        public ?CutStrip $strip = null,
        public array $findings = [],
        public array $notes = [],
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
        $findings = HookReview::of($hook, $summary->times->hookMs, $summary->limits->length->hookWindowMs, $channel);

        return new self(
            $number,
            '',
            $planned->script->title,
            $planned,
            CutStrip::of($summary, $axis),
            array_values(
                array_filter(
                    array_slice($findings, 0, self::MOST_FINDINGS),
                    static fn (HookFinding $finding): bool => $finding->code !== 'in-time',
                ),
            ),
            $notes,
            self::facts($planned, $summary),
        );
    }

    public function hook(): string
    {
        return $this->planned->scenes[0]->text ?? '';
    }

    /** How its length stands to the target. */
    public function fit(): string
    {
        $summary = $this->strip?->summary;

        return $summary?->isOver() === true ? 'over' : ($summary?->isUnder() === true ? 'under' : 'fits');
    }

    /** @return list<Flag> */
    public function flags(): array
    {
        return array_values(array_filter(
            $this->strip->summary->flags ?? [],
            static fn (Flag $flag): bool => ! in_array($flag->code, self::SAID_ELSEWHERE, true),
        ));
    }

    /** @return list<Article> that the page seems to hold, where that is more than one */
    public function articles(): array
    {
        $told = array_column($this->strip->summary->flags ?? [], 'code');

        return $this->planned === null || ! in_array(FlagCode::SeveralArticles, $told, true)
            ? [] : Articles::in($this->planned->script);
    }

    private static function facts(PlannedScript $planned, CutSummary $summary): string
    {
        $count = static fn (int $number, string $one, string $many): string => $number === 0
            ? ''
            : "$number ".($number === 1 ? $one : $many);
        $settled = [];
        foreach ($planned->along->own->own as $key => $value) {
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
            $planned->along->publishAt?->format('j M Y, H:i') ?? '',
        ], static fn (string $said): bool => $said !== ''));
    }
}
