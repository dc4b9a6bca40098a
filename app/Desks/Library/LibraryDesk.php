<?php

declare(strict_types=1);

namespace App\Desks\Library;

use App\Desks\Editing\EditBook;
use App\Shelves\Library\ChosenFootage;
use App\Shelves\Models\Channel;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Shot;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;

/** Changes to many clips and stills at once, each of which can be taken back. */
final readonly class LibraryDesk
{
    private const MOST_TAGS = 40;

    public function __construct(private EditBook $edits)
    {
    }

    /**
     * @param  list<int>  $ids
     * @param  list<string>  $tags
     * @return string what was done, in words
     *
     * @throws Refusal
     */
    public function tag(Channel $channel, array $ids, array $tags): string
    {
        if ($tags === []) {
            throw new Refusal('Write the tags first, with commas between.');
        }

        return $this->change($channel, $ids, 'tagged', static fn (Footage $one): array => [
            'tags' => implode(', ', array_slice(
                array_values(array_unique([...$one->tagList(), ...$tags])),
                0,
                self::MOST_TAGS,
            )),
        ]);
    }

    /**
     * @param  list<int>  $ids
     * @param  list<string>  $tags
     *
     * @throws Refusal
     */
    public function untag(Channel $channel, array $ids, array $tags): string
    {
        if ($tags === []) {
            throw new Refusal('Write the tags that are to go, with commas between.');
        }

        return $this->change($channel, $ids, 'removed tags from', static fn (Footage $one): array => [
            'tags' => implode(', ', array_diff($one->tagList(), $tags)),
        ]);
    }

    /** @param  list<int>  $ids */
    public function collect(Channel $channel, array $ids, string $collection): string
    {
        return $this->change($channel, $ids, 'collected', static fn (Footage $one): array => [
            'collection' => mb_strimwidth(trim($collection), 0, 80, '…'),
        ]);
    }

    /**
     * Takes away what no short shows.
     *
     * @param  list<int>  $ids
     *
     * @throws Refusal
     */
    public function delete(Channel $channel, array $ids): string
    {
        // Of what is another's nothing is told, not even whether it is used.
        $ids = array_values(array_map(
            intval(...), Footage::query()->where('channel_id', $channel->id)->whereKey($ids)->pluck('id')->all(),
        ));
        if ($ids === []) {
            throw self::noneChosen();
        }
        $used = array_values(array_unique([
            ...Shot::query()->whereIn('footage_id', $ids)->distinct()->pluck('footage_id')->all(),
            ...ChosenFootage::among($ids),
        ]));
        $free = array_values(array_diff($ids, $used));
        if ($free === []) {
            throw new Refusal(count($ids) === 1
                ? 'A short shows it, and so it stays.'
                : 'Shorts show all of these, and so they stay.');
        }
        $said = $this->change($channel, $free, 'deleted', static fn (): array => ['deleted_at' => now()]);

        return $used === [] ? $said : sprintf(
            '%s %d stay, as shorts show them.',
            $said,
            count(array_intersect($ids, $used)),
        );
    }

    private static function noneChosen(): Refusal
    {
        return new Refusal('Choose clips or stills of this channel first.');
    }

    /**
     * @param  list<int>  $ids
     * @param  Closure(Footage): array<string, mixed>  $change
     */
    private function change(Channel $channel, array $ids, string $did, Closure $change): string
    {
        return DB::transaction(function () use ($channel, $ids, $did, $change): string {
            /** @var Collection<int, Footage> $rows */
            $rows = Footage::query()->where('channel_id', $channel->id)->whereKey($ids)->get();
            if ($rows->isEmpty()) {
                throw self::noneChosen();
            }
            $before = [];
            foreach ($rows as $one) {
                $after = $change($one);
                $before[$one->id] = array_map(
                    static fn (string $column): mixed => $one->getRawOriginal($column),
                    array_combine(array_keys($after), array_keys($after)),
                );
                $one->forceFill($after)->save();
            }
            $what = $did.' '.($rows->count() === 1 ? "“{$rows->firstOrFail()->name}”" : "{$rows->count()} pieces");
            $this->edits->note($channel, EditPart::Library, $what, json_encode(
                (object) $before, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ));

            return ucfirst($what).'.';
        });
    }
}
