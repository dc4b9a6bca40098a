<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Outbox;

use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\Short;
use RapidReel\Making\Publish\Listing\Listing;

/** One short of an outbox at one outlet. */
final readonly class OutboxRow
{
    /**
     * @param  array<string, string>  $problems  with its texts, by field
     * @param  array<string, array{int, int}>  $counts  how long each text is, and may be
     * @param  string  $file  what is there of it: final, draft, outdated, none
     */
    public function __construct(
        public Short $short,
        public ?Post $post,
        public Listing $listing,
        public array $problems,
        public array $counts,
        public string $file,
        public bool $isCleared,
        public bool $isOutdated,
    ) {
    }

    public function isPosted(): bool
    {
        return $this->post?->state === PostState::Posted;
    }

    public function isOwn(string $field): bool
    {
        return isset($this->post->listing[$field]);
    }

    /** What has to be done before it can leave; empty where nothing has. */
    public function lacks(): string
    {
        return $this->isPosted() ? '' : implode(', ', array_filter([
            $this->short->isPlanned() ? '' : 'being planned',
            match ($this->file) {
                'final' => '', 'making' => 'file being made', default => 'no finished file',
            },
            $this->isCleared ? '' : 'not cleared',
            $this->problems === [] ? '' : 'texts do not fit',
        ]));
    }

    public function says(): string
    {
        return match (true) {
            $this->post === null, $this->post->state === PostState::Open => 'not planned',
            default => $this->post->state->label(),
        };
    }

    /** Where its cover is to be had; until one is chosen, the picture that its file is shown by. */
    public function picture(): string
    {
        $ms = $this->post->cover['ms'] ?? -1;
        $file = $this->short->leaving()[0] ?? null;

        return $ms >= 0 && $this->post !== null
            ? route('posts.picture', [
                $this->short, $this->post->outlet_id, 'ms' => $ms, 'text' => $this->post->cover['text'] ?? '',
            ])
            : route('exports.poster', $file->id ?? 0);
    }

    /** Where it stands in its day and hour: on the wall of its channel. */
    public function at(): string
    {
        return $this->post->local ?? '';
    }
}
