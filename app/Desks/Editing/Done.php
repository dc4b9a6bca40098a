<?php

declare(strict_types=1);

namespace App\Desks\Editing;

/** What was done to many, as the operator is told. */
final readonly class Done
{
    public static function to(int $shorts, string $what): string
    {
        return match ($shorts) {
            0 => "Nothing to change: $what.",
            1 => "1 short: $what.",
            default => "$shorts shorts: $what.",
        };
    }
}
