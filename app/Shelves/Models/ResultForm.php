<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the columns of a table of results mean, as it was said once.
 *
 * @property int $id
 * @property int $channel_id
 * @property string $form  by which such a table is known again
 * @property array<int, string> $columns  fields by column
 */
final class ResultForm extends Model
{
    public $timestamps = false;

    protected $fillable = ['form', 'columns'];

    /** @var array<string, string> */
    protected $casts = ['columns' => 'array'];
}
