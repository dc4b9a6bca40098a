<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A change to a library, with what was there before.
 *
 * @property int $id
 * @property int $channel_id
 * @property string $what
 * @property array<int, array<string, mixed>> $before  columns by id of the footage
 */
final class LibraryEdit extends Model
{
    protected $fillable = ['what', 'before'];

    /** @var array<string, string> */
    protected $casts = ['before' => 'array'];
}
