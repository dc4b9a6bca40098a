<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Jobs\PlanShort;
use App\Models\Footage;
use App\Models\Pick;
use App\Models\Scene;
use App\Models\Short;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use RapidReel\Script\Scene as ScriptScene;

/** Changes to one scene of a short. Whatever they do not touch keeps its take and its pictures. */
final class SceneEditor
{
    /** @throws ProblemForOperator when nothing could be spoken */
    public function reword(Scene $scene, string $text): void
    {
        try {
            $text = (new ScriptScene($scene->role, mb_scrub($text)))->text;
        } catch (InvalidArgumentException $problem) {
            throw new ProblemForOperator($problem->getMessage());
        }
        if ($text === $scene->text) {
            return;
        }
        $this->change($scene, static function () use ($scene, $text): void {
            $scene->update(['text' => $text]);
            $scene->picks()->where('pinned', false)->delete();
        });
    }

    public function swap(Scene $scene, int $shot, Footage $footage): void
    {
        $this->change($scene, static function () use ($scene, $shot, $footage): void {
            Pick::query()->updateOrCreate(['scene_id' => $scene->id, 'shot' => $shot], ['footage_id' => $footage->id, 'pinned' => true]);
        });
    }

    /** @param  callable(): void  $change */
    private function change(Scene $scene, callable $change): void
    {
        DB::transaction(static function () use ($scene, $change): void {
            $change();
            Short::query()->whereKey($scene->short_id)->increment('revision');
        });
        PlanShort::dispatch($scene->short_id);
    }
}
