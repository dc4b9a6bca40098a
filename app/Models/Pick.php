<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Which footage stands in a shot of a scene: found by the matcher, or pinned by the operator.
 *
 * @property int $id
 * @property int $scene_id
 * @property int $shot
 * @property int $footage_id
 * @property bool $pinned
 */
final class Pick extends Model
{
    protected $fillable = ['scene_id', 'shot', 'footage_id', 'pinned'];

    /** @var array<string, string> */
    protected $casts = ['pinned' => 'bool'];
}
