<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A piece of a library: a channel's own, or lent to the other channels of its account. */
trait OfChannel
{
    /**
     * What is at a channel's hand.
     *
     * @return Builder<self>
     */
    public static function at(Channel $channel): Builder
    {
        $others = $channel->siblings();

        /** @var Builder<self> */
        return $others === [] ? self::query()->where('channel_id', $channel->id) : self::query()->where(
            static fn (Builder $either) => $either
                ->where('channel_id', $channel->id)
                ->orWhere(static fn (Builder $lent) => $lent->where('shared', true)->whereIn('channel_id', $others)),
        );
    }

    /** @return BelongsTo<Channel, $this> */
    public function channel(): BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }
}
