<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

/** What an outlet says of what it was sent. */
enum SentState
{
    /** It knows of it, and waits for the rest. */
    case Arriving;
    case Processing;
    case Posted;
    case Refused;
}
