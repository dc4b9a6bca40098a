<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use JsonException;
use LogicException;
use RapidReel\Base\FileName;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Brief\Subject;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Script\Scene as ScriptScene;
use RapidReel\Text\Translation\Version\VersionText;
use RapidReel\Text\Translation\Version\VersionWay;
use UnexpectedValueException;

/**
 * @property int $id
 * @property Carbon|null $updated_at
 * @property int $batch_id
 * @property int $number
 * @property string $title
 * @property string $script
 * @property Values $settings
 * @property int $revision  counted up by every edit
 * @property string $inputs  a hash of all that its plan depends on
 * @property string $planned_inputs  that which its plan was made from
 * @property array<array-key, int>|null $shown_before  how often the shorts before it in its batch are likely to show a
 *                                                     picture, by id; null until it is settled
 * @property string|null $problem
 * @property string $keywords
 * @property string $tags
 * @property Carbon|null $publish_at
 * @property string|null $summary
 * @property string|null $proof  what pages show of it, as JSON: see Proof
 * @property string|null $proof_problem
 * @property int|null $variant_of
 * @property int|null $version_of  the short that it is a version of, in another language
 * @property string $language  of a version, as a BCP 47 tag; empty for others
 * @property string $translated  of a version: see VersionText
 * @property int $behind  of a version: sentences that are not as its source, when they were last counted
 * @property VersionWay $way  of a version: how its times come about
 * @property Carbon|null $deleted_at
 * @property-read Batch $batch
 * @property-read KeptCut|null $kept
 * @property-read Short|null $source
 * @property-read Collection<int, Short> $versions
 * @property-read Collection<int, Scene> $scenes
 * @property-read Collection<int, Note> $notes
 * @property-read Collection<int, Hook> $hooks
 * @property-read Collection<int, Reading> $readings
 * @property-read Collection<int, Recording> $recordings
 * @property-read Collection<int, Export> $exports
 * @property-read Collection<int, Export> $otherExports
 * @property-read Export|null $latestExport
 * @property-read Export|null $latestDone
 * @property-read Export|null $latestFinal
 * @property-read Verdict|null $latestVerdict
 * @property-read Collection<int, Waiver> $waivers
 * @property string|null $review  what speaks against it, as it was found
 */
final class Short extends Model
{
    use SoftDeletes;

    /** More than any short has. */
    public const MOST_SENTENCES = 2_000;

    /** @var array<string, int|string> what the database would put there too */
    protected $attributes = [
        'revision' => 1, 'inputs' => '', 'planned_inputs' => '', 'settings' => '{}', 'way' => 'voice',
    ];

    /**
     * In the place of the first sign of the inputs of one that is doubted: no row gets longer by it, so that none has
     * to be moved.
     */
    public const DOUBT = '?';

    /** Columns that tell whether its last export is of what it is now. */
    public const FRESHNESS = ['id', 'summary', 'inputs', 'planned_inputs'];

    protected $fillable = [
        'batch_id', 'number', 'title', 'script', 'settings', 'revision', 'inputs', 'planned_inputs', 'problem',
        'keywords', 'tags', 'publish_at', 'summary', 'variant_of', 'proof', 'proof_problem',
        'shown_before', 'review', 'version_of', 'language', 'translated', 'way',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'settings' => ValuesCast::class, 'shown_before' => 'array', 'publish_at' => 'datetime',
        'way' => VersionWay::class,
    ];

    /** @var array{string, CutSummary|null}|null its summary as it was read last: a list asks for it several times */
    private ?array $read = null;

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Short, $this> the short that it is a version of */
    public function source(): BelongsTo
    {
        return $this->belongsTo(self::class, 'version_of');
    }

    /** @return HasMany<Short, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(self::class, 'version_of')->orderBy('language');
    }

    public function versionText(): VersionText
    {
        return VersionText::fromJson($this->translated);
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

    /** The one of a channel that was changed last of those whose pictures are there to be seen. */
    public static function shown(Channel $channel): ?self
    {
        return self::query()->whereRelation('batch', 'channel_id', $channel->id)->whereNotNull('proof')
            ->latest('updated_at')->first();
    }

    /** @return HasMany<Waiver, $this> findings that are ignored */
    public function waivers(): HasMany
    {
        return $this->hasMany(Waiver::class);
    }

    /** @return HasOne<Verdict, $this> the last that was said of it */
    public function latestVerdict(): HasOne
    {
        return $this->hasOne(Verdict::class)->latestOfMany();
    }

    /** What whoever clears it has looked at: its pictures, its sound, the texts beside it; empty while it changes. */
    public function looksLike(): string
    {
        $hashes = $this->isPlanned() ? $this->cutSummary()?->hashes : null;

        return $hashes === null || $hashes->pixels === ''
            ? ''
            : hash('xxh128', implode("\n", [$hashes->pixels, $hashes->sound, $this->title, $this->tags]));
    }

    /** @return HasMany<Export, $this> */
    public function exports(): HasMany
    {
        return $this->hasMany(Export::class);
    }

    /** @return HasMany<Export, $this> those for other targets than it is planned for, the last first */
    public function otherExports(): HasMany
    {
        return $this->hasMany(Export::class)->where('target', '!=', '')->latest('id');
    }

    /** @return HasOne<Export, $this> */
    public function latestExport(): HasOne
    {
        return $this->hasOne(Export::class)->ofMany(
            ['id' => 'max'], fn ($query) => $query->where('target', ''),
        );
    }

