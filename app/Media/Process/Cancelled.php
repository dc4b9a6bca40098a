<?php

declare(strict_types=1);

namespace App\Media\Process;

use RuntimeException;

/** The operator called an export off. */
final class Cancelled extends RuntimeException
{
}
