<?php

declare(strict_types=1);

namespace App\Shelves\Search;

use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Language\LanguagePacks;
use RapidReel\Pictures\Footage\Matching\FootageTerms;
use RapidReel\Pictures\Footage\Matching\TermLists;

/**
 * Which footage holds which term, kept by term: whoever looks for words reads the lists of those words, and nothing of
 * the other thousands. What was changed since is taken in before anybody looks.
 */
final class FootagePostings
{
    /** Terms are stemmed as in English, or not at all: a language of each. */
    private const FORMS = ['en' => 'en', '' => 'und'];

    /** Taken in by one transaction: nobody waits long for it. */
    private const AT_ONCE = 500;

    /**
     * @param  string  $language  as a BCP 47 tag
     * @param  list<string>  $terms
     */
    public function read(Channel $channel, string $language, array $terms): TermLists
    {
        $this->catchUp();
        $form = LanguagePacks::of($language)->code === 'en' ? 'en' : '';
        $bodies = [];
        foreach (array_chunk($terms, self::AT_ONCE) as $some) {
            $rows = self::at('footage_postings', $channel)->where('form', $form)->whereIn('term', $some)
                ->get(['term', 'body']);
            foreach ($rows as $row) {
                $bodies[(string) $row->term] = ($bodies[(string) $row->term] ?? '').$row->body;
            }
        }
        $all = self::at('footage_collections', $channel)->where('form', $form)
            ->selectRaw('sum(documents) as documents, sum(length) as length')->first();

        return new TermLists((int) ($all->documents ?? 0), (int) ($all->length ?? 0), $bodies);
    }

    /** Takes in what was changed since the last time. */
    public function catchUp(): void
    {
        while (DB::table('footage_pending')->exists()) {
            DB::transaction(function (): void {
                $ids = DB::table('footage_pending')->orderBy('id')->limit(self::AT_ONCE)->pluck('id')->all();
                $this->take($ids);
                DB::table('footage_pending')->whereIn('id', $ids)->delete();
            });
        }
    }

    /** @param  array<array-key, mixed>  $ids */
    private function take(array $ids): void
    {
        $gone = $come = [];
        foreach (DB::table('footage_indexed')->whereIn('id', $ids)->get() as $row) {
            $terms = (array) json_decode((string) $row->terms, true);
            foreach (array_keys(self::FORMS) as $form) {
                $gone["$row->channel_id $row->lent $form"][(int) $row->id] = (array) ($terms[$form] ?? []);
            }
        }
        $indexed = [];
        foreach (Footage::query()->whereIn('id', $ids)->where('state', FootageState::Ready)->get() as $row) {
            $words = LibraryShelf::footage($row)->words;
            $lent = (int) $row->shared;
            $terms = [];
            foreach (self::FORMS as $form => $language) {
                $terms[$form] = array_map(
                    static fn (float $times): int => (int) round(10 * $times), FootageTerms::of($words, $language),
                );
                $come["$row->channel_id $lent $form"][$row->id] = $terms[$form];
            }
            $indexed[] = [
                'id' => $row->id, 'channel_id' => $row->channel_id, 'lent' => $lent,
                'terms' => json_encode(array_map(static fn (array $of): object => (object) $of, $terms),
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            ];
        }
        foreach (array_keys($gone + $come) as $collection) {
            [$channel, $lent, $form] = explode(' ', $collection);
            $key = ['channel_id' => (int) $channel, 'lent' => (int) $lent, 'form' => $form];
            $this->write($key, $gone[$collection] ?? [], $come[$collection] ?? []);
        }
        DB::table('footage_indexed')->whereIn('id', $ids)->delete();
        foreach (array_chunk($indexed, 200) as $some) {
            DB::table('footage_indexed')->insert($some);
        }
    }

    /**
     * @param  array{channel_id: int, lent: int, form: string}  $key
     * @param  array<int, array<array-key, mixed>>  $gone  how often each held a term
     * @param  array<int, array<array-key, int>>  $come  how often each holds one
     */
    private function write(array $key, array $gone, array $come): void
    {
        $out = $in = [];
        foreach ($gone as $id => $terms) {
            foreach (array_keys($terms) as $term) {
                $out[$term][$id] = true;
            }
        }
        foreach ($come as $id => $terms) {
            $length = min(0xFFFF, array_sum($terms));
            foreach ($terms as $term => $times) {
                $in[$term] = ($in[$term] ?? '').pack('V2', $id, min(0xFFFF, $times) | $length << 16);
            }
        }
        foreach (array_keys($out + $in) as $term) {
            $this->list($key, (string) $term, $out[$term] ?? [], $in[$term] ?? '');
        }
        $sum = static fn (array $of): int => (int) array_sum(array_map(array_sum(...), $of));
        DB::table('footage_collections')->insertOrIgnore([...$key, 'documents' => 0, 'length' => 0]);
        DB::table('footage_collections')->where($key)->update([
            'documents' => DB::raw('documents + '.(count($come) - count($gone))),
            'length' => DB::raw('length + '.($sum($come) - $sum($gone))),
        ]);
    }

    /**
     * @param  array{channel_id: int, lent: int, form: string}  $key
     * @param  array<int, true>  $out  numbers that are taken off it
     */
    private function list(array $key, string $term, array $out, string $in): void
    {
        $of = [...$key, 'term' => $term];
        $body = (string) DB::table('footage_postings')->where($of)->value('body');
        if ($out !== [] && $body !== '') {
            $kept = '';
            foreach (str_split($body, TermLists::ENTRY) as $entry) {
                $kept .= isset($out[((array) unpack('V', $entry))[1]]) ? '' : $entry;
            }
            $body = $kept;
        }
        $body .= $in;
        $body === '' ? DB::table('footage_postings')->where($of)->delete()
            : DB::table('footage_postings')->upsert([[...$of, 'body' => $body]], array_keys($of), ['body']);
    }

    /** What is at a channel's hand: its own, and what others of its account lend. */
    private static function at(string $table, Channel $channel): Builder
    {
        return DB::table($table)->where(static fn (Builder $either) => $either->where('channel_id', $channel->id)
            ->orWhere(static fn (Builder $lent) => $lent->where('lent', 1)->whereIn(
                'channel_id',
                static fn (Builder $of) => $of->select('id')->from('channels')->where('user_id', $channel->user_id),
            )));
    }
}
