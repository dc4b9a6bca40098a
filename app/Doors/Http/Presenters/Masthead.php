<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Channel;
use App\Shelves\Models\User;

/** The head of every page: the channel that is worked in, and the others. */
final readonly class Masthead
{
    /** @param  list<Channel>  $others */
    private function __construct(
        public Channel $channel,
        public array $others,
    ) {
    }

    public static function of(User $user): self
    {
        $channel = Channel::of($user);

        return new self($channel, array_values($user->channels->where('id', '!=', $channel->id)->all()));
    }
}
