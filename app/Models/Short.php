<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutJson;
use RapidReel\Publish\FileName;
use RapidReel\Publish\TargetProfile;

/**
 * @property int $id
 * @property int $batch_id
 * @property int $number
 * @property string $title
 * @property string $script
 * @property string $voice
 * @property TargetProfile $profile
 * @property int|null $music_id
 * @property int $revision
 * @property int $planned_revision
 * @property string|null $cut
 * @property string|null $problem
 * @property-read Batch $batch
 * @property-read Music|null $music
 * @property-read Collection<int, Scene> $scenes
 * @property-read Collection<int, Export> $exports
 * @property-read Export|null $latestExport
 * @property-read Export|null $latestDone
 */
final class Short extends Model
{
    protected $fillable = ['batch_id', 'number', 'title', 'script', 'voice', 'profile', 'music_id', 'revision', 'planned_revision', 'cut', 'problem'];

    /** @var array<string, string> */
    protected $casts = ['profile' => TargetProfile::class];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Music, $this> */
    public function music(): BelongsTo
    {
        return $this->belongsTo(Music::class);
    }

    /** @return HasMany<Scene, $this> */
    public function scenes(): HasMany
    {
        $ordered = $this->hasMany(Scene::class);
        $ordered->orderBy('position');

        return $ordered;
    }

    /** @return HasMany<Export, $this> */
    public function exports(): HasMany
    {
        return $this->hasMany(Export::class);
    }

    /** @return HasOne<Export, $this> */
    public function latestExport(): HasOne
    {
        return $this->hasOne(Export::class)->latestOfMany();
    }

    /** @return HasOne<Export, $this> */
    public function latestDone(): HasOne
    {
        return $this->hasOne(Export::class)->ofMany(['id' => 'max'], fn ($query) => $query->where('state', ExportState::Done->value));
    }

    public function plannedCut(): ?Cut
    {
        return $this->cut === null ? null : CutJson::decode($this->cut);
    }

    public function isPlanned(): bool
    {
        return $this->planned_revision === $this->revision;
    }

    public function fileName(): string
    {
        return FileName::numbered($this->number, $this->title);
    }
}
