<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;
use RapidReel\Voice\Speech\WordTiming;

/**
 * The words of a scene as somebody has read them. It serves every scene of its short that has these words.
 *
 * @property int $id
 * @property int $short_id
 * @property int|null $recording_id
 * @property string $text
 * @property string $take
 * @property bool $accepted  used in the short
 * @property bool $dropped  not wanted; kept so that it can be brought back
 * @property list<array{text: string, start_ms: int, end_ms: int, doubt: string, pinned: bool}> $words
 * @property list<string> $remarks
 * @property int|null $from_ms  where in its recording it begins, if that is known
 * @property int|null $until_ms
 * @property-read Recording|null $recording
 * @property-read Short $short
 */
final class Reading extends Model
{
    protected $fillable = [
        'short_id', 'recording_id', 'text', 'take', 'accepted', 'dropped', 'words', 'remarks', 'from_ms', 'until_ms',
    ];

    /** @var array<string, string> */
    protected $casts = ['accepted' => 'bool', 'dropped' => 'bool', 'words' => 'array', 'remarks' => 'array'];

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }

    /** @return BelongsTo<Recording, $this> */
    public function recording(): BelongsTo
    {
        return $this->belongsTo(Recording::class);
    }

    /** @return non-empty-list<WordTiming> */
    public function timings(): array
    {
        $timings = array_map(WordTiming::fromArray(...), array_values($this->words));

        return $timings === [] ? throw new LogicException('A reading has words.') : $timings;
    }
}
