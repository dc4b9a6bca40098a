<?php

declare(strict_types=1);

namespace App\Gateways\Writing;

use RapidReel\Base\Refusal;
use RapidReel\Text\Sketch\Rewording;
use RapidReel\Text\Sketch\Sketch;
use RapidReel\Text\Sketch\SketchOrder;

/** Whoever writes scripts to order. */
interface Writing
{
    /** What the operator is told about who writes. */
    public function about(): string;

    /**
     * The same order gives the same sketch.
     *
     * @throws Refusal in the operator's words, when the order cannot be met
     */
    public function write(SketchOrder $order): Sketch;

    /**
     * Says a script another way: its facts and their order stay.
     *
     * @param  list<Sketch>  $others  versions from which it is to differ too
     *
     * @throws Refusal in the operator's words, when that cannot be done
     */
    public function reword(Rewording $order, array $others): Sketch;
}
