<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use RapidReel\Script\Scene as ScriptScene;
use RapidReel\Script\SceneRole;

/**
 * @property int $id
 * @property int $short_id
 * @property int $position
 * @property SceneRole $role
 * @property string $text
 * @property bool $starts_line
 * @property string $brief
 * @property string|null $voice
 * @property int|null $speed
 * @property int|null $pause_ms
 * @property string $spared
 * @property-read Short $short
 * @property-read Collection<int, Pick> $picks
 */
final class Scene extends Model
{
    protected $fillable = ['short_id', 'position', 'role', 'text', 'starts_line', 'brief', 'voice', 'speed', 'pause_ms', 'spared'];

    /** @var array<string, string> */
    protected $casts = ['role' => SceneRole::class, 'starts_line' => 'bool'];

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }

    public function toScript(): ScriptScene
    {
        return new ScriptScene($this->role, $this->text, $this->starts_line, $this->brief);
    }

    /** @return list<int> numbers of the words after which a pause stays as it is */
    public function sparedPauses(): array
    {
        return array_values(array_map(intval(...), array_filter(explode(',', $this->spared ?? ''), static fn (string $one): bool => $one !== '')));
    }

    /** @return HasMany<Pick, $this> */
    public function picks(): HasMany
    {
        $ordered = $this->hasMany(Pick::class);
        $ordered->orderBy('shot');

        return $ordered;
    }
}
