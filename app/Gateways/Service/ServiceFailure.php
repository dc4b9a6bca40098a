<?php

declare(strict_types=1);

namespace App\Gateways\Service;

use RuntimeException;

/** A service gave nothing that can be used; the message goes on from its name ("do not answer"). */
final class ServiceFailure extends RuntimeException
{
}
