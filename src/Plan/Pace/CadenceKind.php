<?php

declare(strict_types=1);

namespace RapidReel\Plan\Pace;

enum CadenceKind: string
{
    /** As few shots as the longest allows. */
    case Longest = 'longest';
    case Seconds = 'seconds';
    case Words = 'words';
}
