<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Language\UnspacedWords;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Text\Script\Scene as ScriptScene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Script\ShotMark;

/**
 * @property int $id
 * @property int $short_id
 * @property int $position
 * @property SceneRole $role
 * @property string $text
 * @property bool $starts_line
 * @property string $brief
 * @property string $spared  numbers of the words after which a pause stays as it is
 * @property Values $settings
 * @property string $captions  what was chosen for its captions, as JSON
 * @property-read Short $short
 * @property-read Collection<int, Shot> $shots
 */
final class Scene extends Model
{
    protected $fillable = [
        'short_id', 'position', 'role', 'text', 'starts_line', 'brief', 'spared', 'settings', 'captions',
    ];

    /** @var array<string, string> */
    protected $casts = ['role' => SceneRole::class, 'starts_line' => 'bool', 'settings' => ValuesCast::class];

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }

    /** @throws Refusal */
    public function toScript(): ScriptScene
    {
        return new ScriptScene($this->role, $this->text, $this->starts_line, $this->brief, new SceneOwn(
            $this->settings,
            $this->sparedPauses(),
            array_map(static fn (Shot $shot): ShotMark => $shot->toMark(), $this->shots->all()),
            CaptionMarks::fromJson($this->captions),
        ));
    }

    /** What is said over the shot that begins at a word. */
    public function wordsOver(int $word): string
    {
        $next = $this->shots->pluck('word')->filter(static fn (int $other): bool => $other > $word)->min();
        $words = array_map(static fn (ScriptWord $one): string => $one->text, ScriptWord::of($this->text));

        return UnspacedWords::joined(array_slice($words, $word, $next === null ? null : (int) $next - $word));
    }

    /** @return list<int> */
    private function sparedPauses(): array
    {
        return array_values(
            array_map(
                intval(...),
                array_filter(explode(',', $this->spared ?? ''), static fn (string $one): bool => $one !== ''),
            ),
        );
    }

    /** @return HasMany<Shot, $this> */
    public function shots(): HasMany
    {
        $ordered = $this->hasMany(Shot::class);
        $ordered->orderBy('word');

        return $ordered;
    }
}
