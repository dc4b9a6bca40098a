<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

enum Tone: string
{
    case Tense = 'tense';
    case Calm = 'calm';
    case Bright = 'bright';
    case Plain = 'plain';
}
