<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * An effect that an operator brought.
 *
 * @property int $id
 * @property int $channel_id
 * @property bool $shared  with the account's other channels
 * @property string $name
 * @property string $path
 * @property string $fingerprint  hash of its content
 * @property string|null $seal  size and hash of its file as it was kept
 * @property float $loudest  momentary loudness where it is loudest, in LUFS
 * @property int $duration_ms
 */
final class Effect extends Model
{
    use OfChannel;
    use SoftDeletes;

    /** @var array<string, string> */
    protected $casts = ['shared' => 'bool'];

    protected $fillable = [
        'shared', 'name', 'fingerprint', 'seal', 'loudest', 'duration_ms',
    ];
}
