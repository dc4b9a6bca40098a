<?php

declare(strict_types=1);

namespace App\Media\Video;

use RapidReel\Base\Refusal;

final class ChangedFootage extends Refusal
{
    public function __construct(string $name)
    {
        parent::__construct(
            "The file of “{$name}” was changed, damaged or deleted on the disk since it was uploaded. Upload it "
                .'again, or swap it for another, and export again.',
        );
    }
}
