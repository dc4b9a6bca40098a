<?php

declare(strict_types=1);

namespace RapidReel\Base;

use RuntimeException;

/**
 * Something the operator can put right: the message is in the operator's words and says what is wrong and what to do.
 * Errors of the program itself are of other kinds and are never shown as this.
 */
class Refusal extends RuntimeException
{
}
