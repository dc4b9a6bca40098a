<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

use RapidReel\Base\Refusal;

/** A font file that cannot be used for captions. */
final class BrokenTypeface extends Refusal
{
}
