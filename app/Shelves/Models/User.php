<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property int|null $channel_id  the channel that is worked in
 * @property-read Collection<int, Channel> $channels
 */
final class User extends Authenticatable
{
    public const SHORTEST_PASSWORD = 10;

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed'];

    /** What is told of a new password that is refused for its length. */
    public static function passwordRule(): string
    {
        return sprintf('A password has at least %d characters.', self::SHORTEST_PASSWORD);
    }

    /** Everybody has a channel to begin with. */
    protected static function booted(): void
    {
        self::created(static function (self $user): void {
            $user->channels()->create(['name' => $user->name]);
        });
    }

    /** Whether it is the account that was made first here: whoever keeps the machine. */
    public function isKeeper(): bool
    {
        return self::query()->min('id') === $this->id;
    }

    /** Works in it from now on. */
    public function enter(Channel $channel): void
    {
        self::query()->whereKey($this->id)->update(['channel_id' => $channel->id]);
        $this->setAttribute('channel_id', $channel->id)->syncOriginalAttribute('channel_id');
    }

    /** @return HasMany<Channel, $this> */
    public function channels(): HasMany
    {
        $ordered = $this->hasMany(Channel::class);
        $ordered->orderBy('id');

        return $ordered;
    }
}
