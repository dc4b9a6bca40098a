<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Desks\Editing\PatternDesk;
use App\Shelves\Models\Access;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Invitation;
use App\Shelves\Models\Member;
use App\Shelves\Models\Role;
use App\Shelves\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The channels of an account, and what one of them holds beside its settings. */
final readonly class ChannelsPage
{
    private const LINES = 300;

    public function of(Channel $channel, User $user): ChannelsPageView
    {
        return new ChannelsPageView(
            $channel,
            array_values(Access::channels($user->id)->orderBy('id')->get()->all()),
            array_values(ColourTable::at($channel)->get()->sortBy('name')->all()),
            PatternDesk::of($channel),
            array_values(Member::query()->with('user')->where('channel_id', $channel->id)->orderBy('id')->get()->all()),
            array_values(Invitation::query()->where('channel_id', $channel->id)->where('ends_at', '>', time())
                ->orderBy('id')->get()->all()),
            Access::role($user->id, $channel->id) ?? Role::Look,
        );
    }

    /** @return list<array{when: string, who: string, what: string, at: string}> the latest first */
    public static function log(Channel $channel): array
    {
        $lines = [];
        foreach (DB::table('edits')->where('edits.channel_id', $channel->id)
            ->leftJoin('users', 'users.id', '=', 'edits.user_id')
            ->leftJoin('batches', 'batches.id', '=', 'edits.batch_id')
            ->groupBy('edits.act')->orderByRaw('max(edits.id) desc')->limit(self::LINES)
            ->selectRaw('max(edits.created_at) as at, max(users.name) as who, max(edits.what) as what, '
                .'max(batches.name) as batch, max(edits.undone_at) as undone')->get() as $row) {
            $lines[] = [
                'when' => Carbon::parse((string) $row->at)->format('j M, H:i'),
                'who' => (string) ($row->who ?? 'nobody who is here any more'),
                'what' => (string) $row->what.($row->undone === null ? '' : ' (undone)'),
                'at' => (string) ($row->batch ?? 'the channel'),
            ];
        }

        return $lines;
    }
}
