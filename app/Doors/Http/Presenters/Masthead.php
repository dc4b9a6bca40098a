<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use App\Shelves\Models\User;
use Illuminate\Http\Request;

/** The head of every page: the channel that is worked in, and the others. */
final readonly class Masthead
{
    /** @param  list<Channel>  $others */
    private function __construct(
        public Channel $channel,
        public array $others,
    ) {
    }

    /** A page about something shows the channel that it belongs to. */
    public static function of(User $user, Request $request): self
    {
        $batch =
            $request->route('batch') ??
            ($request->route('short') instanceof Short ? $request->route('short')->batch : null);
        $channel = $batch instanceof Batch ? $batch->channel : Channel::of($user);

        return new self($channel, array_values($user->channels->where('id', '!=', $channel->id)->all()));
    }
}
