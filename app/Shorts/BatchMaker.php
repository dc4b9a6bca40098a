<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Models\Batch;
use App\Models\User;
use App\Scripts\ScriptChoices;
use App\Scripts\ScriptPlanner;
use App\Scripts\ShortWriter;
use Illuminate\Support\Facades\DB;
use RapidReel\Intake\ScriptSource;
use RapidReel\Script\UnusableScript;

/** Makes a batch of scripts: a short each, split into scenes. All of them or none. */
final readonly class BatchMaker
{
    public function __construct(
        private ScriptPlanner $planner,
        private ShortWriter $writer,
    ) {
    }

    /**
     * @param  list<ScriptSource>  $sources
     *
     * @throws ProblemForOperator naming the script that cannot be used
     */
    public function make(User $user, string $name, array $sources, ScriptChoices $choices): Batch
    {
        $most = (int) config('reel.most_scripts');
        if ($sources === []) {
            throw new ProblemForOperator('There is no script yet. Paste one, or drop a file.');
        }
        if (count($sources) > $most) {
            throw new ProblemForOperator(sprintf('%s scripts are too many for one batch; at most %d go into one.', number_format(count($sources)), $most));
        }
        $planned = [];
        foreach ($sources as $i => $source) {
            try {
                $planned[] = $this->planner->plan($source, $choices);
            } catch (UnusableScript $problem) {
                throw new ProblemForOperator(sprintf('Script %d: %s', $i + 1, $problem->getMessage()));
            }
        }

        return DB::transaction(function () use ($user, $name, $planned): Batch {
            $batch = Batch::query()->create(['user_id' => $user->id, 'name' => $name !== '' ? $name : 'Batch of '.now()->format('j F, H:i')]);
            $this->writer->add($batch, $planned);

            return $batch;
        });
    }
}
