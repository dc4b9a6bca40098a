<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Framing;

/** What is behind a source that is shown whole and does not fill the frame. */
enum Backdrop: string
{
    case Blur = 'blur';
    case Plain = 'plain';
    case Gradient = 'gradient';
}
