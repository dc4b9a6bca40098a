<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Ground\Work\HandedBack;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\Watcher;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Short;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Target;
use RapidReel\Plan\Cut\Cut;

/**
 * What a short is for the others of its targets: the same words, voice and pictures. Where the frames are the same, so
 * is all that is seen; where they are not, windows, captions and cards are placed anew, and nothing is spoken or looked
 * at again.
 */
final readonly class TargetPlans
{
    public function __construct(
        private SceneTasks $tasks,
        private CutMaker $cuts,
    ) {
    }

    /**
     * @param  Plan  $main  the plan of the short as it is kept
     * @param  string  $id  of the target
     *
     * @throws Refusal when it is not made for that any more
     * @throws Cancelled
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function of(Short $short, Plan $main, string $id, Shelf $shelf, Watcher $watcher): Plan
    {
        $short->load(['batch.channel', 'scenes.shots', 'readings']);
        $tasks = $this->tasks->of($short, $shelf);
        foreach ($tasks[0]->short->targets->more as $target) {
            if ($target->id === $id) {
                $cut = self::cut($main->cut, $tasks, $target, fn (array $led): Cut => $this->cuts->make(
                    $short->title, $led, $shelf, $watcher, $short->batch->channel->name, $short->subject(),
                    $short->shown_before ?? [], $short->number,
                ));

                return new Plan($cut, $this->cuts->summary($cut));
            }
        }

        throw new Refusal('The short is not made for this target any more.');
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @param  Closure(non-empty-list<SceneTask>): Cut  $make  plans these
     */
    public static function cut(Cut $main, array $tasks, Target $target, Closure $make): Cut
    {
        if ($target->frame($tasks[0]->short->targets->shape)->sameAs($main->form->frame)) {
            return $main->madeFor($target);
        }

        return $make(array_map(static fn (SceneTask $task): SceneTask => $task->led($target), $tasks));
    }
}
