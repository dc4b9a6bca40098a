<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\SynthEvent;

/** What a voice gave: its sound, and where in the text it was when. */
final readonly class Speech
{
    /** @param  list<SynthEvent>  $events */
    public function __construct(
        public Pcm $sound,
        public array $events,
    ) {
    }
}
