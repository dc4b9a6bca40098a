<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;

/** Who reaches which channel: its owner, and its members. */
final class Access
{
    /**
     * The same query of channels, of those alone that an account reaches.
     *
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  Builder<T>  $channels
     * @return Builder<T>
     */
    public static function within(Builder $channels, ?int $user): Builder
    {
        return $channels->where(static fn (Builder $either) => $either
            ->where('channels.user_id', $user ?? 0)
            ->orWhereIn('channels.id', static fn (Query $members) => $members
                ->select('channel_id')->from('members')->where('user_id', $user ?? 0)));
    }

    /** @return Builder<Channel> */
    public static function channels(?int $user): Builder
    {
        return self::within(Channel::query(), $user);
    }

    /** What an account may do in a channel; null for nothing. */
    public static function role(?int $user, int $channel): ?Role
    {
        if ($user === null) {
            return null;
        }
        if (Channel::query()->whereKey($channel)->where('user_id', $user)->exists()) {
            return Role::Owner;
        }

        return Member::query()->where('channel_id', $channel)->where('user_id', $user)->first()?->role;
    }
}
