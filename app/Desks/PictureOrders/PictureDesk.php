<?php

declare(strict_types=1);

namespace App\Desks\PictureOrders;

use App\Desks\Editing\PicturePlacing;
use App\Gateways\Painting\Pictures;
use App\Ground\Work\Orders;
use App\Makers\Planning\BriefDesk;
use App\Media\Probing\UnusableMedia;
use App\Media\Store\MediaStore;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Models\Footage;
use App\Shelves\Models\PictureOrder;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Language\Terms;
use RapidReel\Base\Refusal;

/** Has pictures made for the shots of a short: four for each, to choose from. */
final readonly class PictureDesk
{
    public const EACH = 4;

    public function __construct(
        private BriefDesk $briefs,
        private Pictures $pictures,
        private FootageImporter $importer,
        private MediaStore $store,
        private PicturePlacing $placing,
        private Orders $orders,
    ) {
    }

    /** The last that was ordered for a short. */
    public function last(Short $short): ?PictureOrder
    {
        return PictureOrder::query()->where('short_id', $short->id)->latest('id')->first();
    }

    /**
     * @param  list<int>  $numbers  of the shots, from 1; none for all
     *
     * @throws Refusal while others are being made for it
     */
    public function order(Short $short, array $numbers = []): PictureOrder
    {
        return DB::transaction(function () use ($short, $numbers): PictureOrder {
            $last = $this->last($short);
            if ($last !== null && $last->open) {
                throw new Refusal('Pictures are being made for this short already.');
            }
            $briefs = $rounds = $shown = [];
            $scenes = $short->manuscript()->scenes;
            foreach ($this->briefs->of($short) as $brief) {
                if ($numbers === [] || in_array($brief->number, $numbers, true)) {
                    $briefs[$brief->number] = $brief->text;
                    $rounds[$brief->number] = $this->roundsOf($short, $brief->text);
                    $shown[$brief->number] = $scenes[$brief->shot->scene]->own->shotAt($brief->shot->word)->footage;
                }
            }
            if ($briefs === []) {
                throw new Refusal('This short has no such shot. Reload the page.');
            }
            $order = PictureOrder::query()->create([
                'short_id' => $short->id, 'briefs' => $briefs, 'rounds' => $rounds, 'made' => [],
                'shown' => $shown,
            ]);
            $this->orders->makePictures($order->id);

            return $order;
        });
    }

    /**
     * For all shots of many shorts; of one whose pictures are being made no others are ordered.
     *
     * @param  array<Short>  $shorts
     * @return string what was done, in words
     *
     * @throws Refusal when they are being made for all of them
     */
    public function orderAll(array $shorts): string
    {
        $ordered = 0;
        foreach ($shorts as $short) {
            try {
                $this->order($short);
                $ordered++;
            } catch (Refusal) {
                // Told below, where it is so for all.
            }
        }

        return $ordered === 0
            ? throw new Refusal('Pictures are being made for these already.')
            : sprintf(
                'Pictures are being made for %s. %s',
                $ordered === 1 ? '1 short' : "$ordered shorts",
                $this->about(),
            );
    }

    /**
     * Makes what is not made yet, and puts the first of each to its shot. Taken up again, it goes on where it was.
     *
     * @throws Refusal
     */
    public function make(PictureOrder $order): void
    {
        if (! $order->open) {
            return;
        }
        foreach ($order->briefs as $number => $brief) {
            if (count($order->made[$number] ?? []) < self::EACH) {
                $four = $this->four($order, $number, $brief);
                // Another worker may have gone on with it meanwhile, or be done.
                $isOpen = DB::transaction(static function () use ($order, $number, $four): bool {
                    $order->refresh();
                    $order->open && $order->update(['made' => $order->made + [$number => $four]]);

                    return $order->open;
                });
                if (! $isOpen) {
                    return;
                }
            }
        }
        DB::transaction(function () use ($order): void {
            if (! $order->refresh()->open) {
                return;
            }
            $files = [];
            foreach ($order->made as $number => $ids) {
                foreach ($ids as $i => $id) {
                    $files[] = [sprintf('%02d%s', $number, chr(ord('a') + $i)), $id];
                }
            }
            $order->update(['open' => false]);
            // What an operator chose since stays, and so does a shot that shows something else by now.
            $this->placing->bring(
                $order->short->refresh(),
                $files,
                $order->isFor(...),
            );
        });
    }

    public function fail(int $id, string $why): void
    {
        PictureOrder::query()->whereKey($id)->where('open', true)->update(['open' => false, 'problem' => $why]);
    }

    /**
     * @return list<int> footage
     *
     * @throws UnusableMedia
     * @throws Refusal
     */
    private function four(PictureOrder $order, int $number, string $brief): array
    {
        $channel = $order->short->batch->channel;
        $folder = $this->store->workFolder();
        $ids = [];
        try {
            for ($i = 1; $i <= self::EACH; $i++) {
                $this->pictures->make($brief, self::EACH * ($order->rounds[$number] ?? 0) + $i, "$folder/$i.png");
                $footage = $this->importer->footage(
                    $channel,
                    "$folder/$i.png",
                    sprintf('%s %02d%s.png', $order->short->title, $number, chr(ord('a') + $i - 1)),
                    array_slice(array_values(array_unique(Terms::of($brief))), 0, 12),
                    $this->pictures->isStandIn() ? Footage::STAND_IN : 'made',
                    'Made',
                );
                $footage->update(['brief' => mb_strimwidth($brief, 0, 400, '…')]);
                $ids[] = $footage->id;
            }
        } finally {
            $this->store->discard($folder);
        }

        return $ids;
    }

    /** How often pictures were made for a brief before. */
    private function roundsOf(Short $short, string $brief): int
    {
        return PictureOrder::query()
            ->where('short_id', $short->id)
            ->get()
            ->filter(static fn (PictureOrder $one): bool => in_array($brief, $one->briefs, true))
            ->count();
    }

    /**
     * What came of an order, as pictures that were brought are told.
     *
     * @param  int  $shots  that there are by now: what was made for one beyond is in the library
     * @return array{
     *     candidates: array<int, non-empty-list<Footage>>, missing: list<int>, left: list<string>
     * }
     */
    public function came(PictureOrder $order, int $shots): array
    {
        $rows = Footage::query()->findMany(array_merge([], ...array_values($order->made)))->keyBy('id');
        [$candidates, $left] = [[], []];
        foreach ($order->made as $number => $ids) {
            $own = array_values(array_filter(array_map(static fn (int $id): ?Footage => $rows->get($id), $ids)));
            if ($number > $shots) {
                $left = [...$left, ...array_map(static fn (Footage $one): string => $one->name, $own)];
            } elseif ($own !== []) {
                $candidates[$number] = $own;
            }
        }

        return ['candidates' => $candidates, 'missing' => [], 'left' => $left];
    }

    public function about(): string
    {
        return $this->pictures->about();
    }
}
