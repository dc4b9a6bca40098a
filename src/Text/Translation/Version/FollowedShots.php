<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

use RapidReel\Base\Language\ScriptWord;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\ShotHold;
use RapidReel\Text\Script\ShotMark;

/**
 * The shots of a scene over its words in another language: each stays with its sentence, as far into it as it was.
 * Which word is which nobody can tell.
 */
final class FollowedShots
{
    /** Settings of a scene that a version has of its own: its times. */
    public const TIMES = ['tempo', 'pause'];

    /**
     * @param  list<Pair>  $pairs  its sentences, and what they became
     * @return list<ShotMark> locked: what the source shows is shown
     */
    public static function of(Scene $source, array $pairs): array
    {
        $said = array_map(self::words(...), array_column($pairs, 'source'));
        $into = array_map(self::words(...), array_column($pairs, 'target'));
        $words = self::words($source->text);
        if (array_sum($said) !== $words) {
            // It was changed since: what is left is how far into all of it.
            [$said, $into] = [[$words], [array_sum($into)]];
        }
        $all = (int) array_sum($into);
        /** @var array<int, ShotMark> $at */
        $at = [];
        $last = -1;
        foreach ($source->own->shots as $shot) {
            $word = max($last + 1, self::place($shot->word, $said, $into));
            if ($word < $all && $shot->footage !== null) {
                $at[$word] = $shot;
                $last = $word;
            }
        }
        $words = [...array_keys($at), $all];

        // Each is held until the next: no other comes between them, however long that takes to say.
        return array_map(static fn (ShotMark $shot, int $i): ShotMark => new ShotMark(
            $words[$i], $shot->footage, true, new ShotHold($shot->hold->offset, $words[$i + 1] - $words[$i]),
            $shot->inMs,
            $shot->own, pins: $shot->pins,
        ), array_values($at), array_keys(array_values($at)));
    }

    /** What a scene took over, or would, whatever words it stands at: whoever changed something of it has another. */
    public static function hash(SceneOwn $own): string
    {
        $settings = $own->settings;
        foreach (self::TIMES as $key) {
            $settings = $settings->without($key);
        }
        $shots = [];
        foreach ($own->shots as $shot) {
            if ($shot->isLocked) {
                $shots[] = [
                    $shot->footage, $shot->inMs, $shot->hold->offset, $shot->own->toJson(),
                    array_map(static fn (object $pin): array => (array) $pin, $shot->pins),
                ];
            }
        }

        return hash('xxh128', json_encode([$settings->toJson(), $shots], JSON_THROW_ON_ERROR));
    }

    /**
     * @param  list<int>  $said  words of each sentence
     * @param  list<int>  $into  words of what each became
     */
    private static function place(int $word, array $said, array $into): int
    {
        $passed = $there = 0;
        foreach ($said as $i => $count) {
            if ($word < $passed + $count) {
                return $there + (int) floor(($word - $passed) * $into[$i] / $count);
            }
            $passed += $count;
            $there += $into[$i];
        }

        return $there;
    }

    private static function words(string $text): int
    {
        return count(ScriptWord::of($text));
    }
}
