<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use RapidReel\Base\Values;

/**
 * What is set at one level, in its column.
 *
 * @implements CastsAttributes<Values, Values>
 */
final class ValuesCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Values
    {
        return Values::fromJson(is_string($value) ? $value : null);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof Values ? $value->toJson() : '{}';
    }
}
