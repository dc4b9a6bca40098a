<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * How a short was before a change, so that it can be undone; or the settings of a batch or of a channel, or what else
 * of a channel was changed.
 *
 * @property int $id
 * @property int|null $channel_id
 * @property int|null $batch_id  null for the settings of a channel
 * @property int|null $short_id  null for the settings of a batch or a channel
 * @property int|null $user_id  who changed it
 * @property int $revision  of the short after the change
 * @property EditPart|null $part  what of a channel it was of, beside its settings
 * @property string $act  one for all that was changed together
 * @property string $what
 * @property string $before
 * @property string|null $after  as it was when the change was undone
 * @property Carbon|null $undone_at
 * @property Carbon $created_at
 * @property-read User|null $user
 */
final class Edit extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = [
        'batch_id', 'short_id', 'revision', 'act', 'what', 'before', 'after', 'undone_at',
    ];

    /** @var array<string, string> */
    protected $casts = ['undone_at' => 'datetime', 'part' => EditPart::class];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
