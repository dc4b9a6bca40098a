<?php

declare(strict_types=1);

namespace App\Shelves\Likeness;

use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Language\Shingles;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Review\Fingerprint;
use RapidReel\Plan\Review\Likeness;

/** Knows which shorts of a channel have the same hook or script, or nearly. */
final class LikenessBook
{
    /** With more than these a short is compared with the likeliest only. */
    private const MOST_COMPARED = 6;

    private const ROWS_AT_ONCE = 200;

    /** What more shorts than these have in common is a phrase of the channel. */
    private const PHRASE = 60;

    /** So much of each is looked up, however common it is. */
    private const KEPT = 4;

    /**
     * @param  array<int, Fingerprint>  $fingerprints  by the short's id
     */
    public function write(int $channelId, array $fingerprints): void
    {
        $ids = array_keys($fingerprints);
        $rows = [];
        foreach ($fingerprints as $id => $one) {
            array_push(
                $rows,
                ...array_map(
                    static fn (int $hash): array => ['short_id' => $id, 'width' => Shingles::HOOK, 'hash' => $hash],
                    $one->hook,
                ),
            );
            array_push(
                $rows,
                ...array_map(
                    static fn (int $hash): array => ['short_id' => $id, 'width' => Shingles::SCRIPT, 'hash' => $hash],
                    $one->sketch(),
                ),
            );
        }
        foreach (array_chunk($ids, self::ROWS_AT_ONCE) as $some) {
            DB::table('shingles')->whereIn('short_id', $some)->delete();
            DB::table('likenesses')->whereIn('short_id', $some)->delete();
            DB::table('likenesses')->whereIn('other_id', $some)->delete();
        }
        foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $some) {
            DB::table('shingles')->insert($some);
        }
        $lookups = array_map(static fn (array $row): array => [$row['short_id'], $row['width'], $row['hash']], $rows);
        $pairs = [];
        $candidates = $this->candidates($channelId, $lookups);
        $others = $fingerprints + $this->fingerprints(array_merge([], ...$candidates));
        // Of those that nobody translated yet the words are the same, too.
        $variants = Short::query()->whereKey(array_keys($others))
            ->selectRaw('coalesce(variant_of, version_of) as family, id')->toBase()->pluck('family', 'id')->all();
        foreach ($candidates as $id => $found) {
            foreach ($found as $other) {
                $isVariant = $id === $other || ($variants[$id] ?? $id) === ($variants[$other] ?? $other);
                $likeness =
                    isset($others[$other]) && ! $isVariant ? $fingerprints[$id]->likeness($others[$other]) : null;
                if ($likeness?->isNotable() === true) {
                    foreach ([[$id, $other], [$other, $id]] as [$from, $to]) {
                        $pairs["$from-$to"] = [
                            'short_id' => $from,
                            'other_id' => $to,
                            'hook' => $likeness->hook,
                            'script' => $likeness->script,
                        ];
                    }
                }
            }
        }
        foreach (array_chunk(array_values($pairs), self::ROWS_AT_ONCE) as $some) {
            DB::table('likenesses')->insertOrIgnore($some);
        }
    }

    /**
     * @param  list<int>  $shortIds  of one batch
     * @return array<int, Flag> the likest other of each short that has one
     */
    public function flags(array $shortIds, int $batchId): array
    {
        if ($shortIds === []) {
            return [];
        }
        $flags = [];
        $rows = DB::table('likenesses')
            ->join('shorts', 'shorts.id', '=', 'likenesses.other_id')
            ->join('batches', 'batches.id', '=', 'shorts.batch_id')
            ->whereNull('shorts.deleted_at')
            ->whereIn('likenesses.short_id', $shortIds)
            ->orderByRaw('likenesses.script + likenesses.hook / 2')
            ->orderByDesc('shorts.id')
            ->get([
                'likenesses.short_id', 'likenesses.hook', 'likenesses.script', 'shorts.number', 'shorts.title',
                'shorts.batch_id', 'batches.name',
            ]);
        foreach ($rows as $row) {
            $other =
                sprintf('%02d “%s”', $row->number, $row->title).
                ($row->batch_id === $batchId ? '' : " in “{$row->name}”");
            $flags[$row->short_id] = (new Likeness((float) $row->hook, (float) $row->script))->flag($other);
        }

        return $flags;
    }

    /**
     * What is the same as in earlier shorts of the channel, of scripts that are no shorts yet.
     *
     * @param  list<Fingerprint>  $fingerprints
     * @return array<int, Flag> by place in the list
     */
    public function against(int $channelId, array $fingerprints): array
    {
        $lookups = [];
        foreach ($fingerprints as $i => $one) {
            array_push($lookups, ...array_map(static fn (int $hash): array => [$i, Shingles::HOOK, $hash], $one->hook));
            array_push(
                $lookups,
                ...array_map(static fn (int $hash): array => [$i, Shingles::SCRIPT, $hash], $one->sketch()),
            );
        }
        $candidates = $this->candidates($channelId, $lookups, self: false);
        $ids = array_values(array_unique(array_merge([], ...$candidates)));
        $others = $this->fingerprints($ids);
        $shorts = Short::query()
            ->with('batch:id,name')
            ->whereKey($ids)
            ->get(['id', 'batch_id', 'number', 'title'])
            ->keyBy('id');
        $flags = [];
        foreach ($candidates as $i => $found) {
            foreach ($found as $other) {
                $likeness = isset($others[$other], $shorts[$other])
                    ? $fingerprints[$i]->likeness($others[$other])
                    : null;
                if ($likeness?->isNotable() === true) {
                    $flags[$i] ??= $likeness->flag(
                        sprintf(
                            '%02d “%s” in “%s”',
                            $shorts[$other]->number,
                            $shorts[$other]->title,
                            $shorts[$other]->batch->name,
                        ),
                    );
                }
            }
        }

        return $flags;
    }

    /**
     * Shorts of the channel that share most shingles with each that is looked up.
     *
     * @param  list<array{int, int, int}>  $lookups  whose, width and hash
     * @return array<int, list<int>> ids of shorts, by whose
     */
    private function candidates(int $channelId, array $lookups, bool $self = true): array
    {
        $rows = DB::select('select json_extract(j.value, \'$[0]\') as whose, s.short_id as other, count(*) as shared
            from json_each(?) j
            join shingles s on s.hash = json_extract(j.value, \'$[2]\') and s.width = json_extract(j.value, \'$[1]\')
            join shorts on shorts.id = s.short_id and shorts.deleted_at is null
            join batches on batches.id = shorts.batch_id and batches.channel_id = ?
            group by 1, 2 order by 3 desc, 2 desc', [
            json_encode($this->telling($lookups), JSON_THROW_ON_ERROR), $channelId,
        ]);
        $candidates = [];
        foreach ($rows as $row) {
            if (
                ($self && $row->whose === $row->other) ||
                count($candidates[$row->whose] ?? []) >= self::MOST_COMPARED
            ) {
                continue;
            }
            $candidates[$row->whose][] = $row->other;
        }

        return $candidates;
    }

    /**
     * Without what a channel says in every other short, which tells nothing and is found in thousands; some of each are
     * kept all the same.
     *
     * @param  list<array{int, int, int}>  $lookups
     * @return list<array{int, int, int}>
     */
    private function telling(array $lookups): array
    {
        $asked = [];
        foreach ($lookups as [, $width, $hash]) {
            $asked["$width $hash"] = [$width, $hash];
        }
        $found = DB::select('select s.width, s.hash, count(*) as held from json_each(?) j
            join shingles s on s.hash = json_extract(j.value, \'$[1]\') and s.width = json_extract(j.value, \'$[0]\')
            group by 1, 2', [json_encode(array_values($asked), JSON_THROW_ON_ERROR)]);
        $held = [];
        foreach ($found as $row) {
            $held["$row->width $row->hash"] = (int) $row->held;
        }
        $by = [];
        foreach ($lookups as $one) {
            $by[$one[0]][] = [$held["$one[1] $one[2]"] ?? 0, $one];
        }
        $telling = [];
        foreach ($by as $own) {
            usort($own, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
            foreach ($own as $i => [$times, $one]) {
                if ($i < self::KEPT || $times <= self::PHRASE) {
                    $telling[] = $one;
                }
            }
        }

        return $telling;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, Fingerprint>
     */
    private function fingerprints(array $ids): array
    {
        $fingerprints = [];
        foreach (array_chunk(array_values(array_unique($ids)), self::ROWS_AT_ONCE) as $some) {
            $said = [];
            $rows = DB::table('scenes')->whereIntegerInRaw('short_id', $some)->orderBy('position')
                ->get(['short_id', 'text']);
            foreach ($rows as $row) {
                $said[(int) $row->short_id][] = (string) $row->text;
            }
            $fingerprints += array_map(Fingerprint::said(...), $said);
        }

        return $fingerprints;
    }
}
