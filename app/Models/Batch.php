<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property Carbon $created_at
 * @property-read User $user
 * @property-read Collection<int, Short> $shorts
 */
final class Batch extends Model
{
    protected $fillable = ['user_id', 'name'];

    /** @return HasMany<Short, $this> */
    public function shorts(): HasMany
    {
        $ordered = $this->hasMany(Short::class);
        $ordered->orderBy('number');

        return $ordered;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
