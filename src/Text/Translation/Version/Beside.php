<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

use RapidReel\Base\Language\UnspacedWords;

/** Which sentences of two shorts say the same, where one is a version of the other or both are of a third. */
final readonly class Beside
{
    /**
     * @param  int  $scene  of the other short, by its id
     * @param  list<Pair>  $pairs  sentences of the one, and what they are in the other
     */
    private function __construct(public int $scene, public array $pairs)
    {
    }

    /**
     * @param  int  $scene  of the one short, by its id
     * @param  VersionText|null  $own  what it is a version by; null where it is the source
     * @param  VersionText|null  $other  what the other is a version by; null where that is the source
     * @return self|null null where the other has no such scene
     */
    public static function ofScene(int $scene, ?VersionText $own, ?VersionText $other): ?self
    {
        $line = $own?->lineAt($scene);
        if ($other === null) {
            return $line === null ? null : new self($line->of, array_map(
                static fn (Pair $pair): Pair => new Pair($pair->target, $pair->source), $line->pairs,
            ));
        }
        $there = $own === null ? $other->lineOf($scene) : ($line === null ? null : $other->lineOf($line->of));
        if ($there === null) {
            return null;
        }

        return new self($there->scene, $line === null ? $there->pairs : self::joined($line->pairs, $there->pairs));
    }

    /**
     * Two versions of the same sentences; of a scene that was reworded between them only the whole is the same.
     *
     * @param  list<Pair>  $one
     * @param  list<Pair>  $other
     * @return list<Pair>
     */
    private static function joined(array $one, array $other): array
    {
        if (array_column($one, 'source') === array_column($other, 'source')) {
            return array_map(
                static fn (Pair $a, Pair $b): Pair => new Pair($a->target, $b->target), $one, $other,
            );
        }

        return [new Pair(
            UnspacedWords::joined(array_column($one, 'target')), UnspacedWords::joined(array_column($other, 'target')),
        )];
    }
}
