<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

enum FootageKind: string
{
    case Clip = 'clip';
    case Still = 'still';
}
