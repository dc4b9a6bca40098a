<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Gateways\Voices\Voice;
use RapidReel\Footage\Footage;
use RapidReel\Script\Scene;
use RapidReel\Voice\Delivery;
use RapidReel\Voice\Take;

/** A scene to be voiced: who says it and how, or who said it already, and the footage settled for its shots, by their number. */
final readonly class SceneDraft
{
    /**
     * @param  array<int, Footage>  $chosen
     * @param  Take|null  $reading  raw, where somebody has read it
     */
    public function __construct(
        public Scene $scene,
        public Voice $voice,
        public Delivery $delivery = new Delivery,
        public array $chosen = [],
        public ?Take $reading = null,
    ) {
    }

    /** Other words said in the same way; what was chosen and read for these does not serve them. */
    public function saying(Scene $scene): self
    {
        return new self($scene, $this->voice, new Delivery($this->delivery->deadAirMs, [], $this->delivery->pronunciations, $this->delivery->pauseMs));
    }
}
