<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\Rate;
use RapidReel\Making\Publish\Schedule\PostHours;

/**
 * Where shorts of a channel go, and at which hours.
 *
 * @property int $id
 * @property int $channel_id
 * @property string $place  id of one of the places that this machine knows
 * @property string $name
 * @property string $target  id; empty for that which its shorts are planned for
 * @property string $language  which shorts it takes: empty for all, FIRST for those that are no versions, else the
 *                             language of the versions
 * @property string $hours
 * @property string $days_off
 * @property int $per_day
 * @property bool $as_draft  whether what is posted is for nobody to see yet
 * @property bool $held
 * @property int $rate  millionths of the currency for 1,000 views
 * @property string $currency
 * @property array{access: string, refresh: string, ends: int}|null $tokens  of whoever signed in, encrypted
 * @property string $account  that signed in, as the service calls it
 * @property string|null $problem  what stands against all of its posts
 * @property int $rest_until  Unix time before which it asked to be left alone
 * @property int $asked_at  when results were asked for last, Unix time
 * @property-read Channel $channel
 */
final class Outlet extends Model
{
    /** Shorts that are no versions of others. */
    public const FIRST = 'first';

    protected $fillable = [
        'place', 'name', 'target', 'language', 'hours', 'days_off', 'per_day', 'as_draft', 'held', 'rate', 'currency',
        'tokens', 'account', 'problem', 'asked_at', 'rest_until',
    ];

    protected $hidden = ['tokens'];

    /** @var array<string, string> */
    protected $casts = ['as_draft' => 'bool', 'held' => 'bool', 'tokens' => 'encrypted:array'];

    /** @var array<string, mixed> what the database would put there too */
    protected $attributes = [
        'target' => '', 'language' => '', 'hours' => '18:00', 'days_off' => '', 'per_day' => 1, 'as_draft' => false,
        'held' => false,
        'rate' => 0, 'currency' => 'USD', 'account' => '', 'asked_at' => 0,
        'rest_until' => 0,
    ];

    /** @return BelongsTo<Channel, $this> */
    public function channel(): BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }

    /** @return HasMany<Post, $this> */
    public function posts(): HasMany
    {
        return $this->hasMany(Post::class);
    }

    /** @throws Refusal */
    public function postHours(): PostHours
    {
        return PostHours::read($this->hours, $this->days_off, $this->per_day);
    }

    /** Whether shorts of the language of one go there. */
    public function takes(Short $short): bool
    {
        return match ($this->language) {
            '' => true,
            self::FIRST => $short->language === '',
            default => WrittenAs::primary($short->language) === $this->language,
        };
    }

    public function pays(): Rate
    {
        return new Rate($this->rate, $this->currency);
    }
}
