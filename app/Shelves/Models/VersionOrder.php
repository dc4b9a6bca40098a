<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use RapidReel\Text\Translation\Version\VersionWay;

/**
 * A version of a short in another language, to be made by a worker. It goes when that is there.
 *
 * @property int $id
 * @property int $short_id
 * @property string $language  as a BCP 47 tag
 * @property VersionWay $way
 * @property bool $open  while it waits; one that failed is kept with its problem
 * @property string|null $problem
 * @property-read Short $short
 */
final class VersionOrder extends Model
{
    protected $fillable = ['short_id', 'language', 'way', 'open', 'problem'];

    /** @var array<string, string> */
    protected $casts = ['way' => VersionWay::class, 'open' => 'bool'];

    /** @var array<string, mixed> */
    protected $attributes = ['open' => true];

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }
}
