<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Gateways\Voices\Voice;
use App\Models\Batch;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use RapidReel\Intake\ScriptSource;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\UnusableScript;

/** Makes a batch of scripts: a short each, split into scenes. All of them or none. */
final readonly class BatchMaker
{
    public function __construct(private ScriptPlanner $planner)
    {
    }

    /**
     * @param  list<ScriptSource>  $sources
     *
     * @throws ProblemForOperator naming the script that cannot be used
     */
    public function make(User $user, string $name, array $sources, Voice $voice, TargetProfile $profile): Batch
    {
        $most = (int) config('reel.most_scripts');
        if ($sources === []) {
            throw new ProblemForOperator('There is no script yet. Paste one, or drop a file.');
        }
        if (count($sources) > $most) {
            throw new ProblemForOperator(sprintf('%d scripts are too many for one batch; at most %d go into one.', count($sources), $most));
        }
        $planned = [];
        foreach ($sources as $i => $source) {
            try {
                $planned[] = $this->planner->plan($source);
            } catch (UnusableScript $problem) {
                throw new ProblemForOperator(sprintf('Script %d: %s', $i + 1, $problem->getMessage()));
            }
        }

        return DB::transaction(static function () use ($user, $name, $sources, $planned, $voice, $profile): Batch {
            $batch = Batch::query()->create(['user_id' => $user->id, 'name' => $name !== '' ? $name : 'Batch of '.now()->format('j F, H:i')]);
            foreach ($planned as $i => $one) {
                $short = $batch->shorts()->create([
                    'number' => $i + 1,
                    'title' => $one->script->title,
                    'script' => $sources[$i]->text,
                    'voice' => $voice->id,
                    'profile' => $profile,
                ]);
                foreach ($one->scenes as $position => $scene) {
                    $short->scenes()->create(['position' => $position, 'role' => $scene->role, 'text' => $scene->text]);
                }
            }

            return $batch;
        });
    }
}
