<?php

declare(strict_types=1);

namespace App\Desks\Results;

use App\Desks\Outbox\OutletDesk;
use App\Gateways\Outlets\FailureKind;
use App\Gateways\Outlets\OutletFailure;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\ResultPoint;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\Point;

/** What posts brought, as their outlets tell it: kept as a series, as it was told. */
final readonly class ResultsDesk
{
    public const SERVICE = 'service';

    public const TABLE = 'table';

    private const EVERY_SECONDS = 3_600;

    /** Of what is older nothing much comes any more. */
    private const MOST_DAYS = 120;

    public function __construct(private OutletDesk $outlets)
    {
    }

    /** Asks every outlet that was not asked for a while. */
    public function askDue(): void
    {
        $now = now()->getTimestamp();
        $due = Outlet::query()->with('channel')->whereNull('problem')->where('held', false)
            ->where(static fn ($when) => $when->where('asked_at', '<=', $now - self::EVERY_SECONDS)
                ->orWhere('asked_at', '>', $now + self::EVERY_SECONDS))->get();
        foreach ($due as $outlet) {
            try {
                $this->ask($outlet);
            } catch (Refusal) {
                // Told where its results are looked at; asked again in its turn.
                $outlet->update(['asked_at' => $now]);
            }
        }
    }

    /**
     * @return int how many posts it told something of
     *
     * @throws Refusal where it cannot be asked
     */
    public function ask(Outlet $outlet): int
    {
        $now = now()->getTimestamp();
        /** @var array<string, int> $ids */
        $ids = Post::query()->where('outlet_id', $outlet->id)->where('state', PostState::Posted)
            ->where('remote', '!=', '')->where('posted_at', '>', $now - self::MOST_DAYS * 86_400)
            ->pluck('id', 'remote')->all();
        if ($ids === []) {
            $outlet->update(['asked_at' => $now]);

            return 0;
        }
        try {
            $points = $this->outlets->door($outlet)->results(array_map(strval(...), array_keys($ids)));
        } catch (OutletFailure $failure) {
            if ($failure->kind === FailureKind::SignedOut) {
                $outlet->update(['problem' => $failure->getMessage()]);
            }

            throw new Refusal("{$outlet->name}: {$failure->getMessage()}");
        }
        $rows = [];
        foreach ($points as $remote => $point) {
            if (isset($ids[$remote])) {
                $rows[] = self::row($ids[$remote], $point, self::SERVICE);
            }
        }
        self::keep($rows);
        $outlet->update(['asked_at' => $now]);

        return count($rows);
    }

    /**
     * @return array{post_id: int, at: int, views: int, likes: int|null, watch_seconds: float|null, earned: int|null,
     *     currency: string, source: string}
     */
    public static function row(int $post, Point $point, string $source): array
    {
        return [
            'post_id' => $post, 'at' => $point->at, 'views' => $point->views, 'likes' => $point->likes,
            'watch_seconds' => $point->watchSeconds, 'earned' => $point->earned, 'currency' => $point->currency,
            'source' => $source,
        ];
    }

    /**
     * The same moment told again replaces what was told of it.
     *
     * @param  list<array<string, mixed>>  $rows
     */
    public static function keep(array $rows): void
    {
        DB::transaction(static function () use ($rows): void {
            foreach (array_chunk($rows, 200) as $some) {
                ResultPoint::query()->upsert(
                    $some, ['post_id', 'at', 'source'], ['views', 'likes', 'watch_seconds', 'earned', 'currency'],
                );
            }
        });
    }
}
