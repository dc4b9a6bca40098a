<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Desks\Intake\ScriptChoices;
use App\Desks\Intake\ScriptPlanner;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use Closure;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Script\UnusableScript;

/** Makes a batch of scripts: a short each, split into scenes. All of them or none. */
final readonly class BatchMaker
{
    public function __construct(
        private ScriptPlanner $planner,
        private ShortWriter $writer,
        private EditBook $edits,
        private Registrar $registrar,
    ) {
    }

    /**
     * @param  list<ScriptSource>  $sources
     * @param  Values  $settings  of the batch
     * @param  (Closure(Batch): void)|null  $with  what is done with it, or not at all where that is not
     *
     * @throws Refusal naming the script that cannot be used
     */
    public function make(
        Channel $channel,
        string $name,
        array $sources,
        Values $settings = new Values,
        ?Closure $with = null,
    ): Batch {
        $most = (int) config('reel.most_scripts');
        if ($sources === []) {
            throw new Refusal('There is no script yet. Paste one, or drop a file.');
        }
        if (count($sources) > $most) {
            throw new Refusal(
                sprintf(
                    '%s scripts are too many for one batch; at most %d go into one.',
                    number_format(count($sources)),
                    $most,
                ),
            );
        }
        $choices = ScriptChoices::of($channel, $this->registrar->of($channel), $settings);
        $planned = [];
        foreach ($sources as $i => $source) {
            try {
                $planned[] = $this->planner->plan($source, $choices);
            } catch (UnusableScript $problem) {
                throw new Refusal(sprintf('Script %d: %s', $i + 1, $problem->getMessage()));
            }
        }

        return DB::transaction(function () use ($channel, $name, $planned, $settings, $with): Batch {
            $batch = $channel->batches()->create([
                'settings' => $settings,
                'name' => $name !== '' ? $name : 'Batch of '.now()->format('j F, H:i'),
            ]);
            $batch->setRelation('channel', $channel);
            $this->edits->begin($batch, fn (): array => $this->writer->add($batch, $planned));
            $with === null || $with($batch);

            return $batch;
        });
    }
}
