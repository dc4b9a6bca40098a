<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Plan\Cut\Flag;

/**
 * What was seen and heard of a short that its plan does not tell. Times in ms of the short. What nobody has looked at
 * is not there, and nothing is found in it.
 */
final readonly class Observed
{
    /**
     * @param  list<array{scene: int, word: int, ms: int, ratio: float, mend: string}>  $faint  captions that stand out
     *   too little: contrast 1…21 (WCAG 2.2) and the way that would mend most
     * @param  array<int, array{held: float, clear: float}>  $subjects  by the moment at which each shot begins: how
     *   much of what its picture is about is in the window, and how much of that clear of what the outlet draws, 0…1
     * @param  list<int>  $chosen  moments at which shots begin whose pictures an operator chose
     * @param  list<string>  $standIns  ids of footage that a stand-in made
     * @param  list<array{scene: int, word: int, text: string}>  $doubts  words of recordings whose times are not sure
     * @param  list<array{int, int}>|null  $still  from when until when the bare picture stands still; null where
     *   that is not known
     * @param  array{clear: float|null, loudness: float, peak: float}|null  $sound  dB that the voice stands over the
     *   music at least, LUFS and dBTP of the mix; null where nothing is mixed yet
     * @param  list<Flag>  $alike  earlier shorts that say nearly the same
     */
    public function __construct(
        public array $faint = [],
        public array $subjects = [],
        public array $chosen = [],
        public array $standIns = [],
        public array $doubts = [],
        public ?array $still = null,
        public ?array $sound = null,
        public array $alike = [],
    ) {
    }
}
