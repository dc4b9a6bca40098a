<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Outbox\Poster;
use App\Shelves\Models\Post;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Posts a short that is due. Killed and begun again, it asks first what became of it. */
final class PostShort implements Ordered, ShouldQueue
{
    use Queueable;

    /** Its row counts how often it failed. */
    public int $tries = 0;

    /** Six hours: the largest file over the slowest line. */
    public int $timeout = 21_600;

    public function __construct(public readonly int $postId)
    {
        $this->onQueue(Lane::Posts->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class];
    }

    public function handle(Poster $poster): void
    {
        $post = Post::query()->find($this->postId);
        if ($post !== null && ! $post->outlet->held) {
            $poster->run($post);
        }
    }

    public function about(): string
    {
        return "post:{$this->postId}";
    }
}
