<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** What must be made again when a setting changes. */
enum Stale: string
{
    /** The scenes are split anew. */
    case Words = 'words';
    /** Takes are spoken or cut anew. */
    case Voice = 'voice';
    /** Times, pictures and flags are planned anew. */
    case Plan = 'plan';
    /** Segments are rendered anew. */
    case Pixels = 'pixels';
    /** The sound is mixed anew. */
    case Sound = 'sound';
}
