<?php

declare(strict_types=1);

namespace App\Media\Farm;

/** Where an order stands that somebody wants to make. */
enum Standing
{
    /** Whoever asks has it from now on. */
    case Own;

    /** Nobody is at it, and others are to have it. */
    case Open;

    /** Another machine is at it. */
    case Others;

    /** Another machine made it. */
    case Made;
}
