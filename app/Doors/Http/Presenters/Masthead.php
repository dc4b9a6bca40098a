<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Access;
use App\Shelves\Models\Channel;
use App\Shelves\Models\User;
use Illuminate\Http\Request;

/** The head of every page: the channel that is worked in, and the others. */
final readonly class Masthead
{
    /**
     * @param  list<Channel>  $others
     * @param  string  $topic  the part of the guide that is about the page; empty where none is
     */
    private function __construct(
        public Channel $channel,
        public array $others,
        public string $topic,
    ) {
    }

    public static function of(User $user, Request $request): self
    {
        $all = Access::channels($user->id)->orderBy('id')->get();
        $channel = $all->find($user->channel_id) ?? Channel::of($user);

        return new self(
            $channel,
            array_values($all->except([$channel->id])->all()),
            Guide::topic((string) $request->route()?->getName()),
        );
    }
}
