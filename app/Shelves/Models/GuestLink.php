<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Lets somebody without an account watch the shorts of a batch, clear them and send them back, until it ends.
 *
 * @property int $id
 * @property int $batch_id
 * @property string $name  whom it is for
 * @property string $token  hash of what stands in its address
 * @property Carbon $ends_at
 * @property Carbon|null $withdrawn_at
 * @property Carbon $created_at
 * @property-read Batch $batch
 */
final class GuestLink extends Model
{
    protected $fillable = ['batch_id', 'name', 'token', 'ends_at', 'withdrawn_at'];

    protected $hidden = ['token'];

    /** @var array<string, string> */
    protected $casts = ['ends_at' => 'datetime', 'withdrawn_at' => 'datetime'];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    public function isOpen(): bool
    {
        return $this->withdrawn_at === null && $this->ends_at->isFuture();
    }
}
