<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use RuntimeException;

/** Another worker has this export by now. */
final class TakenOver extends RuntimeException
{
}
