<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Desks\Editing\EditBook;
use App\Shelves\Models\Channel;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\Short;
use Closure;
use Illuminate\Support\Facades\DB;

/** Changes to what is in the outbox as steps that can be undone, until it has left. */
final class OutboxEdits
{
    private const COLUMNS = ['state', 'local', 'zone', 'due_at', 'listing', 'cover'];

    /** What is changed within a change is one step with it. */
    private bool $isWithin = false;

    public function __construct(private readonly EditBook $edits)
    {
    }

    /**
     * Makes a change, all of it or none.
     *
     * @template T
     *
     * @param  string  $what  was done, with %s for what it was done to
     * @param  list<Short>  $shorts  those whose posts it may change
     * @param  list<Outlet>  $outlets  where
     * @param  Closure(): T  $change
     * @return T
     */
    public function change(Channel $channel, string $what, array $shorts, array $outlets, Closure $change): mixed
    {
        if ($this->isWithin) {
            return $change();
        }
        $this->isWithin = true;
        try {
            return DB::transaction(function () use ($channel, $what, $shorts, $outlets, $change): mixed {
                $before = self::rows($shorts, $outlets);
                $done = $change();
                $this->keep($channel, $what, $shorts, self::changed($before, self::rows($shorts, $outlets)));

                return $done;
            });
        } finally {
            $this->isWithin = false;
        }
    }

    /**
     * @param  list<Short>  $shorts
     * @param  array<int, array<string, mixed>>  $changed  what it was before
     */
    private function keep(Channel $channel, string $what, array $shorts, array $changed): void
    {
        if ($changed === []) {
            return;
        }
        $of = Post::query()->whereKey(array_keys($changed))->distinct()->pluck('short_id')->all();
        $titles = array_map(static fn (Short $one): string => $one->title, array_values(array_filter(
            $shorts, static fn (Short $one): bool => in_array($one->id, $of, true),
        )));
        $this->edits->note(
            $channel,
            EditPart::Outbox,
            sprintf($what, count($of) === 1 ? '“'.($titles[0] ?? '').'”' : count($of).' shorts'),
            json_encode((object) $changed, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        );
    }

    /**
     * @param  array<int, array<string, mixed>>  $before
     * @param  array<int, array<string, mixed>>  $after
     * @return array<int, array<string, mixed>> of the rows that are otherwise, what is otherwise, as it was
     */
    private static function changed(array $before, array $after): array
    {
        // One that is new stays, and says nothing.
        $nothing = [...array_fill_keys(self::COLUMNS, null), 'state' => PostState::Open->value];
        $changed = [];
        foreach ($after as $id => $row) {
            $was = $before[$id] ?? $nothing;
            $columns = array_filter(
                self::COLUMNS, static fn (string $column): bool => $row[$column] !== $was[$column],
            );
            if ($columns !== []) {
                $changed[$id] = array_intersect_key($was, array_flip($columns));
            }
        }

        return $changed;
    }

    /**
     * @param  list<Short>  $shorts
     * @param  list<Outlet>  $outlets
     * @return array<int, array<string, mixed>> columns by id
     */
    private static function rows(array $shorts, array $outlets): array
    {
        return DB::table('posts')
            ->whereIn('short_id', array_map(static fn (Short $one): int => $one->id, $shorts))
            ->whereIn('outlet_id', array_map(static fn (Outlet $one): int => $one->id, $outlets))
            ->get(['id', ...self::COLUMNS])->keyBy('id')
            ->map(static fn (object $row): array => (array) $row)->all();
    }
}
