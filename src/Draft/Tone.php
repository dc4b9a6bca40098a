<?php

declare(strict_types=1);

namespace RapidReel\Draft;

enum Tone: string
{
    case Tense = 'tense';
    case Calm = 'calm';
    case Bright = 'bright';
    case Plain = 'plain';
}
