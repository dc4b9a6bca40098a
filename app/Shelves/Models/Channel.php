<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use LogicException;
use RapidReel\Base\Values;
use RapidReel\Plan\Brief\BriefWriter;

/**
 * What is published under one name, and how it is to look.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $style_words
 * @property string $forbidden
 * @property string $pronunciations
 * @property string $figures  who and what comes again, a line each: name = how it looks
 * @property string $views  from where the shots of a scene show it, with commas between; empty for the usual
 * @property Values $settings
 * @property-read User $user
 * @property-read Collection<int, Batch> $batches
 */
final class Channel extends Model
{
    protected $fillable = [
        'name', 'style_words', 'forbidden', 'pronunciations', 'figures', 'views', 'settings',
    ];

    /** @var array<string, string> */
    protected $casts = ['settings' => ValuesCast::class];

    /** @var array<string, string> what the database would put there too */
    protected $attributes = [
        'style_words' => '', 'forbidden' => '', 'pronunciations' => '', 'figures' => '', 'views' => '',
        'settings' => '{}',
    ];

    /** The one that an account works in; else its first. */
    public static function of(User $user): self
    {
        return Access::channels($user->id)
            ->orderByRaw('id = ? desc', [$user->channel_id ?? 0])
            ->orderByRaw('user_id = ? desc', [$user->id])
            ->orderBy('id')
            ->first() ?? throw new LogicException("Account {$user->id} has no channel.");
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * What belongs to it. Whose something is is never one of the values that it is made of.
     *
     * @template T of Model
     *
     * @param  class-string<T>  $kind
     * @return HasMany<T, $this>
     */
    public function its(string $kind): HasMany
    {
        return $this->hasMany($kind);
    }

    /** @return HasMany<Batch, $this> */
    public function batches(): HasMany
    {
        return $this->hasMany(Batch::class);
    }

    /** @return list<string> */
    public function forbiddenWords(): array
    {
        return array_values(
            array_filter(
                array_map(trim(...), preg_split('/[\n,;]+/', $this->forbidden) ?: []),
                static fn (string $word): bool => $word !== '',
            ),
        );
    }

    /** @return non-empty-list<string> */
    public function viewList(): array
    {
        $views = array_values(array_filter(
            array_map(trim(...), preg_split('/[,;\n]+/', $this->views) ?: []),
            static fn (string $view): bool => $view !== '',
        ));

        return $views === [] ? BriefWriter::VIEWS : $views;
    }

    /** @return array<string, string> how to say it, by what is written */
    public function pronunciations(): array
    {
        $list = [];
        foreach (explode("\n", $this->pronunciations) as $line) {
            [$written, $said] = array_pad(array_map(trim(...), explode('=', $line, 2)), 2, '');
            if ($written !== '' && $said !== '') {
                $list[$written] = $said;
            }
        }

        return $list;
    }

    /** @return list<int> the account's other channels, whose libraries may lend it something; looked for once */
    public function siblings(): array
    {
        return once(fn (): array => array_values(array_map(intval(...), self::query()
            ->where('user_id', $this->user_id)->whereKeyNot($this->id)->pluck('id')->all())));
    }
}
