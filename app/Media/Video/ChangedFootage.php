<?php

declare(strict_types=1);

namespace App\Media\Video;

use RapidReel\Base\Refusal;

final class ChangedFootage extends Refusal
{
    public function __construct(string $name)
    {
        parent::__construct(
            "The file of “{$name}” was changed, damaged or taken away on the disk since it was brought in. Upload it "
                .'again, or swap it for another, and export again.',
        );
    }
}
