<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Scene;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\ShotMark;

/** Where the shots of a scene begin and end, and where in its clip each begins. What is touched stays as it is then. */
final readonly class ShotEditor
{
    /** A boundary is dragged off its word by so many frames at most. */
    private const MOST_FRAMES = 45;

    public function __construct(private SceneEdits $scenes)
    {
    }

    /**
     * Has a shot begin at another word, or so many frames off it.
     *
     * @throws Refusal
     */
    public function move(Scene $scene, int $word, int $to, int $frames): void
    {
        if (abs($frames) > self::MOST_FRAMES) {
            throw new Refusal(sprintf('A picture changes within %d frames of a word.', self::MOST_FRAMES));
        }
        [$before, $shot, $after] = $this->around($scene, $word);
        if ($before === null) {
            throw new Refusal('The first shot begins with its scene.');
        }
        $end = $after->word ?? $scene->toScript()->words();
        if ($to <= $before->word || $to >= $end) {
            throw new Refusal('A shot begins after the one before it, and before the next.');
        }
        $this->put($scene, 'moved where a picture changes', [$word], static fn (SceneOwn $own): array => [
            self::held($own, $before, $to - $before->word),
            self::held($own, $shot, $end - $to)->at($to)->offset($frames),
            ...$after === null ? [] : [self::held($own, $after)],
        ]);
    }

    /**
     * Has another shot begin at a word.
     *
     * @throws Refusal
     */
    public function split(Scene $scene, int $at): void
    {
        $shots = $this->shots($scene);
        $over = null;
        $after = null;
        foreach ($shots as $i => $shot) {
            if ($shot->word <= $at) {
                [$over, $after] = [$shot, $shots[$i + 1] ?? null];
            }
        }
        $words = $scene->toScript()->words();
        if ($over === null || $over->word === $at || $at >= $words) {
            throw new Refusal('A shot begins at this word already, or there is no such word.');
        }
        $end = $after->word ?? $words;
        $this->put($scene, 'split a shot', [], static fn (SceneOwn $own): array => [
            self::held($own, $over, $at - $over->word),
            (new ShotMark($at))->holding($end - $at),
            ...$after === null ? [] : [self::held($own, $after)],
        ]);
    }

    /**
     * Has the shot before go on in place of one.
     *
     * @throws Refusal
     */
    public function join(Scene $scene, int $word): void
    {
        [$before, , $after] = $this->around($scene, $word);
        if ($before === null) {
            throw new Refusal('This is the first shot of its scene.');
        }
        $end = $after->word ?? $scene->toScript()->words();
        $this->put($scene, 'joined shots', [$word], static fn (SceneOwn $own): array => [
            self::held($own, $before, $end - $before->word),
            ...$after === null ? [] : [self::held($own, $after)],
        ]);
    }

    /**
     * Has a clip begin at another of its moments.
     *
     * @throws Refusal
     */
    public function slip(Scene $scene, int $word, int $inMs): void
    {
        [, $shot] = $this->around($scene, $word);
        $this->put($scene, 'slipped a clip', [], static fn (SceneOwn $own): array => [
            self::held($own, $shot)->slipped($inMs),
        ]);
    }

    /**
     * @param  list<int>  $gone  words at which no shot begins any more
     * @param  callable(SceneOwn): list<ShotMark>  $marks
     *
     * @throws Refusal
     */
    private function put(Scene $scene, string $what, array $gone, callable $marks): void
    {
        $this->scenes->own($scene, $what, static fn (SceneOwn $own): SceneOwn => $own->shot([
            ...$marks($own),
            ...array_filter($own->shots, static fn (ShotMark $one): bool => ! in_array($one->word, $gone, true)),
        ]));
    }

    /** As it is shown now, with what belongs to it, to stay so. */
    private static function held(SceneOwn $own, CutShot $shot, ?int $words = null): ShotMark
    {
        $mark = $own->shotAt($shot->word)->withFootage($shot->source->footage);

        return $words === null ? $mark : $mark->holding($words);
    }

    /**
     * A shot as it is planned, with its neighbours in the scene.
     *
     * @return array{CutShot|null, CutShot, CutShot|null}
     *
     * @throws Refusal
     */
    private function around(Scene $scene, int $word): array
    {
        $shots = $this->shots($scene);
        foreach ($shots as $i => $shot) {
            if ($shot->word === $word) {
                return [$shots[$i - 1] ?? null, $shot, $shots[$i + 1] ?? null];
            }
        }

        throw new Refusal('This shot is no longer there. Reload the page.');
    }

    /**
     * @return list<CutShot>
     *
     * @throws Refusal while it is not planned
     */
    private function shots(Scene $scene): array
    {
        $short = $scene->short->loadMissing(['scenes.shots']);
        $number = $short->scenes->search(static fn (Scene $one): bool => $one->id === $scene->id);
        $planned = $short->isPlanned() ? $short->plannedCut()?->scenes[(int) $number] ?? null : null;

        return $planned === null
            ? throw new Refusal('The short is being planned. Wait a moment and do it again.')
            : $planned->shots;
    }
}
