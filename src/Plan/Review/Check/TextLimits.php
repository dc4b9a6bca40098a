<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Base\Target\Target;

/** Titles and tags brought to what targets take. */
final class TextLimits
{
    /** Cut after a word, with nothing that leads on hanging at its end. */
    public static function title(string $title, int $most): string
    {
        if (mb_strlen($title) <= $most) {
            return $title;
        }
        $cut = mb_substr($title, 0, $most + 1);
        $space = mb_strrpos($cut, ' ');
        // One word that is longer than all there is room for.
        $cut = $space === false || $space === 0 ? mb_substr($title, 0, $most) : mb_substr($cut, 0, $space);

        return (string) preg_replace('/[\s,;:.…—–-]+$/u', '', $cut);
    }

    /**
     * @param  list<string>  $tags
     * @param  non-empty-list<Target>  $targets
     * @return array{list<string>, array{string, Target}|null} those that all take, and what is too much, and for which;
     *   null where nothing is
     */
    public static function tags(array $tags, array $targets): array
    {
        $because = null;
        $kept = $tags;
        foreach ($targets as $target) {
            $long = array_values(array_filter(
                $kept, static fn (string $tag): bool => mb_strlen($tag) > $target->texts->tag,
            ));
            if ($long !== []) {
                $because ??= [sprintf(
                    'The tag “%s” has %d characters; the target%%s takes %d.', str_replace('%', '%%', $long[0]),
                    mb_strlen($long[0]), $target->texts->tag,
                ), $target];
                $kept = array_values(array_diff($kept, $long));
            }
            if (count($kept) > $target->texts->tags) {
                $because ??= [
                    sprintf('It has %d tags; the target%%s takes %d.', count($kept), $target->texts->tags), $target,
                ];
                $kept = array_slice($kept, 0, $target->texts->tags);
            }
        }

        return [$kept, $because];
    }
}
