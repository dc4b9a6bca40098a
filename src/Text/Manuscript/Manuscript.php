<?php

declare(strict_types=1);

namespace RapidReel\Text\Manuscript;

use InvalidArgumentException;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Refusal;
use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Script\NotePlace;
use RapidReel\Text\Script\Roles;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;

/**
 * The scenes of a short as the operator works on them, with the notes that stand among them. Every change gives another
 * one; what it does not touch keeps its key.
 */
final readonly class Manuscript
{
    public const MOST_SCENES = 400;

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  list<int|null>  $keys  one for each scene; null for a new one
     * @param  list<ScriptNote>  $notes
     *
     * @throws Refusal when there are too many scenes
     */
    public function __construct(
        public array $scenes,
        public array $keys,
        public array $notes = [],
    ) {
        if (count($scenes) !== count($keys)) {
            throw new InvalidArgumentException('Every scene has one key.');
        }
        if (count($scenes) > self::MOST_SCENES) {
            throw new Refusal(sprintf('A short takes at most %d scenes.', self::MOST_SCENES));
        }
    }

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  list<ScriptNote>  $notes
     *
     * @throws Refusal
     */
    public static function fresh(array $scenes, array $notes): self
    {
        return new self($scenes, array_fill(0, count($scenes), null), $notes);
    }

    public function spoken(): string
    {
        $text = '';
        foreach ($this->scenes as $i => $scene) {
            $text .= ($i === 0 ? '' : ($scene->startsLine ? "\n" : ' ')).$scene->text;
        }

        return $text;
    }

    /**
     * Gives a scene other settings, pauses or shots.
     *
     * @throws Refusal
     */
    public function withOwn(int $at, SceneOwn $own): self
    {
        return new self(
            self::list(array_replace($this->scenes, [$at => $this->at($at)->with($own)])),
            $this->keys,
            $this->notes,
        );
    }

    /**
     * The same short once more: nothing of it has a name yet.
     *
     * @throws Refusal
     */
    public function copied(): self
    {
        return self::fresh(
            array_map(static fn (Scene $scene): Scene => $scene->with($scene->own->copied()), $this->scenes),
            $this->notes,
        );
    }

    /** @throws Refusal when nothing of it could be spoken, or too much */
    public function reworded(int $at, string $text): self
    {
        $scene = $this->at($at)->saying($text);
        $notes = array_map(static fn (ScriptNote $note): ScriptNote => $note->scene === $at
            ? $note->moved($at, min($note->offset, mb_strlen($scene->text)))
            : $note, $this->notes);

        return $this->with(self::list(array_replace($this->scenes, [$at => $scene])), $this->keys, $notes);
    }

    /** @throws Refusal */
    public function withBrief(int $at, string $brief): self
    {
        return $this->with(
            self::list(array_replace($this->scenes, [$at => $this->at($at)->withBrief($brief)])),
            $this->keys,
            $this->notes,
        );
    }

    /**
     * The last scene may be the close or a beat like others; the first is always the hook.
     *
     * @throws Refusal
     */
    public function withRole(int $at, SceneRole $role): self
    {
        $scene = $this->at($at);
        if (
            $at === 0 ||
            $role === SceneRole::Hook ||
            ($role === SceneRole::Close && $at !== count($this->scenes) - 1)
        ) {
            throw new Refusal('The first scene is the hook, and only the last can be the close.');
        }

        return new self(
            self::list(array_replace($this->scenes, [$at => $scene->as($role)])),
            $this->keys,
            $this->notes,
        );
    }

    /**
     * Parts a scene after so many characters.
     *
     * @throws Refusal when one of the two would say nothing
     */
    public function split(int $at, int $offset): self
    {
        $scene = $this->at($at);
        [$before, $after] = [mb_substr($scene->text, 0, $offset), mb_substr($scene->text, $offset)];
        if (! Scene::isSpeakable($before) || ! Scene::isSpeakable($after)) {
            throw new Refusal('Put the cursor between two words of the scene, then split it there.');
        }
        [$own, $rest] = $scene->own->parted(count(ScriptWord::of($before)));
        $first = (new Scene($scene->role, $before, $scene->startsLine, $scene->brief))->with($own);
        $second = (new Scene(SceneRole::Beat, $after, false, $scene->brief))->with($rest);
        $gone = mb_strlen($before) + mb_strlen($after) - mb_strlen(ltrim($after));
        $notes = array_map(
            static fn (ScriptNote $note): ScriptNote => match (true) {
                $note->scene > $at => $note->moved($note->scene + 1, $note->offset),
                $note->scene === $at && $note->offset > mb_strlen($first->text) => $note->moved(
                    $at + 1,
                    max(0, $note->offset - $gone),
                ),
                default => $note,
            },
            $this->notes,
        );

        return $this->with(
            self::list([
                ...array_slice($this->scenes, 0, $at),
                $first,
                $second,
                ...array_slice($this->scenes, $at + 1),
            ]),
            [...array_slice($this->keys, 0, $at + 1), null, ...array_slice($this->keys, $at + 1)],
            $notes,
        );
    }

    /**
     * Makes one scene of a scene and the next.
     *
     * @throws Refusal
     */
    public function joined(int $at): self
    {
        $scene = $this->at($at);
        $next = $this->scenes[$at + 1] ?? throw new Refusal('After the last scene there is none to join it with.');
        $one = new Scene(
            $scene->role,
            "{$scene->text} {$next->text}",
            $scene->startsLine,
            $scene->brief !== '' ? $scene->brief : $next->brief,
            $scene->own->joined($next->own, $scene->words()),
        );
        $notes = array_map(static fn (ScriptNote $note): ScriptNote => match (true) {
            $note->scene === $at + 1 => $note->moved($at, mb_strlen($scene->text) + 1 + $note->offset),
            $note->scene > $at + 1 => $note->moved($note->scene - 1, $note->offset),
            default => $note,
        }, $this->notes);

        return $this->with(
            self::list([...array_slice($this->scenes, 0, $at), $one, ...array_slice($this->scenes, $at + 2)]),
            [...array_slice($this->keys, 0, $at + 1), ...array_slice($this->keys, $at + 2)],
            $notes,
        );
    }

    /**
     * Moves a scene up (-1) or down (1); its notes go with it.
     *
     * @throws Refusal
     */
    public function moved(int $at, int $by): self
    {
        $this->at($at);
        $to = $at + ($by < 0 ? -1 : 1);
        if (! isset($this->scenes[$to])) {
            throw new Refusal($by < 0 ? 'This scene is the first already.' : 'This scene is the last already.');
        }
        [$scenes, $keys] = [$this->scenes, $this->keys];
        [$scenes[$at], $scenes[$to]] = [$scenes[$to], $scenes[$at]];
        [$keys[$at], $keys[$to]] = [$keys[$to], $keys[$at]];
        $notes = array_map(static fn (ScriptNote $note): ScriptNote => match ($note->scene) {
            $at => $note->moved($to, $note->offset),
            $to => $note->moved($at, $note->offset),
            default => $note,
        }, $this->notes);

        return $this->with(self::list($scenes), self::keys($keys), $notes);
    }

    /** @throws Refusal when it is the only one */
    public function without(int $at): self
    {
        $this->at($at);
        if (count($this->scenes) === 1) {
            throw new Refusal('A short needs at least one scene.');
        }
        [$scenes, $keys] = [$this->scenes, $this->keys];
        array_splice($scenes, $at, 1);
        array_splice($keys, $at, 1);
        $last = count($scenes) - 1;
        $end = mb_strlen($scenes[$last]->text);
        $notes = array_map(static fn (ScriptNote $note): ScriptNote => match (true) {
            $note->scene === $at => $at <= $last ? $note->moved($at, 0) : $note->moved($last, $end),
            $note->scene > $at => $note->moved($note->scene - 1, $note->offset),
            default => $note,
        }, $this->notes);

        return $this->with(self::list($scenes), self::keys($keys), $notes);
    }

    /**
     * A new scene before all others, or any.
     *
     * @throws Refusal
     */
    public function inserted(int $at, string $text): self
    {
        $notes = array_map(
            static fn (ScriptNote $note): ScriptNote => $note->scene >= $at
                ? $note->moved($note->scene + 1, $note->offset)
                : $note,
            $this->notes,
        );

        return $this->with(
            self::list([
                ...array_slice($this->scenes, 0, $at),
                new Scene(SceneRole::Beat, $text),
                ...array_slice($this->scenes, $at),
            ]),
            [...array_slice($this->keys, 0, $at), null, ...array_slice($this->keys, $at)],
            $notes,
        );
    }

    /**
     * Has a note spoken: inside the words where it stood among them, else as a scene of its own.
     *
     * @throws Refusal when it holds nothing that can be said
     */
    public function saying(int $number): self
    {
        $note = $this->notes[$number] ?? throw new Refusal('This note is no longer there. Reload the page.');
        $words = $note->said();
        if (! Scene::isSpeakable($words)) {
            throw new Refusal('There is nothing in this note that could be said.');
        }
        $notes = $this->notes;
        array_splice($notes, $number, 1);
        $without = new self($this->scenes, $this->keys, $notes);
        $scene = $this->at($note->scene);
        if ($note->ownLine) {
            return $without->inserted($note->scene + ($note->offset > 0 ? 1 : 0), $words);
        }
        $text = mb_substr($scene->text, 0, $note->offset).' '.$words.' '.mb_substr($scene->text, $note->offset);
        $longer = mb_strlen($words) + 1;
        $isLater = static fn (ScriptNote $other): bool => $other->scene === $note->scene
            && $other->offset > $note->offset;
        $shifted = array_map(
            static fn (ScriptNote $other): ScriptNote => $isLater($other)
                ? $other->moved($other->scene, $other->offset + $longer)
                : $other,
            $notes,
        );

        return (new self($this->scenes, $this->keys, $shifted))->reworded(
            $note->scene,
            (string) preg_replace('/ (?=[.,;:!?…])/u', '', $text),
        );
    }

    /**
     * Other first words, in place of the hook or before it. Said as a whole scene further on, they are not said again
     * there.
     *
     * @throws Refusal
     */
    public function opening(string $hook, bool $before): self
    {
        $hook = (new Scene(SceneRole::Hook, $hook))->text;
        $opened = $before ? $this->inserted(0, $hook) : $this->reworded(0, $hook);
        for ($i = count($opened->scenes) - 1; $i > 0; $i--) {
            if ($opened->scenes[$i]->text === $hook) {
                $opened = $opened->without($i);
            }
        }

        return $opened;
    }

    /**
     * What is left after shortening: each scene keeps its key.
     *
     * @param  non-empty-array<int, Scene>  $scenes  by the numbers that they have here
     *
     * @throws Refusal
     */
    public function left(array $scenes): self
    {
        ksort($scenes);
        $places = array_flip(array_keys($scenes));
        $keys = array_map(fn (int $old): ?int => $this->keys[$old], array_keys($scenes));
        $left = self::list($scenes);
        $notes = array_map(static function (ScriptNote $note) use ($places, $left): ScriptNote {
            if (isset($places[$note->scene])) {
                return $note->moved(
                    $places[$note->scene],
                    min($note->offset, mb_strlen($left[$places[$note->scene]]->text)),
                );
            }
            // A note goes to where its scene would be.
            $later = array_filter($places, static fn (int $old): bool => $old > $note->scene, ARRAY_FILTER_USE_KEY);
            $last = count($left) - 1;

            return $later === [] ? $note->moved($last, mb_strlen($left[$last]->text)) : $note->moved(min($later), 0);
        }, $this->notes);

        return $this->with($left, $keys, $notes);
    }

    /**
     * The same words in other scenes. Notes stay between the words they stood between, and what belonged to words is
     * theirs still: a scene has the settings that hold where it begins, and a picture that was wished for is shown
     * where its scene began.
     *
     * @param  non-empty-list<Scene>  $scenes
     *
     * @throws Refusal
     */
    public function resplit(array $scenes): self
    {
        $shared = Resplit::shared($this->scenes, $scenes);
        $passed = [];
        $characters = 0;
        foreach ($this->scenes as $i => $scene) {
            $passed[$i] = $characters;
            $characters += NotePlace::inked($scene->text);
        }
        $notes = array_map(function (ScriptNote $note) use ($passed, $scenes): ScriptNote {
            $before =
                $passed[$note->scene] + NotePlace::inked(mb_substr($this->at($note->scene)->text, 0, $note->offset));

            return $note->moved(...NotePlace::after($before, $scenes));
        }, $this->notes);

        return new self(self::list(Roles::given($shared)), $this->keysOf($shared), $notes);
    }

    /**
     * Scenes whose words were there before have the keys that they had.
     *
     * @param  list<Scene>  $scenes
     * @return list<int|null>
     */
    private function keysOf(array $scenes): array
    {
        $keys = [];
        $from = 0;
        foreach ($scenes as $scene) {
            $found = null;
            for ($j = $from; $j < count($this->scenes) && $found === null; $j++) {
                $found = $this->scenes[$j]->text === $scene->text ? $j : null;
            }
            $keys[] = $found === null ? null : $this->keys[$found];
            $from = $found === null ? $from : $found + 1;
        }

        return $keys;
    }

    /** @throws Refusal */
    private function at(int $at): Scene
    {
        return $this->scenes[$at] ?? throw new Refusal('This scene is no longer there. Reload the page.');
    }

    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  list<int|null>  $keys
     * @param  list<ScriptNote>  $notes
     *
     * @throws Refusal
     */
    private function with(array $scenes, array $keys, array $notes): self
    {
        // A last scene that was said to be a beat, or the close, stays what it was said to be.
        $given = Roles::given($scenes);
        $last = count($scenes) - 1;
        if (
            $last > 0 &&
            $scenes[$last]->role !== SceneRole::Hook &&
            $keys[$last] !== null &&
            $keys[$last] === $this->keys[count($this->keys) - 1] &&
            $scenes[$last]->text === $this->scenes[count($this->scenes) - 1]->text
        ) {
            $given[$last] = $given[$last]->as($scenes[$last]->role);
        }

        return new self(self::list($given), $keys, $notes);
    }

    /**
     * @param  array<int, Scene>  $scenes
     * @return non-empty-list<Scene>
     *
     * @throws Refusal
     */
    private static function list(array $scenes): array
    {
        return $scenes === [] ? throw new Refusal('A short needs at least one scene.') : array_values($scenes);
    }

    /**
     * @param  array<int, int|null>  $keys
     * @return list<int|null>
     */
    private static function keys(array $keys): array
    {
        return array_values($keys);
    }
}
