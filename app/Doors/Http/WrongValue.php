<?php

declare(strict_types=1);

namespace App\Doors\Http;

use RapidReel\Base\Refusal;

/** A request that no page of ours sends: a list where a word is expected, letters for a number. */
final class WrongValue extends Refusal
{
    public static function of(string $field, string $expected): self
    {
        return new self("“{$field}” takes {$expected}, and something else came. Reload the page.");
    }
}
