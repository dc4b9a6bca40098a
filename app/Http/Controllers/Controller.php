<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;

abstract class Controller
{
    protected function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }

    /** A text of a request; empty where there is none. */
    protected function text(Request $request, string $field): string
    {
        $text = $request->input($field);
        if ($text !== null && ! is_scalar($text)) {
            throw new Refusal('A text was expected, and something else came. Load the page again.');
        }

        return mb_scrub((string) $text);
    }

    /** A whole number of a request; 0 where there is none. */
    protected function whole(Request $request, string $field): int
    {
        $number = $request->input($field, 0);

        return filter_var($number, FILTER_VALIDATE_INT) !== false && abs((int) $number) < 2 ** 31
            ? (int) $number
            : throw new Refusal('A whole number was expected, and something else came. Load the page again.');
    }
}
