<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use RapidReel\Making\Render\Quality;

/**
 * @property int $id
 * @property Carbon|null $updated_at
 * @property int $short_id
 * @property Quality $quality
 * @property ExportState $state
 * @property string $target  id of what it is made for; empty for that which its short is planned for
 * @property string $inputs  of the plan that it was made of, where it is for another target
 * @property int $place  the lower, the sooner it is made
 * @property int $percent
 * @property string $doing
 * @property int|null $seconds_left
 * @property string|null $problem
 * @property string|null $name
 * @property string|null $pixels  a hash of what is seen in it
 * @property string|null $sound  a hash of what is heard in it
 * @property list<string|int|float>|null $listing  its row of a manifest
 * @property array<string, string>|null $seals  size and hash of each of its files, by extension or name
 * @property list<array{code: string, message: string, start_ms: int|null}>|null $findings  in its file; null where
 *   nobody looked yet
 * @property int|null $duration_ms
 * @property int|null $bytes
 * @property string|null $moved_to  the folder of its files on the other disk; null while they are here
 * @property int $owner  rises with every worker that takes it up
 * @property int $starts  how often it was begun since it last got anywhere
 * @property int|null $segments_made
 * @property int|null $segments_kept
 * @property Carbon|null $started_at
 * @property Carbon|null $finished_at
 * @property-read Short $short
 */
final class Export extends Model
{
    protected $fillable = [
        'place', 'target', 'inputs', 'findings', 'short_id', 'quality', 'state', 'percent', 'doing', 'seconds_left',
        'problem', 'name', 'pixels', 'sound', 'listing', 'seals', 'duration_ms', 'bytes', 'segments_made',
        'segments_kept', 'moved_to', 'started_at', 'finished_at', 'owner', 'starts',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'quality' => Quality::class,
        'state' => ExportState::class,
        'started_at' => 'datetime',
        'finished_at' => 'datetime',
        'listing' => 'array',
        'findings' => 'array',
        'seals' => 'array',
    ];

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }

    /**
     * The name of one of its files below its folder.
     *
     * @param  string  $which  an extension, or the name of a file
     */
    public function file(string $which): string
    {
        return $this->folder().'/'.(str_contains($which, '.') ? $which : "{$this->name}.$which");
    }

    /** The name of one of its files on the other disk, once they were moved there. */
    public function movedFile(string $extension): string
    {
        return "{$this->moved_to}/{$this->name}.$extension";
    }

    /** Where its files stand on the media disk, once it is done. */
    public function folder(): string
    {
        return self::folderOf($this->id);
    }

    public static function folderOf(int $id): string
    {
        return "exports/$id";
    }
}
