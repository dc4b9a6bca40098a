<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A face that an operator brought.
 *
 * @property int $id
 * @property int $channel_id
 * @property bool $shared  with the account's other channels
 * @property string $name
 * @property string $face  id by which settings and recipes know it
 */
final class Typeface extends Model
{
    use OfChannel;

    /** @var array<string, string> */
    protected $casts = ['shared' => 'bool'];

    protected $table = 'faces';

    protected $fillable = ['shared', 'name', 'face'];
}
