<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** What must be made again when a setting changes. */
enum Stale: string
{
    /** The scenes are split anew, and all that comes of their words. */
    case Words = 'words';
    /** The plan; of takes, segments and sound what is other in it. */
    case Plan = 'plan';
}
