<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $mood
 * @property string $path
 * @property string $fingerprint
 * @property int $duration_ms
 * @property float $loudness
 */
final class Music extends Model
{
    protected $table = 'music';

    protected $fillable = ['name', 'mood', 'path', 'fingerprint', 'duration_ms', 'loudness'];
}
