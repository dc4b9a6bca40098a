<?php

declare(strict_types=1);

namespace RapidReel\Sound;

use RapidReel\Cut\CutMusic;

/** Music for a short nobody chose any for: always the same for one title, and not the same for all. */
final class MusicChooser
{
    /**
     * @param  list<CutMusic>  $pieces
     */
    public function choose(string $title, array $pieces): ?CutMusic
    {
        return $pieces === [] ? null : $pieces[crc32($title) % count($pieces)];
    }
}
