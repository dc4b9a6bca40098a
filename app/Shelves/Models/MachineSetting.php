<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What is set for the whole installation, by whoever keeps the machine.
 *
 * @property string $name
 * @property int $value
 */
final class MachineSetting extends Model
{
    protected $primaryKey = 'name';

    protected $keyType = 'string';

    public $incrementing = false;

    protected $fillable = ['name', 'value'];
}
