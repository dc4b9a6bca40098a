<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Desks\Exporting\TakenOver;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use Illuminate\Support\Facades\DB;

/**
 * The right of one worker to post something, as exports have it: a number that rises with every worker that takes it
 * up, and that whatever is written asks for.
 */
final readonly class PostClaim
{
    private function __construct(
        public Post $post,
        private int $number,
    ) {
    }

    /** @return self|null none where there is nothing to be done (any more, or yet) */
    public static function take(Post $post): ?self
    {
        return DB::transaction(static function () use ($post): ?self {
            $now = Post::query()->find($post->id);
            if ($now === null || ! in_array($now->state, PostState::due(), true)) {
                return null;
            }
            $number = $now->owner + 1;
            $now->update(['owner' => $number, 'state' => PostState::Sending, 'problem' => null]);

            return new self($now->load(['outlet.channel', 'short' => static fn ($short) => $short->withTrashed()
                ->with(['batch.channel', 'latestDone', 'latestFinal', 'otherExports', 'latestVerdict', 'scenes']),
            ]), $number);
        });
    }

    /**
     * @param  array<string, mixed>  $values
     *
     * @throws TakenOver when another worker has it by now, or somebody took it out
     */
    public function write(array $values): void
    {
        if (Post::query()->whereKey($this->post->id)->where('owner', $this->number)
            ->where('state', PostState::Sending)->update(Post::raw($values)) === 0) {
            throw new TakenOver;
        }
    }
}
