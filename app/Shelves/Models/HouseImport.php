<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The file of a house style that was brought, for a worker to make it that of a channel.
 *
 * @property int $id
 * @property int $channel_id
 * @property string $path
 * @property string $name  what the operator calls it
 * @property HouseImportState $state
 * @property list<string> $problems  what could not be taken over, in words
 * @property bool $seen  whether its operator was told how it ended
 * @property-read Channel $channel
 */
final class HouseImport extends Model
{
    protected $fillable = ['name', 'state', 'problems', 'seen'];

    /** @var array<string, string> */
    protected $casts = ['state' => HouseImportState::class, 'problems' => 'array', 'seen' => 'boolean'];

    /** @var array<string, mixed> */
    protected $attributes = ['problems' => '[]', 'seen' => false];

    /** @return BelongsTo<Channel, $this> */
    public function channel(): BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }
}
