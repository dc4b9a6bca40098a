<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

/** How a maker of voices wants to be asked. */
final readonly class Patience
{
    /**
     * @param  int  $timeout  seconds that one answer may take
     * @param  int  $retries  how often a service is asked again where it does not answer or is too busy
     * @param  bool  $oneAtATime  whether no two requests may be under way at once
     */
    public function __construct(
        public int $timeout = 60,
        public int $retries = 2,
        public bool $oneAtATime = false,
    ) {
    }
}
