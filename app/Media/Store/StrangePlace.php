<?php

declare(strict_types=1);

namespace App\Media\Store;

use RapidReel\Base\Refusal;

/** Something names a file that cannot be one of ours. */
final class StrangePlace extends Refusal
{
    public static function of(string $place): self
    {
        return new self(sprintf(
            'A file is asked for by a name that none of ours has (“%s”). Nothing was opened or changed.',
            mb_strimwidth(mb_scrub($place), 0, 80, '…'),
        ));
    }
}
