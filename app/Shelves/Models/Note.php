<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use RapidReel\Text\Rules\RunKind;

/**
 * Something of a script that is not spoken.
 *
 * @property int $id
 * @property int $short_id
 * @property int|null $scene_id
 * @property int $offset
 * @property int $position
 * @property RunKind $kind
 * @property string $text
 * @property bool $own_line
 */
final class Note extends Model
{
    public $timestamps = false;

    protected $fillable = ['short_id', 'scene_id', 'offset', 'position', 'kind', 'text', 'own_line'];

    /** @var array<string, string> */
    protected $casts = ['kind' => RunKind::class, 'own_line' => 'bool'];
}
