<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The last plan of a short, as JSON: by far the largest thing about it, and apart, so that what thousands of shorts are
 * told to be can be read and written without it.
 *
 * @property int $short_id
 * @property string $cut
 */
final class KeptCut extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'cuts';

    protected $primaryKey = 'short_id';

    protected $fillable = ['short_id', 'cut'];
}
