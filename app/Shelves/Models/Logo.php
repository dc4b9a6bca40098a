<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A logo that an operator brought.
 *
 * @property int $id
 * @property int $channel_id
 * @property bool $shared  with the account's other channels
 * @property string $name
 * @property string $picture  hash of its picture; by that settings and recipes know it
 * @property int $width
 * @property int $height
 * @property list<string> $colours  that it is made of, as RRGGBB
 */
final class Logo extends Model
{
    use OfChannel;
    use SoftDeletes;

    /** @var array<string, string> */
    protected $casts = ['shared' => 'bool', 'colours' => 'array'];

    protected $fillable = ['shared', 'name', 'picture', 'width', 'height', 'colours'];
}
