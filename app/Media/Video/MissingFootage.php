<?php

declare(strict_types=1);

namespace App\Media\Video;

use RapidReel\Base\Refusal;

final class MissingFootage extends Refusal
{
    public function __construct(string $id)
    {
        parent::__construct(
            "Footage $id is in this short but no longer in the library. Swap it for another and export again.",
        );
    }
}
