<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

use RapidReel\Base\Csv;

/** Briefs as files that go out to whoever makes the pictures. */
final class BriefList
{
    /**
     * One a line, in order, none missing.
     *
     * @param  list<Brief>  $briefs
     */
    public static function plain(array $briefs): string
    {
        return implode('', array_map(static fn (Brief $brief): string => $brief->text."\n", $briefs));
    }

    /**
     * @param  list<Brief>  $briefs
     */
    public static function csv(array $briefs): string
    {
        $rows = [['file', 'scene', 'shot', 'start_s', 'end_s', 'brief', 'words', 'forbidden']];
        foreach ($briefs as $brief) {
            $rows[] = [
                $brief->fileName(),
                $brief->shot->scene + 1,
                $brief->shot->shot + 1,
                round($brief->shot->startMs / 1000, 3),
                round($brief->shot->endMs / 1000, 3),
                $brief->text,
                $brief->shot->words,
                implode('; ', $brief->forbidden),
            ];
        }

        return Csv::write($rows);
    }
}
