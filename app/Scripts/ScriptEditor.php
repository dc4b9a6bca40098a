<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Models\Footage;
use App\Models\Hook;
use App\Models\Pick;
use App\Models\Scene;
use App\Models\Short;
use App\Shorts\ProblemForOperator;
use RapidReel\Script\Manuscript;
use RapidReel\Script\SceneRole;

/** Changes to the scenes of one short. Whatever they do not touch keeps its take and its pictures. */
final readonly class ScriptEditor
{
    /** Further ones are not tried by anybody. */
    private const MOST_HOOKS = 20;

    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
    ) {
    }

    public function reword(Scene $scene, string $text): void
    {
        if (trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text))) !== $scene->text) {
            $this->change($scene->short, 'reworded scene', static fn (Manuscript $now): Manuscript => $now->reworded($scene->position, mb_scrub($text)));
        }
    }

    public function split(Scene $scene, int $offset): void
    {
        $this->change($scene->short, 'split scene', static fn (Manuscript $now): Manuscript => $now->split($scene->position, $offset));
    }

    public function join(Scene $scene): void
    {
        $this->change($scene->short, 'joined scenes', static fn (Manuscript $now): Manuscript => $now->joined($scene->position));
    }

    public function move(Scene $scene, int $by): void
    {
        $this->change($scene->short, 'moved scene', static fn (Manuscript $now): Manuscript => $now->moved($scene->position, $by));
    }

    public function drop(Scene $scene): void
    {
        $this->change($scene->short, 'removed scene', static fn (Manuscript $now): Manuscript => $now->without($scene->position));
    }

    public function play(Scene $scene, SceneRole $role): void
    {
        $this->change($scene->short, "made scene the {$role->value}", static fn (Manuscript $now): Manuscript => $now->playing($scene->position, $role));
    }

    public function show(Scene $scene, string $brief): void
    {
        if (mb_strlen($brief) > 500) {
            throw new ProblemForOperator('A brief takes at most 500 characters.');
        }
        $this->change($scene->short, 'changed brief', static fn (Manuscript $now): Manuscript => $now->showing($scene->position, mb_scrub($brief)));
    }

    public function say(Short $short, int $note): void
    {
        $this->change($short, 'brought back a note', static fn (Manuscript $now): Manuscript => $now->saying($note));
    }

    public function keepHook(Short $short, string $text): Short
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text)));
        // Refused like any scene that cannot be said.
        $this->edits->record($short->batch, 'kept a hook', [$short], function () use ($short, $text): array {
            $short->manuscript()->opening($text, before: true);
            $this->putHook($short, $text);

            return [];
        });

        return $short;
    }

    public function dropHook(Short $short, Hook $hook): Short
    {
        $this->edits->record($short->batch, 'dropped a hook', [$short], static function () use ($hook): array {
            $hook->delete();

            return [];
        });

        return $short;
    }

    /** Other first words; those of before stay at hand, unless they are still said. */
    public function openWith(Short $short, string $text, bool $before): Short
    {
        $this->edits->record($short->batch, 'changed the hook', [$short], function () use ($short, $text, $before): array {
            $now = $short->manuscript();
            $this->writer->write($short, $now->opening(mb_scrub($text), $before));
            $short->hooks()->where('text', $text)->delete();
            if (! $before) {
                $this->putHook($short, $now->scenes[0]->text);
            }

            return [];
        });

        return $short;
    }

    /** The same short beginning otherwise, beside this one. */
    public function shortOf(Short $short, string $hook): Short
    {
        return $this->edits->record($short->batch, 'made a short of another hook', [], fn (): array => [
            $this->writer->copy($short, $short->manuscript()->opening(mb_scrub($hook), before: false)),
        ])[0];
    }

    public function swap(Scene $scene, int $shot, Footage $footage): void
    {
        $short = $scene->short;
        $this->edits->record($short->batch, 'swapped a picture', [$short], function () use ($scene, $short, $shot, $footage): array {
            Pick::query()->updateOrCreate(['scene_id' => $scene->id, 'shot' => $shot], ['footage_id' => $footage->id, 'pinned' => true]);
            $this->writer->settle($short->batch, [$short]);

            return [];
        });
    }

    private function putHook(Short $short, string $text): void
    {
        if ($short->hooks()->count() >= self::MOST_HOOKS) {
            throw new ProblemForOperator(sprintf('%d hooks are kept for this script already. Drop one first.', self::MOST_HOOKS));
        }
        Hook::query()->firstOrCreate(['short_id' => $short->id, 'text' => $text]);
    }

    /** @param  callable(Manuscript): Manuscript  $change */
    private function change(Short $short, string $what, callable $change): void
    {
        $this->edits->record($short->batch, $what, [$short], function () use ($short, $change): array {
            $this->writer->write($short, $change($short->manuscript()));

            return [];
        });
    }
}
