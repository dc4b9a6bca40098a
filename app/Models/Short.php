<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use LogicException;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutJson;
use RapidReel\Cut\CutSummary;
use RapidReel\Publish\FileName;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\Manuscript;
use RapidReel\Script\Scene as ScriptScene;
use RapidReel\Script\ScriptNote;
use RapidReel\Script\SplitRule;

/**
 * @property int $id
 * @property Carbon|null $updated_at
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
 * @property SplitRule $split
 * @property string $keywords
 * @property string $tags
 * @property Carbon|null $publish_at
 * @property string|null $summary
 * @property int|null $variant_of
 * @property Carbon|null $deleted_at
 * @property int $speed
 * @property int|null $pause_ms
 * @property int|null $dead_air_ms
 * @property-read Batch $batch
 * @property-read Music|null $music
 * @property-read Collection<int, Scene> $scenes
 * @property-read Collection<int, Note> $notes
 * @property-read Collection<int, Hook> $hooks
 * @property-read Collection<int, Reading> $readings
 * @property-read Collection<int, Recording> $recordings
 * @property-read Collection<int, Export> $exports
 * @property-read Export|null $latestExport
 * @property-read Export|null $latestDone
 */
final class Short extends Model
{
    use SoftDeletes;

    /** @var array<string, int> what the database would put there too */
    protected $attributes = ['revision' => 1, 'planned_revision' => 0, 'speed' => 100, 'dead_air_ms' => 120];

    protected $fillable = ['batch_id', 'number', 'title', 'script', 'voice', 'profile', 'music_id', 'revision', 'planned_revision', 'cut', 'problem', 'split', 'keywords', 'tags', 'publish_at', 'summary', 'variant_of', 'speed', 'pause_ms', 'dead_air_ms'];

    /** @var array<string, string> */
    protected $casts = ['profile' => TargetProfile::class, 'split' => SplitRuleCast::class, 'publish_at' => 'datetime'];

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

    /** @return HasMany<Note, $this> */
    public function notes(): HasMany
    {
        $ordered = $this->hasMany(Note::class);
        $ordered->orderBy('position');

        return $ordered;
    }

    /** @return HasMany<Hook, $this> */
    public function hooks(): HasMany
    {
        $ordered = $this->hasMany(Hook::class);
        $ordered->orderBy('id');

        return $ordered;
    }

    /** @return HasMany<Reading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class);
    }

    /** @return HasMany<Recording, $this> */
    public function recordings(): HasMany
    {
        return $this->hasMany(Recording::class);
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

    public function cutSummary(): ?CutSummary
    {
        return $this->summary === null ? null : CutSummary::fromJson($this->summary);
    }

    /** The scenes and notes as they stand; scenes are known by their ids. */
    public function manuscript(): Manuscript
    {
        $scenes = array_values($this->scenes->all());
        $numbers = array_flip(array_map(static fn (Scene $scene): int => $scene->id, $scenes));
        $last = count($scenes) - 1;
        if ($last < 0) {
            throw new LogicException("Short {$this->id} has no scenes.");
        }
        $notes = array_map(static fn (Note $note): ScriptNote => isset($numbers[$note->scene_id ?? 0])
            ? new ScriptNote($note->kind, $note->text, $numbers[$note->scene_id ?? 0], $note->offset, $note->own_line)
            : new ScriptNote($note->kind, $note->text, $last, mb_strlen($scenes[$last]->text), $note->own_line), array_values($this->notes->all()));

        return new Manuscript(
            array_map(static fn (Scene $scene): ScriptScene => $scene->toScript(), $scenes),
            array_map(static fn (Scene $scene): int => $scene->id, $scenes),
            $notes,
        );
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
