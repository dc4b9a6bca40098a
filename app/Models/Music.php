<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $mood
 * @property string $path
 * @property string|null $seal  size and hash of its file as it was kept
 * @property string $fingerprint  hash of its content
 * @property int $channel_id
 * @property bool $shared  with the account's other channels
 * @property int $duration_ms
 * @property float $loudness
 */
final class Music extends Model
{
    use OfChannel;

    /** @var array<string, string> */
    protected $casts = ['shared' => 'bool'];

    protected $table = 'music';

    protected $fillable = [
        'channel_id', 'shared', 'name', 'mood', 'path', 'fingerprint', 'seal', 'duration_ms', 'loudness',
    ];
}
