<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Intake\IntakeFlags;
use App\Desks\Intake\PlannedScript;
use App\Desks\Intake\ScriptChoices;
use App\Desks\Intake\ScriptFiles;
use App\Desks\Intake\ScriptPlanner;
use App\Makers\Planning\CutMaker;
use App\Makers\Reviewing\Judge;
use App\Makers\Reviewing\JudgedFinding;
use App\Makers\Reviewing\PlanReviewer;
use App\Makers\Reviewing\ShortReviews;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\Shelf;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Finding\Severities;
use RapidReel\Plan\Finding\Severity;
use RapidReel\Plan\Review\Check\Finding;
use RapidReel\Plan\Review\Check\ReviewReport;
use RapidReel\Text\Script\UnusableScript;

/**
 * Tells what speaks against shorts before they are exported. Exit status: 0 where nothing does, 10 where something is
 * to be looked at, 20 where something stops one, 1 where it could not be done.
 *
 * @phpstan-import-type Entry from ReviewReport
 */
final class ReviewCommand extends Command
{
    use Answers;
    use NamesBatch;
    use ReadsScripts;
    use TakesShelf;

    protected $signature = 'reel:review '.ScriptOptions::OPTIONAL.'
        {--batch= : a batch of the application, by name or number, instead of scripts}
        {--footage= : a folder of footage instead of the library}
        {--look : make pictures too, small ones, and measure captions and movement on them}
        {--format=json : json or junit}';

    protected $description = 'Tells what speaks against shorts before they are exported, as JSON or JUnit XML';

    public function handle(): int
    {
        return $this->guarded(function (): int {
            $format = self::written($this->option('format'));
            if (! in_array($format, ['json', 'junit'], true)) {
                throw new Refusal("The format is json or junit; “{$format}” is none of these.");
            }
            $batch = self::written($this->option('batch'));
            $isScripts = self::written($this->argument('scripts')) !== '';
            if ($isScripts === ($batch !== '')) {
                throw new Refusal('Name scripts, or a batch by --batch: one of the two.');
            }
            $report = new ReviewReport($isScripts ? $this->ofScripts() : $this->ofBatch());
            if ($format === 'junit') {
                $this->output->write($report->junit(), false, $this->output::OUTPUT_RAW);
            } else {
                $this->printJson($report->toArray());
            }

            return $report->status();
        });
    }

    /**
     * @return list<Entry>
     *
     * @throws Refusal
     */
    private function ofBatch(): array
    {
        $entries = [];
        foreach (app(Judge::class)->batch($this->batch()) as $review) {
            $entries[] = [
                'title' => $review->short->title,
                'number' => $review->short->number,
                'duration_ms' => $review->short->cutSummary()?->wholeMs() ?? 0,
                'findings' => array_map(static fn (JudgedFinding $one): array => [
                    $one->finding, $one->counts() ? $one->severity : Severity::Ignored,
                ], $review->shown ?? []),
                ...$review->shown !== null ? [] : [
                    'problem' => $review->short->problem ?? 'It is not planned as it is now. Start the workers.',
                ],
            ];
        }

        return $entries;
    }

    /**
     * @return list<Entry>
     *
     * @throws Refusal
     */
    private function ofScripts(): array
    {
        [$shelf, $registry] = $this->shelved(app(Registrar::class));
        $choices = $this->choices($registry);
        $planner = app(ScriptPlanner::class);
        $planned = $entries = [];
        foreach ($this->scripts(app(ScriptFiles::class)) as $i => $source) {
            try {
                $planned[$i] = $this->fitted($planner->plan($source, $choices), $i + 1, true);
                $this->warnOf($i + 1, $planned[$i]->along->warnings);
            } catch (UnusableScript $problem) {
                $entries[$i] = [
                    'title' => $source->title, 'number' => $i + 1, 'duration_ms' => 0, 'findings' => [],
                    'problem' => $problem->getMessage(),
                ];
            }
        }
        $flags = app(IntakeFlags::class)->of($planned, $this->channel()?->id);
        foreach ($planned as $i => $one) {
            $entries[$i] = $this->entry($one, $i + 1, $flags[$i], $shelf, $choices);
        }
        ksort($entries);

        return array_values($entries);
    }

    /**
     * @param  list<Flag>  $flags
     * @return Entry
     */
    private function entry(
        PlannedScript $planned,
        int $number,
        array $flags,
        Shelf $shelf,
        ScriptChoices $choices,
    ): array {
        $title = $planned->script->title;
        $teller = new ConsoleWatcher(sprintf('%d %s', $number, $title));
        $tasks = $planned->tasks();
        $cut = app(CutMaker::class)->make($title, $tasks, $shelf, $teller, $choices->channel, number: $number);
        $severities = Severities::read($tasks[0]->levels->text('severities'));
        $found = app(PlanReviewer::class)->of(
            $cut, $tasks, $shelf, $teller, $choices->channel, ShortReviews::listed($planned->source->tags),
            $flags, (bool) $this->option('look'),
        );
        $teller->done();

        return [
            'title' => $title, 'number' => $number, 'duration_ms' => $cut->wholeMs(),
            'findings' => array_map(
                static fn (Finding $one): array => [$one, $severities->of($one->kind)], $found,
            ),
        ];
    }
}
