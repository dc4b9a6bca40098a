<?php

declare(strict_types=1);

namespace App\Doors\Http\Middleware;

use App\Doors\Http\Fields;
use App\Doors\Http\WrongValue;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nothing reaches a controller whose form is not what its route takes. */
final class ChecksFields
{
    /** @throws WrongValue */
    public function handle(Request $request, Closure $next): Response
    {
        foreach (Fields::of((string) $request->route()?->getName()) as $name => $field) {
            $value = $request->input($name);
            // An empty field came as none.
            if ($value !== null) {
                $field->check($name, $value);
            }
        }

        return $next($request);
    }
}
