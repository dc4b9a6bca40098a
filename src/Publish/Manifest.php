<?php

declare(strict_types=1);

namespace RapidReel\Publish;

use RapidReel\Cut\Cut;
use RapidReel\Cut\Flag;

/** The list that goes with a batch of exports: one row a short. */
final class Manifest
{
    /**
     * @param  list<array{name: string, cut: Cut}>  $shorts
     */
    public static function csv(array $shorts): string
    {
        $rows = [['file', 'title', 'duration_s', 'hook_s', 'scenes', 'profile', 'flags', 'srt', 'vtt', 'ass', 'cut']];
        foreach ($shorts as ['name' => $name, 'cut' => $cut]) {
            $rows[] = [
                "$name.mp4",
                $cut->title,
                round($cut->durationMs / 1000, 3),
                round($cut->hookMs / 1000, 3),
                count($cut->scenes),
                $cut->profile->value,
                implode('; ', array_map(static fn (Flag $flag): string => $flag->message, $cut->flags)),
                "$name.srt",
                "$name.vtt",
                "$name.ass",
                "$name.json",
            ];
        }

        return Csv::write($rows);
    }
}
