<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A finding that somebody ignores, for the words that it was found at.
 *
 * @property int $id
 * @property int $short_id
 * @property string $finding  its key
 * @property string $note  why
 * @property int|null $user_id
 * @property Carbon $created_at
 * @property-read User|null $user
 */
final class Waiver extends Model
{
    public const UPDATED_AT = null;

    public const MOST_NOTE = 1_000;

    protected $fillable = ['short_id', 'finding', 'note'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
