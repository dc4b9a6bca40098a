<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review;

use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;

/** Whether somebody is to read what is in no language of theirs. */
final class LanguageFlags
{
    /**
     * @param  list<array{string, string, string}>  $said  of each scene that a voice reads: its words, the voice's
     *                                                     name, and the primary part of the tag of its language
     * @param  list<string>  $spoken  languages that there are voices of
     * @return list<Flag>
     */
    public static function of(array $said, array $spoken): array
    {
        $byVoice = [];
        foreach ($said as [$text, $name, $language]) {
            $byVoice["$name $language"][] = $text;
        }
        $flags = [];
        foreach ($byVoice as $voice => $texts) {
            [$name, $reads] = [substr($voice, 0, (int) strrpos($voice, ' ')), substr($voice, strrpos($voice, ' ') + 1)];
            $is = LanguageFinder::of(implode("\n", $texts), $reads);
            if ($is === null || $is === $reads) {
                continue;
            }
            [$is_, $reads] = [LanguageFinder::name($is), LanguageFinder::name($reads)];
            $flags[] = new Flag(FlagCode::OtherLanguage, in_array($is, $spoken, true)
                ? "$name reads $reads, and this is $is_: choose a voice that reads it."
                : "This is $is_, and no voice here reads it; $name would read it as $reads. Record it yourself, or "
                    .'have a voice service read it (docs/voices.md).');
        }

        return $flags;
    }
}
