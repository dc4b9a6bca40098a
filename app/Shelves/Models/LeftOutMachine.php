<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A machine that helps and is told to make nothing.
 *
 * @property string $name
 */
final class LeftOutMachine extends Model
{
    protected $fillable = ['name'];
}
