<?php

declare(strict_types=1);

namespace App\Shorts;

use RuntimeException;

/** Something the operator can put right; the message says what is wrong and what to do. */
class ProblemForOperator extends RuntimeException
{
}
