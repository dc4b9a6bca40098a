<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * How a short was before a change, so that it can be undone.
 *
 * @property int $id
 * @property int $batch_id
 * @property int $short_id
 * @property string $stroke
 * @property string $what
 * @property string $before
 */
final class Edit extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['batch_id', 'short_id', 'stroke', 'what', 'before'];
}
