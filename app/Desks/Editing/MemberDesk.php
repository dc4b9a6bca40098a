<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Invitation;
use App\Shelves\Models\Member;
use App\Shelves\Models\Role;
use App\Shelves\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;

/** Who else works in a channel. */
final readonly class MemberDesk
{
    private const DAYS = 7;

    private const MOST = 30;

    /**
     * @return string what stands in the link; it is told this once
     *
     * @throws Refusal
     */
    public function invite(Channel $channel, Role $role): string
    {
        if ($role === Role::Owner) {
            throw new Refusal('A channel has one owner. Somebody else may edit it, or look and clear.');
        }
        $count = Member::query()->where('channel_id', $channel->id)->count()
            + Invitation::query()->where('channel_id', $channel->id)->where('ends_at', '>', time())->count();
        if ($count >= self::MOST) {
            throw new Refusal(sprintf('A channel has at most %d members and open links.', self::MOST));
        }
        $token = Str::random(40);
        Invitation::query()->forceCreate([
            'channel_id' => $channel->id, 'role' => $role, 'token' => self::hash($token),
            'ends_at' => time() + 86_400 * self::DAYS,
        ]);

        return $token;
    }

    /** What a link is for; null where it was used, withdrawn, or is over. */
    public function invitation(string $token): ?Invitation
    {
        return Invitation::query()->where('token', self::hash($token))->where('ends_at', '>', time())->first();
    }

    /**
     * Lets somebody in, once for each link.
     *
     * @throws Refusal where the link is over meanwhile
     */
    public function join(string $token, User $user): Channel
    {
        return DB::transaction(function () use ($token, $user): Channel {
            $invitation = $this->invitation($token)
                ?? throw new Refusal('This link no longer works: it was used, withdrawn, or is older than a week.');
            $channel = $invitation->channel;
            if ($channel->user_id !== $user->id) {
                $whose = ['channel_id' => $channel->id, 'user_id' => $user->id];
                $known = Member::query()->where($whose)->first();
                $known === null
                    ? Member::query()->forceCreate([...$whose, 'role' => $invitation->role])
                    : $known->update(['role' => $invitation->role]);
            }
            $invitation->delete();
            $user->enter($channel);

            return $channel;
        });
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
