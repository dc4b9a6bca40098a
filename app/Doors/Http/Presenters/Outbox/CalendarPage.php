<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Desks\Outbox\Outbox;
use App\Desks\Outbox\OutletDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use DateTimeImmutable;
use RapidReel\Base\Refusal;

/** Days of a channel with what leaves on each. */
final readonly class CalendarPage
{
    private const DAYS = 21;

    /** So many minutes of the day a slip is wide. */
    private const WIDE = 240;

    public function __construct(private Outbox $outbox)
    {
    }

    /**
     * @param  string  $from  the day it begins at; that of the week that today is of where none is said
     *
     * @throws Refusal
     */
    public function of(Channel $channel, string $from): CalendarPageView
    {
        $clock = $this->outbox->clock($channel);
        $now = now()->toDateTimeImmutable();
        $today = $clock->day($now);
        $first = DateTimeImmutable::createFromFormat('!Y-m-d', $from);
        $first = $first !== false && $first->format('Y-m-d') === $from
            ? $first
            : (new DateTimeImmutable($today))->modify('monday last week');
        $last = $first->modify('+'.self::DAYS.' days');
        $posts = Post::query()->whereIn('outlet_id', $channel->its(Outlet::class)->select('id'))
            ->whereNotNull('local')->where('local', '>=', $first->format('Y-m-d'))
            ->where('local', '<', $last->format('Y-m-d'))->whereNot('state', PostState::Open)
            ->with(['outlet', 'short' => static fn ($short) => $short->withTrashed()->select([
                'id', 'batch_id', 'number', 'title', 'deleted_at',
            ])])->orderBy('local')->orderBy('id')->get()->groupBy(
                static fn (Post $post): string => substr((string) $post->local, 0, 10),
            );
        $days = [];
        for ($day = $first; $day < $last; $day = $day->modify('+1 day')) {
            $date = $day->format('Y-m-d');
            $days[] = new CalendarDay(
                $date, $day->format('D j M'), $date === $today, $date < $today, $day->format('N') === '1',
                self::slips(array_values(($posts->get($date) ?? collect())->all())),
            );
        }

        return new CalendarPageView(
            $channel, $days, OutletDesk::of($channel), new WallTime($clock->name, substr($clock->local($now), 11)),
            $first->modify('-'.self::DAYS.' days')->format('Y-m-d'), $last->format('Y-m-d'),
            array_values($channel->batches()->latest('id')->limit(6)->get()->map(
                static fn (Batch $batch): Batch => $batch->setRelation('channel', $channel),
            )->all()),
            $posts->flatten()->contains(static fn (Post $post): bool => $post->state->isAtWork()),
        );
    }

    /**
     * @param  list<Post>  $posts  in their order
     * @return list<CalendarSlip>
     */
    private static function slips(array $posts): array
    {
        $ends = [];
        $slips = [];
        foreach ($posts as $post) {
            $minute = 60 * (int) substr((string) $post->local, 11, 2) + (int) substr((string) $post->local, 14, 2);
            for ($lane = 0; ($ends[$lane] ?? 0) > $minute; $lane++);
            $ends[$lane] = $minute + self::WIDE;
            $slips[] = new CalendarSlip($post, $minute, $lane);
        }

        return $slips;
    }
}
