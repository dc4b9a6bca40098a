<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;
use RapidReel\Base\PlainText;

/** Control characters of what was typed or pasted mean nothing to anybody here, and much to others: they are blanks. */
final class CleansText extends TransformsRequest
{
    private const AS_THEY_ARE = ['password', 'current', 'again'];

    /**
     * @param  string  $key
     * @param  mixed  $value
     */
    protected function transform($key, $value): mixed
    {
        return is_string($value) && ! in_array($key, self::AS_THEY_ARE, true) ? PlainText::of($value) : $value;
    }
}
