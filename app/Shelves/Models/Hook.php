<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Other first words kept for a short.
 *
 * @property int $id
 * @property int $short_id
 * @property string $text
 */
final class Hook extends Model
{
    protected $fillable = ['short_id', 'text'];
}
