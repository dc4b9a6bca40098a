<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link by which somebody joins a channel, once. What is in the link is not kept, only its hash.
 *
 * @property int $id
 * @property int $channel_id
 * @property Role $role
 * @property string $token  hash of what the link has
 * @property int $ends_at
 * @property-read Channel $channel
 */
final class Invitation extends Model
{
    protected $fillable = ['role', 'token', 'ends_at'];

    /** @var array<string, string> */
    protected $casts = ['role' => Role::class];

    /** @return BelongsTo<Channel, $this> */
    public function channel(): BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }
}
