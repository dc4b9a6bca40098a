<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Outbox\DuePosts;
use App\Desks\Outbox\Outbox;
use App\Desks\Outbox\Poster;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;

/** Posts a batch at once, or whatever is due, without waiting for the workers. */
final class PublishCommand extends Command
{
    use Answers;
    use NamesBatch;
    use NamesOutlet;

    private const LOOK_MICROSECONDS = 500_000;

    protected $signature = 'reel:publish {--batch= : a batch, by name or number, that is posted at once}
        {--outlet= : one of its outlets, by name or number; all of them where none is named}
        {--due : whatever is due by now, once each}
        {--wait=0 : seconds to wait for what is processed there or tried again}';

    protected $description = 'Posts a batch at its outlets, or whatever is due';

    public function handle(Outbox $outbox, Poster $poster, DuePosts $due): int
    {
        return $this->guarded(function () use ($outbox, $poster, $due): int {
            $ids = (bool) $this->option('due') ? $due->ids() : $this->planned($outbox);
            $until = hrtime(true) + 1_000_000_000 * (int) self::written($this->option('wait'));
            // The first time whatever is due; then what has waited for as long as it is to.
            $first = true;
            do {
                foreach ($ids as $id) {
                    $post = Post::query()->find($id);
                    if ($post !== null && in_array($post->state, PostState::due(), true)
                        && ($first || $post->next_at === null || $post->next_at <= now()->getTimestamp())) {
                        $poster->run($post);
                    }
                }
                $first = false;
                $open = Post::query()->whereKey($ids)->whereIn('state', PostState::due())->exists();
                $again = $open && hrtime(true) < $until;
                if ($again) {
                    usleep(self::LOOK_MICROSECONDS);
                }
            } while ($again);
            $posts = Post::query()->whereKey($ids)->with(['short' => static fn ($short) => $short->withTrashed(),
                'outlet'])->orderBy('id')->get();
            $this->printJson(['posts' => $posts->map(self::told(...))->all()]);

            return $posts->every(static fn (Post $post): bool => $post->state === PostState::Posted)
                ? self::SUCCESS
                : self::FAILURE;
        });
    }

    /**
     * @return list<int>
     *
     * @throws Refusal
     */
    private function planned(Outbox $outbox): array
    {
        $batch = $this->batch();
        $ids = [];
        foreach ($this->outlets($batch->channel) as $outlet) {
            foreach ($batch->shorts->filter($outlet->takes(...)) as $short) {
                $ids[] = $outbox->now($short->setRelation('batch', $batch), $outlet)->id;
            }
        }

        return $ids;
    }
}
