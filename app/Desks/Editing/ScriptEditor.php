<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Hook;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\ScriptTitle;
use RapidReel\Text\Script\ShotMark;

/** Changes to the scenes of one short. Whatever they do not touch keeps its take and its pictures. */
final readonly class ScriptEditor
{
    /** Further ones are not tried by anybody. */
    private const MOST_HOOKS = 20;

    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private SceneEdits $scenes,
    ) {
    }

    /** @throws Refusal */
    public function reword(Scene $scene, string $text): void
    {
        if (trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text))) !== $scene->text) {
            $this->scenes->change(
                $scene,
                'reworded scene',
                static fn (Manuscript $now, int $at): Manuscript => $now->reworded($at, mb_scrub($text)),
            );
        }
    }

    /** @throws Refusal */
    public function split(Scene $scene, int $offset): void
    {
        $this->scenes->change(
            $scene,
            'split scene',
            static fn (Manuscript $now, int $at): Manuscript => $now->split($at, $offset),
        );
    }

    /** @throws Refusal */
    public function join(Scene $scene): void
    {
        $this->scenes->change(
            $scene,
            'joined scenes',
            static fn (Manuscript $now, int $at): Manuscript => $now->joined($at),
        );
    }

    /** @throws Refusal */
    public function move(Scene $scene, int $by): void
    {
        $this->scenes->change(
            $scene,
            'moved scene',
            static fn (Manuscript $now, int $at): Manuscript => $now->moved($at, $by),
        );
    }

    /**
     * Puts a scene where another stands, counted from 0; those between move up or down.
     *
     * @throws Refusal
     */
    public function place(Scene $scene, int $to): void
    {
        $this->scenes->change($scene, 'moved scene', static function (Manuscript $now, int $at) use ($to): Manuscript {
            $to = max(0, min(count($now->scenes) - 1, $to));
            for ($by = $to <=> $at; $at !== $to; $at += $by) {
                $now = $now->moved($at, $by);
            }

            return $now;
        });
    }

    /** @throws Refusal */
    public function drop(Scene $scene): void
    {
        $this->scenes->change(
            $scene,
            'removed scene',
            static fn (Manuscript $now, int $at): Manuscript => $now->without($at),
        );
    }

    /** @throws Refusal */
    public function play(Scene $scene, SceneRole $role): void
    {
        $this->scenes->change(
            $scene,
            "made scene the {$role->value}",
            static fn (Manuscript $now, int $at): Manuscript => $now->withRole($at, $role),
        );
    }

    /** @throws Refusal */
    public function show(Scene $scene, string $brief): void
    {
        if (mb_strlen($brief) > 500) {
            throw new Refusal('A brief takes at most 500 characters.');
        }
        $this->scenes->change(
            $scene,
            'changed brief',
            static fn (Manuscript $now, int $at): Manuscript => $now->withBrief($at, mb_scrub($brief)),
        );
    }

    /**
     * Chooses the footage of the shot that begins at a word.
     *
     * @throws Refusal
     */
    public function swap(Scene $scene, int $word, Footage $footage): void
    {
        $this->scenes->change($scene, 'swapped a picture', static function (Manuscript $now, int $at) use (
            $word,
            $footage,
        ): Manuscript {
            $own = $now->scenes[$at]->own;
            if ($word >= $now->scenes[$at]->words()) {
                throw new Refusal('This shot is no longer there. Reload the page.');
            }

            $shot = $own->shotAt($word)->withFootage((string) $footage->id);

            return $now->withOwn($at, $own->shot([$shot, ...$own->shots]));
        });
    }

    /**
     * Has the picture of a shot found anew.
     *
     * @throws Refusal
     */
    public function free(Scene $scene, int $word): void
    {
        $this->scenes->own($scene, 'had a picture matched again', static fn (SceneOwn $own): SceneOwn => $own->shot(
            array_filter($own->shots, static fn (ShotMark $shot): bool => $shot->word !== $word),
        ));
    }

    /**
     * Leaves one pause as it was spoken, or shortens it like the others.
     *
     * @throws Refusal
     */
    public function keepPause(Scene $scene, int $afterWord, bool $keep): void
    {
        $this->scenes->change($scene, $keep ? 'left a pause' : 'shortened a pause', static function (
            Manuscript $now,
            int $at,
        ) use ($afterWord, $keep): Manuscript {
            $own = $now->scenes[$at]->own;
            if ($afterWord < 0 || $afterWord >= $now->scenes[$at]->words()) {
                throw new Refusal('This pause is no longer there. Reload the page.');
            }

            return $now->withOwn(
                $at,
                $own->keepingPauses([...array_diff($own->keptPauses, [$afterWord]), ...$keep ? [$afterWord] : []]),
            );
        });
    }

    /** @throws Refusal */
    public function say(Short $short, int $note): void
    {
        $this->edits->change(
            $short->batch,
            'restored a note',
            [$short],
            fn (Short $short) => $this->writer->write($short, $short->manuscript()->saying($note)),
        );
    }

    /** @throws Refusal */
    public function keepHook(Short $short, string $text): Short
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text)));
        $this->edits->change($short->batch, 'kept a hook', [$short], function (Short $short) use ($text): void {
            // Refused like any scene that cannot be said.
            $short->manuscript()->opening($text, before: true);
            $this->putHook($short, $text);
        });

        return $short;
    }

    /** @throws Refusal */
    public function dropHook(Short $short, Hook $hook): Short
    {
        $this->edits->change($short->batch, 'dropped a hook', [$short], static function () use ($hook): void {
            $hook->delete();
        });

        return $short;
    }

    /**
     * Other first words; those of before stay at hand, unless they are still said.
     *
     * @throws Refusal
     */
    public function openWith(Short $short, string $text, bool $before): Short
    {
        $this->edits->change($short->batch, 'changed the hook', [$short], function (Short $short) use (
            $text,
            $before,
        ): void {
            $now = $short->manuscript();
            $this->writer->write($short, $now->opening(mb_scrub($text), $before));
            $short->hooks()->where('text', $text)->delete();
            if (! $before) {
                $this->putHook($short, $now->scenes[0]->text);
            }
        });

        return $short;
    }

    /**
     * The same shorts beginning otherwise, beside them: one for each other hook, called by it.
     *
     * @param  list<array{Short, string}>  $hooks  with the short that each is of
     * @return list<Short>
     *
     * @throws Refusal where a batch would have too many
     */
    public function shortsOf(Batch $batch, array $hooks): array
    {
        $this->writer->checkRoom($batch, count($hooks));
        $what = count($hooks) === 1 ? 'made a short of another hook' : 'made a short of each hook';

        return $this->edits->add($batch, $what, fn (): array => array_map(function (array $one): Short {
            [$short, $hook] = [$one[0], mb_scrub($one[1])];

            return $this->writer->copy(
                $short, $short->manuscript()->opening($hook, before: false), ScriptTitle::of($hook) ?: null,
            );
        }, $hooks));
    }

    /** @throws Refusal */
    private function putHook(Short $short, string $text): void
    {
        if ($short->hooks()->count() >= self::MOST_HOOKS) {
            throw new Refusal(sprintf('%d hooks are kept for this script already. Drop one first.', self::MOST_HOOKS));
        }
        Hook::query()->firstOrCreate(['short_id' => $short->id, 'text' => $text]);
    }
}
