<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Editing\BatchMaker;
use App\Desks\Editing\SettingsDesk;
use App\Desks\Intake\ScriptFiles;
use App\Desks\Outbox\Listings;
use App\Desks\Outbox\Outbox;
use App\Desks\Outbox\OutletDesk;
use App\Desks\Outbox\ShortTraits;
use App\Desks\Results\ResultsDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Demo\Service\Growth;
use RapidReel\Making\Publish\Results\Point;
use RapidReel\Making\Publish\Schedule\WallClock;
use RapidReel\Plan\Settings\Level;

/** What the demo has posted so far, what that brought, and what it is about to post. */
final readonly class DemoOutbox
{
    private const ZONE = 'Europe/Lisbon';

    private const HOURS = ['09:00', '18:00'];

    /** At these ages of a post it was asked what it brought. */
    private const ASKED_HOURS = [6, 24, 48, 72, 120, 168, 240, 336, 504];

    public function __construct(
        private BatchMaker $batches,
        private ScriptFiles $scripts,
        private OutletDesk $outlets,
        private Outbox $outbox,
        private SettingsDesk $settings,
        private ShortTraits $traits,
        private Listings $listings,
    ) {
    }

    /** @throws Refusal */
    public function make(Channel $channel, Batch $next, string $place): void
    {
        foreach (['zone' => self::ZONE, 'standing_lines' => 'A new tale from the coast every day.',
            'standing_tags' => 'lighthouses, sea stories'] as $key => $value) {
            $this->settings->set($channel, Level::Channel, [$channel->id], $key, $value);
        }
        $outlet = $this->outlets->add($channel->refresh(), $place, '')->setRelation('channel', $channel);
        $this->outlets->change($outlet, [
            'hours' => implode(', ', self::HOURS), 'per_day' => '1', 'days_off' => 'sun', 'rate' => '0.50',
        ]);
        $past = $this->batches->make(
            $channel, 'Three weeks of the log', $this->scripts->fromPath(base_path('demo/posted')),
        )->setRelation('channel', $channel);
        $past->forceFill(['created_at' => now()->subDays(22)])->save();
        $clock = $this->outbox->clock($channel);
        $shorts = array_values($past->shorts()->with('scenes')->get()->all());
        // The last two are one script with two hooks.
        $last = count($shorts) - 1;
        $shorts[$last]->update(['variant_of' => $shorts[$last - 1]->id]);
        foreach ($shorts as $number => $short) {
            $this->posted($short->setRelation('batch', $past), $outlet, $clock, count($shorts) - $number);
        }
        // Nothing is exported for it before somebody says so.
        $this->outbox->stand(array_values($next->shorts()->with('scenes')->limit(6)->get()->all()), $outlet);
    }

    /** @throws Refusal */
    private function posted(Short $short, Outlet $outlet, WallClock $clock, int $daysAgo): void
    {
        $day = $clock->day(now()->subDays($daysAgo)->toDateTimeImmutable());
        $local = $day.' '.self::HOURS[$daysAgo % 2];
        $at = $clock->moment($local)->getTimestamp();
        $listing = $this->listings->proposed($short, $outlet);
        $post = Post::query()->create([
            'short_id' => $short->id, 'outlet_id' => $outlet->id, 'key' => (string) Str::uuid(),
            'state' => PostState::Posted, 'local' => $local, 'zone' => $clock->name, 'due_at' => $at,
            'posted_at' => $at, 'remote' => 'demo-'.$short->number, 'percent' => 100, 'begun' => true,
            'sent' => $listing->toArray(), 'traits' => $this->traits->of($short, $clock, $at),
        ]);
        $growth = new Growth($short->title, $short->title);
        $now = now()->getTimestamp();
        $points = [];
        foreach (self::ASKED_HOURS as $hours) {
            $age = 3_600 * $hours;
            if ($at + $age <= $now) {
                $points[] = ResultsDesk::row($post->id, new Point(
                    $at + $age, $growth->views($age), $growth->likes($age), $growth->watchSeconds($age),
                ), ResultsDesk::SERVICE);
            }
        }
        DB::transaction(static fn () => ResultsDesk::keep($points));
    }
}
