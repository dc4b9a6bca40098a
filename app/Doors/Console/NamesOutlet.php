<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Outbox\OutletDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;

/**
 * What commands with an option --outlet share.
 *
 * @mixin Command
 */
trait NamesOutlet
{
    /**
     * The outlets of a channel that were named, or all of them.
     *
     * @return non-empty-list<Outlet>
     *
     * @throws Refusal where there is none
     */
    private function outlets(Channel $channel): array
    {
        $named = self::written($this->option('outlet'));
        $all = OutletDesk::of($channel);
        $found = array_values(array_filter($all, static fn (Outlet $one): bool => $named === ''
            || mb_strtolower($one->name) === mb_strtolower($named) || (string) $one->id === $named));

        return $found !== [] ? $found : throw new Refusal($named === ''
            ? 'This channel has no outlet yet. Add one on the page of its outlets.'
            : "There is no outlet “{$named}” in this channel.");
    }

    /** @return array<string, mixed> */
    private static function told(Post $post): array
    {
        return [
            'short' => $post->short->title,
            'outlet' => $post->outlet->name,
            'state' => $post->state->value,
            'at' => $post->local,
            'due' => $post->dueAt()?->format(DATE_ATOM),
            'address' => $post->address,
            'problem' => $post->problem,
            'id' => $post->id,
        ];
    }
}
