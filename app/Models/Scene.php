<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use RapidReel\Script\SceneRole;

/**
 * @property int $id
 * @property int $short_id
 * @property int $position
 * @property SceneRole $role
 * @property string $text
 * @property-read Short $short
 * @property-read Collection<int, Pick> $picks
 */
final class Scene extends Model
{
    protected $fillable = ['short_id', 'position', 'role', 'text'];

    /** @var array<string, string> */
    protected $casts = ['role' => SceneRole::class];

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }

    /** @return HasMany<Pick, $this> */
    public function picks(): HasMany
    {
        $ordered = $this->hasMany(Pick::class);
        $ordered->orderBy('shot');

        return $ordered;
    }
}
