<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use RapidReel\Making\Publish\Results\Series;

/**
 * A short on its way to one outlet: once; another posting by hand is another row.
 *
 * @property int $id
 * @property int $short_id
 * @property int $outlet_id
 * @property int $round
 * @property string $key  by which the outlet knows that it is the same, however often it is sent
 * @property PostState $state
 * @property string|null $local  the hour on the wall of its channel
 * @property string $zone  that its moment was worked out for
 * @property int|null $due_at  Unix time
 * @property array<string, string>|null $listing  texts set by hand, by field
 * @property array{ms?: int, text?: string}|null $cover
 * @property int $owner  rises with every worker that takes it up
 * @property int $tries  how often it failed since somebody looked at it
 * @property bool $begun  whether anything of it may have arrived
 * @property int|null $next_at  Unix time before which it is not tried again
 * @property int $percent
 * @property string $remote  how the outlet calls it
 * @property string $address  where it can be seen
 * @property string|null $problem
 * @property string $of  hash of what the short was when it left
 * @property array<string, string>|null $sent  the texts that left with it
 * @property array<string, list<string>>|null $traits  what it was in each factor when it left
 * @property int|null $posted_at  Unix time
 * @property-read Short $short
 * @property-read Outlet $outlet
 * @property-read Collection<int, ResultPoint> $points
 */
final class Post extends Model
{
    protected $fillable = [
        'short_id', 'outlet_id', 'round', 'key', 'state', 'local', 'zone', 'due_at', 'listing', 'cover', 'owner',
        'tries',
        'begun', 'next_at', 'percent', 'remote', 'address', 'problem', 'of', 'sent', 'traits', 'posted_at',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'state' => PostState::class, 'listing' => 'array', 'cover' => 'array', 'begun' => 'bool', 'sent' => 'array',
        'traits' => 'array',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['round' => 1, 'owner' => 0, 'tries' => 0, 'begun' => false, 'percent' => 0, 'of' => ''];

    /** @return BelongsTo<Short, $this> */
    public function short(): BelongsTo
    {
        return $this->belongsTo(Short::class);
    }

    /** @return BelongsTo<Outlet, $this> */
    public function outlet(): BelongsTo
    {
        return $this->belongsTo(Outlet::class);
    }

    /** @return HasMany<ResultPoint, $this> */
    public function points(): HasMany
    {
        return $this->hasMany(ResultPoint::class);
    }

    public function series(): Series
    {
        return new Series(array_values(array_map(
            static fn (ResultPoint $point) => $point->toPoint(), $this->points->all(),
        )));
    }

    /**
     * Values as they are kept, for rows that are changed only where they are still as they were.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    public static function raw(array $values): array
    {
        return array_intersect_key((new self)->fill($values)->getAttributes(), $values);
    }

    /**
     * Changes one that has not left and is not leaving: it begins anew, and whoever had it writes nothing any more.
     *
     * @param  array<string, mixed>  $raw  values as they are kept
     * @return bool whether it was changed
     */
    public static function begunAnew(int $id, array $raw): bool
    {
        return self::query()->whereKey($id)
            ->whereNotIn('state', [PostState::Posted, PostState::Processing, PostState::Sending])
            ->update([
                ...$raw, 'problem' => null, 'tries' => 0, 'next_at' => null, 'owner' => DB::raw('owner + 1'),
            ]) > 0;
    }

    public function dueAt(): ?DateTimeImmutable
    {
        return $this->due_at === null ? null : (new DateTimeImmutable('@0'))->setTimestamp($this->due_at);
    }

    /** Whether the short has become another since it left. */
    public function isOutdated(): bool
    {
        return $this->state === PostState::Posted && $this->of !== '' && $this->of !== $this->short->looksLike();
    }
}
