<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use RapidReel\Base\Refusal;

/** Captions of which only some say what the short says: the operator is asked what is to become of them. */
final class HalfFit extends Refusal
{
    public static function of(int $fit, int $all): self
    {
        return new self(sprintf(
            '%d of %d captions say%s what this short says. Bring %s, or all of them at the times of the file: then '
                .'they may say anything, as a translation does.',
            $fit,
            $all,
            $fit === 1 ? 's' : '',
            $fit === 1 ? 'that one alone' : 'those alone',
        ));
    }
}
