<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who works in a channel of another's.
 *
 * @property int $id
 * @property int $channel_id
 * @property int $user_id
 * @property Role $role
 * @property-read User $user
 * @property-read Channel $channel
 */
final class Member extends Model
{
    protected $fillable = ['role'];

    /** @var array<string, string> */
    protected $casts = ['role' => Role::class];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Channel, $this> */
    public function channel(): BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }
}
