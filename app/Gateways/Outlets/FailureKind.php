<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

/** Why something could not be brought to an outlet, as far as it matters for what is done next. */
enum FailureKind
{
    /** It may work when it is tried again. */
    case Later;
    /** The same would be refused again. */
    case Refused;
    /** Nobody is signed in there any more. */
    case SignedOut;
}
