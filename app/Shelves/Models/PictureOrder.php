<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use RapidReel\Plan\Brief\Brief;

/**
 * Pictures to be made for shots of a short.
 *
 * @property int $id
 * @property int $short_id
 * @property array<int, string> $briefs  by number of the shot, from 1
 * @property array<int, int> $rounds  how often pictures were made for each before, by number
 * @property array<int, list<int>> $made  footage by number, in order
 * @property array<int, string|null>|null $shown  footage that an operator had chosen for each when it was ordered
 * @property bool $open  while not all are made
 * @property string|null $problem
 * @property-read Short $short
 */
final class PictureOrder extends Model
{
    protected $fillable = ['short_id', 'briefs', 'rounds', 'made', 'shown', 'open', 'problem'];

    /** @var array<string, string> */
    protected $casts = ['briefs' => 'array', 'rounds' => 'array', 'made' => 'array', 'shown' => 'array',
        'open' => 'bool',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['open' => true, 'made' => '[]', 'rounds' => '[]'];

    /**
     * Whether a picture of it goes to a shot: one that it was made for, and for which nothing else was chosen since.
     *
     * @param  string|null  $chosen  footage
     */
    public function isFor(Brief $brief, ?string $chosen): bool
    {
        $isAsOrdered = $this->shown === null || $chosen === ($this->shown[$brief->number] ?? null);

        return $isAsOrdered && ($this->briefs[$brief->number] ?? '') === $brief->text;
    }

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }
}
