<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\SceneOwn;

/** One scene of a short changed, as a step of the edit book. */
final readonly class SceneEdits
{
    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
    ) {
    }

    /**
     * @param  callable(Manuscript, int): Manuscript  $change  told where the scene stands
     *
     * @throws Refusal
     */
    public function change(Scene $scene, string $what, callable $change): void
    {
        $this->edits->change($scene->short->batch, $what, [$scene->short], function (Short $short) use (
            $scene,
            $change,
        ): void {
            $now = $short->manuscript();
            $at = array_search($scene->id, $now->keys, true);
            if (! is_int($at)) {
                throw new Refusal('This scene is no longer there. Reload the page.');
            }
            $this->writer->write($short, $change($now, $at));
        });
    }

    /**
     * @param  callable(SceneOwn): SceneOwn  $change  of what the scene has of its own
     *
     * @throws Refusal
     */
    public function own(Scene $scene, string $what, callable $change): void
    {
        $this->change($scene, $what, static fn (Manuscript $now, int $at): Manuscript => $now->withOwn(
            $at,
            $change($now->scenes[$at]->own),
        ));
    }
}
