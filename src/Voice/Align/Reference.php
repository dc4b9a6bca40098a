<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\WordTiming;

/** A text read by a voice that tells when each word is said: what a recording of the text is held against. */
final readonly class Reference
{
    /** @param  non-empty-list<WordTiming>  $words  of the text, with their times in the sound */
    public function __construct(public Pcm $sound, public array $words)
    {
    }
}
