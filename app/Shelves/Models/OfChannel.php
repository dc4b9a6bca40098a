<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder as Query;

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
        /** @var Builder<self> */
        return self::query()->where(
            static fn (Builder $either) => $either
                ->where('channel_id', $channel->id)
                ->orWhere(
                    static fn (Builder $lent) => $lent
                        ->where('shared', true)
                        ->whereIn(
                            'channel_id',
                            static fn (Query $others) => $others
                                ->select('id')
                                ->from('channels')
                                ->where('user_id', $channel->user_id),
                        ),
                ),
        );
    }

    /** @return BelongsTo<Channel, $this> */
    public function channel(): BelongsTo
    {
        return $this->belongsTo(Channel::class);
    }
}
