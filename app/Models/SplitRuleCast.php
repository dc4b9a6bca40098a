<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use RapidReel\Script\SplitRule;

/**
 * @implements CastsAttributes<SplitRule, SplitRule|string>
 */
final class SplitRuleCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): SplitRule
    {
        return $value === null ? SplitRule::sentence() : SplitRule::parse((string) $value);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return (string) $value;
    }
}
