<?php

declare(strict_types=1);

namespace App\Gateways\Drafting;

use RapidReel\Base\Refusal;
use RapidReel\Draft\Draft;
use RapidReel\Draft\DraftOrder;

/** Whoever writes scripts to order. */
interface Drafting
{
    /** What the operator is told about who writes. */
    public function about(): string;

    /**
     * The same order gives the same draft.
     *
     * @throws Refusal in the operator's words, when the order cannot be met
     */
    public function write(DraftOrder $order): Draft;
}
