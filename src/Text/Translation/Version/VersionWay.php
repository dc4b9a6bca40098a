<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

/** How the times of a version come about. */
enum VersionWay: string
{
    /** It is paced to its own voice: pictures stay with their sentences. */
    case Voice = 'voice';
    /** Its voice is brought to the length of each scene of the source. */
    case Pictures = 'pictures';
    /** Both are brought to the length that the source has. */
    case Length = 'length';
    /** It has no voice: its captions stand over that of the source. */
    case Captions = 'captions';

    public function says(): string
    {
        return match ($this) {
            self::Voice => 'pictures follow the voice',
            self::Pictures => 'the voice fits the pictures',
            self::Length => 'both to the length of the first',
            self::Captions => 'captions over the first voice',
        };
    }
}