    /** @return HasOne<Export, $this> */
    public function latestDone(): HasOne
    {
        return $this->hasOne(Export::class)->ofMany(
            ['id' => 'max'],
            fn ($query) => $query->where('target', '')->where('state', ExportState::Done->value),
        );
    }

    /** @return HasOne<Export, $this> the last that was finished at full quality */
    public function latestFinal(): HasOne
    {
        return $this->hasOne(Export::class)->ofMany(
            ['id' => 'max'],
            fn ($query) => $query->where('target', '')->where('state', ExportState::Done->value)
                ->where('quality', Quality::Final->value),
        );
    }

    /**
     * The file that would leave, and what it is of it as it is now.
     *
     * @return array{Export, FileState}|null null where none is finished
     */
    public function leaving(): ?array
    {
        $final = $this->latestFinal;

        return self::file($final !== null && $this->isOf($final) ? $final : null, $this->latestDone);
    }

    /** The file that would leave, where it is of what the short is now; null where there is none. */
    public function fileOfNow(): ?Export
    {
        $leaving = $this->leaving();

        return $leaving !== null && $this->isOf($leaving[0]) ? $leaving[0] : null;
    }

    /**
     * @param  Export|null  $final  a final one of what it is now
     * @param  Export|null  $done  the last that was finished
     * @return array{Export, FileState}|null
     */
    private static function file(?Export $final, ?Export $done): ?array
    {
        return match (true) {
            $final !== null => [$final, FileState::Final],
            $done === null => null,
            $done->quality === Quality::Draft => [$done, FileState::Draft],
            default => [$done, FileState::Outdated],
        };
    }

    /**
     * The last plan, also one of an earlier version; null where there is none, or one that nobody can read any more.
     */
    public function plannedCut(): ?Cut
    {
        try {
            return $this->kept === null ? null : CutJson::decode($this->kept->cut);
        } catch (JsonException|UnexpectedValueException) {
            return null;
        }
    }

    /** @return HasOne<KeptCut, $this> */
    public function kept(): HasOne
    {
        return $this->hasOne(KeptCut::class);
    }

    public function cutSummary(): ?CutSummary
    {
        if ($this->summary !== null && ($this->read[0] ?? null) !== $this->summary) {
            $this->read = [$this->summary, CutSummary::fromJson($this->summary)];
        }

        return $this->summary === null ? null : ($this->read[1] ?? null);
    }

    /**
     * The scenes and notes as they stand; scenes are known by their ids.
     *
     * @throws Refusal
     */
    public function manuscript(): Manuscript
    {
        $scenes = array_values($this->scenes->all());
        $numbers = array_flip(array_map(static fn (Scene $scene): int => $scene->id, $scenes));
        $last = count($scenes) - 1;
        if ($scenes === []) {
            throw new LogicException("Short {$this->id} has no scenes.");
        }
        $notes = array_map(
            static fn (Note $note): ScriptNote => isset($numbers[$note->scene_id ?? 0])
                ? new ScriptNote(
                    $note->kind,
                    $note->text,
                    $numbers[$note->scene_id ?? 0],
                    $note->offset,
                    $note->own_line,
                )
                : new ScriptNote($note->kind, $note->text, $last, mb_strlen($scenes[$last]->text), $note->own_line),
            array_values($this->notes->all()),
        );

        return new Manuscript(
            array_map(static fn (Scene $scene): ScriptScene => $scene->toScript(), $scenes),
            array_map(static fn (Scene $scene): int => $scene->id, $scenes),
            $notes,
        );
    }

    /**
     * The files that would leave for other targets than it is planned for, and what they are of it as it is now.
     *
     * @return list<array{Export, FileState}>
     */
    public function othersLeaving(): array
    {
        return array_values(array_filter($this->otherExports->where('state', ExportState::Done)->groupBy('target')->map(
            fn (Collection $exports): ?array => self::file($exports->first(
                fn (Export $one): bool => $one->quality === Quality::Final && $this->isOf($one),
            ), $exports->first()),
        )->all()));
    }

    /** Whether its last export shows and sounds as it is now; false where there is none. */
    public function isExportFresh(): bool
    {
        return $this->latestDone !== null && $this->isOf($this->latestDone);
    }

    /** Whether an export is of what the short is now; for other targets the plan that it was made of tells. */
    public function isOf(Export $done): bool
    {
        if ($done->target !== '') {
            return $this->isPlanned() && $done->inputs === $this->planned_inputs;
        }
        $summary = $this->isPlanned() ? $this->cutSummary() : null;

        $hashes = $summary?->hashes;

        return $hashes !== null && $hashes->pixels === $done->pixels && $hashes->sound === $done->sound;
    }

    public function isPlanned(): bool
    {
        return $this->inputs !== '' && $this->planned_inputs === $this->inputs;
    }

    /** Whether something that it inherits was changed, and nobody has looked yet if that reaches it. */
    public function isDoubted(): bool
    {
        return str_starts_with($this->inputs, self::DOUBT);
    }

    /**
     * What it is about: what the operator says counts before what its words say.
     *
     * @throws Refusal
     */
    public function subject(): string
    {
        $said = trim(explode(',', $this->keywords)[0]);

        return $said !== '' ? $said : Subject::of($this->title, $this->manuscript()->spoken());
    }

    public function fileName(): string
    {
        return $this->version_of === null || $this->source === null
            ? FileName::numbered($this->number, $this->title)
            : FileName::version($this->source->number, $this->language, $this->source->title);
    }
}
