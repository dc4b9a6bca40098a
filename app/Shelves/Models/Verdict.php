<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * That somebody cleared a short as it was, or sent it back. None is ever changed: what holds is the last.
 *
 * @property int $id
 * @property int $short_id
 * @property bool $cleared
 * @property string $of  hash of what was looked at
 * @property string $note
 * @property int|null $ms  moment of the file that the note is of
 * @property int|null $user_id
 * @property int|null $guest_link_id
 * @property string $by  who it was, as they are called
 * @property Carbon $created_at
 * @property-read Short $short
 */
final class Verdict extends Model
{
    public const UPDATED_AT = null;

    public const MOST_NOTE = 2_000;

    protected $fillable = ['short_id', 'cleared', 'of', 'note', 'ms', 'guest_link_id', 'by'];

    /** @var array<string, string> */
    protected $casts = ['cleared' => 'bool'];

    /** @return list<self> what was said of a short lately, the last first */
    public static function lastOf(Short $short): array
    {
        return array_values(self::query()->where('short_id', $short->id)->latest('id')->limit(6)->get()->all());
    }

    /** Whether what was looked at is what the short is now. */
    public function isOf(Short $short): bool
    {
        return $this->of !== '' && $this->of === $short->looksLike();
    }

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }
}
