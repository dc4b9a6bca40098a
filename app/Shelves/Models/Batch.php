<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use RapidReel\Base\Values;

/**
 * @property int $id
 * @property int $channel_id
 * @property string $name
 * @property Values $settings
 * @property bool $held  whether its exports wait
 * @property Carbon $created_at
 * @property-read Channel $channel
 * @property-read Collection<int, Short> $shorts
 */
final class Batch extends Model
{
    protected $fillable = ['name', 'settings', 'held'];

    /** @var array<string, string> */
    protected $casts = ['settings' => ValuesCast::class, 'held' => 'bool'];

    /** @var array<string, mixed> */
    protected $attributes = ['held' => false];

    /** @return HasMany<Short, $this> */
    public function shorts(): HasMany
    {
        $ordered = $this->hasMany(Short::class);
        $ordered->orderBy('number');

        return $ordered;
    }

    /** @return BelongsTo<Channel, $this> */
    public function channel(): BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }
}
