<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Marks\WordMark;

/** Where effects are heard: where an operator put them, and by rule at transitions and at words that stand out. */
final readonly class EffectPlacer
{
    /** Two of the same are heard as one where they are nearer. */
    private const NEAREST_MS = 60;

    private const MOST = 200;

    /** @param  array<array-key, SoundEffect>  $effects  at hand, by id */
    public function __construct(private array $effects)
    {
    }

    /**
     * @param  list<VoicedScene>  $voiced
     * @param  list<CutScene>  $scenes
     * @param  list<Cue>  $cues
     * @return list<CutEffect>
     */
    public function place(array $voiced, array $scenes, array $cues, int $durationMs): array
    {
        if ($this->effects === []) {
            return [];
        }
        $placed = $ruled = [];
        foreach ($voiced as $number => $one) {
            $scene = $scenes[$number];
            $sounds = $one->settings->shots->sounds;
            foreach ($scene->shots as $shot) {
                $own = $one->shotAt($shot->word)->effect;
                $transition = $shot->view->transition;
                if ($own !== '') {
                    $placed[] = $this->effect($own, $shot->startMs, $sounds->under, 'at this picture');
                } elseif ($transition !== null && $shot->startMs > 0) {
                    // It is loudest in the middle of what it goes with.
                    $at = $shot->startMs - intdiv($transition->ms, 2);
                    $ruled[] = $this->effect($sounds->change, $at, $sounds->under, $transition->kind->label());
                }
            }
            foreach ($one->scene->own->captions->words as $mark) {
                $at = $this->at($mark, $one, $scene);
                if ($mark->sound !== null && $at !== null) {
                    $placed[] = $this->effect($mark->sound, $at, $sounds->under, 'placed here');
                }
            }
        }
        foreach ($cues as $cue) {
            $sounds = $voiced[$cue->from->scene]->settings->shots->sounds;
            foreach ($cue->words as $word) {
                if ($word->stands) {
                    $ruled[] = $this->effect($sounds->emphasis, $word->startMs, $sounds->under, "“{$word->text}”");
                }
            }
        }

        return self::apart([array_filter($placed), array_filter($ruled)], $durationMs);
    }

    private function at(WordMark $mark, VoicedScene $one, CutScene $scene): ?int
    {
        $timing = $one->take->words[min($mark->word, count($one->take->words) - 1)] ?? null;

        return $timing === null ? null : $scene->startMs + $timing->startMs + $mark->soundMs;
    }

    private function effect(string $id, int $atMs, int $under, string $why): ?CutEffect
    {
        $effect = $this->effects[$id] ?? null;

        return $effect === null
            ? null
            : new CutEffect($effect->id, $effect->fingerprint, $effect->loudest, max(0, $atMs), $under, $why);
    }

    /**
     * Those that are heard by themselves, in order of time.
     *
     * @param  list<array<CutEffect>>  $groups  those of the first give way to none of the later
     * @return list<CutEffect>
     */
    private static function apart(array $groups, int $durationMs): array
    {
        $inTime = static fn (CutEffect $a, CutEffect $b): int => [$a->atMs, $a->sound] <=> [$b->atMs, $b->sound];
        $kept = $times = [];
        foreach ($groups as $effects) {
            usort($effects, $inTime);
            foreach ($effects as $effect) {
                $near = array_filter(
                    $times[$effect->sound] ?? [],
                    static fn (int $ms): bool => abs($ms - $effect->atMs) < self::NEAREST_MS,
                );
                if ($near === [] && $effect->atMs < $durationMs && count($kept) < self::MOST) {
                    $kept[] = $effect;
                    $times[$effect->sound][] = $effect->atMs;
                }
            }
        }
        usort($kept, $inTime);

        return $kept;
    }
}
