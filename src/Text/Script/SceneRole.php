<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

enum SceneRole: string
{
    case Hook = 'hook';
    case Beat = 'beat';
    case Close = 'close';
}
