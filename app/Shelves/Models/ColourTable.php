<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A colour table that an operator brought.
 *
 * @property int $id
 * @property int $channel_id
 * @property bool $shared  with the account's other channels
 * @property string $name
 * @property string $hash  of what is in it; by that settings and recipes know it
 */
final class ColourTable extends Model
{
    use OfChannel;
    use SoftDeletes;

    /** @var array<string, string> */
    protected $casts = ['shared' => 'bool'];

    protected $fillable = ['shared', 'name', 'hash'];
}
