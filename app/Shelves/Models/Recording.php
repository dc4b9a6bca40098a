<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Sound that the operator brought for a scene or for a whole script.
 *
 * @property int $id
 * @property int $short_id
 * @property string $text
 * @property string $name
 * @property string $path
 * @property string|null $timing
 * @property RecordingState $state
 * @property string|null $problem
 * @property-read Short $short
 */
final class Recording extends Model
{
    protected $fillable = ['short_id', 'text', 'name', 'timing', 'state', 'problem'];

    /** @var array<string, string> */
    protected $casts = ['state' => RecordingState::class];

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }
}
