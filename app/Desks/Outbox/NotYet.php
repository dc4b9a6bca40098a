<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use RapidReel\Base\Refusal;

/** Its file is being made: it leaves by itself when that is there. */
final class NotYet extends Refusal
{
}
