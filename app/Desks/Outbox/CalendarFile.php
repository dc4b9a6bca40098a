<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Sabre\VObject\Component\VCalendar;

/** What a channel has planned and posted, as iCalendar (RFC 5545), in UTC: every calendar shows it in its own zone. */
final class CalendarFile
{
    public static function of(Channel $channel): string
    {
        $calendar = new VCalendar;
        $calendar->add('X-WR-CALNAME', $channel->name);
        $posts = Post::query()->whereIn('outlet_id', $channel->its(Outlet::class)->select('id'))
            ->whereNot('state', PostState::Open)->whereNotNull('due_at')
            ->with(['outlet', 'short' => static fn ($short) => $short->withTrashed()])->orderBy('due_at')->get();
        foreach ($posts as $post) {
            $calendar->add('VEVENT', [
                'UID' => "$post->key@rapid-reel",
                'SUMMARY' => $post->short->title,
                'DTSTART' => $post->dueAt()?->setTimezone(new \DateTimeZone('UTC')),
                'DURATION' => 'PT5M',
                'DESCRIPTION' => "{$post->outlet->name}: {$post->state->label()}",
                ...$post->address === '' ? [] : ['URL' => $post->address],
            ]);
        }

        return $calendar->serialize();
    }
}
