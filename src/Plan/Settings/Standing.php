<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** How readily a setting is at hand. */
enum Standing
{
    case First;
    case Common;
    /** Folded away until it is looked for */
    case Rare;
    /** Only on a page of its own */
    case Apart;
}
