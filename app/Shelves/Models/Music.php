<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use RapidReel\Plan\Choice\Mood;
use RapidReel\Plan\Cut\CutMusic;
use stdClass;

/**
 * @property int $id
 * @property string $name
 * @property string $mood
 * @property string $path
 * @property string|null $seal  size and hash of its file as it was kept
 * @property string $fingerprint  hash of its content
 * @property int $channel_id
 * @property bool $shared  with the account's other channels
 * @property int $duration_ms
 * @property float $loudness  in LUFS
 * @property float|null $tempo  beats a minute; null where none is heard
 * @property list<int>|null $bars  moments at which bars begin, in ms; null before it was listened to
 */
final class Music extends Model
{
    use OfChannel;
    use SoftDeletes;

    /** @var array<string, string> */
    protected $casts = ['shared' => 'bool', 'bars' => 'array'];

    protected $table = 'music';

    protected $fillable = [
        'shared', 'name', 'mood', 'fingerprint', 'seal', 'duration_ms', 'loudness', 'tempo',
        'bars',
    ];

    public function piece(): CutMusic
    {
        return self::pieceOf((object) $this->getAttributes());
    }

    /** @param  stdClass  $row  of the table */
    public static function pieceOf(stdClass $row): CutMusic
    {
        $bars = $row->bars === null ? [] : json_decode((string) $row->bars, true);

        return new CutMusic(
            (string) $row->id, (string) $row->fingerprint, (float) $row->loudness,
            durationMs: (int) $row->duration_ms,
            bars: array_values(array_filter(is_array($bars) ? $bars : [], is_int(...))),
        );
    }

    public function mood(): ?Mood
    {
        return Mood::tryFrom($this->mood);
    }
}
