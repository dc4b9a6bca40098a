<?php

declare(strict_types=1);

namespace RapidReel\Footage;

enum FootageKind: string
{
    case Clip = 'clip';
    case Still = 'still';
}
