<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Ground\Work\Orders;
use App\Media\Process\ToolFailed;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Edit;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Post;
use App\Shelves\Models\Short;
use Illuminate\Database\Eloquent\Builder;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;

/** What an edit was of, as it is now, and as it was: read, and put back with all that follows from it. */
final readonly class EditStates
{
    /** Columns of a channel that are words, as they are told. */
    public const WORDS = [
        'name' => 'the name', 'style_words' => 'the words of its style', 'forbidden' => 'what it never says',
        'pronunciations' => 'how words are said', 'figures' => 'its figures', 'views' => 'its views',
    ];

    public function __construct(
        private Snapshot $snapshots,
        private Settler $settler,
        private Orders $orders,
    ) {
    }

    public static function words(Channel $channel): string
    {
        return json_encode($channel->only(array_keys(self::WORDS)), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** @throws Refusal */
    public function now(Edit $edit): string
    {
        return match (true) {
            $edit->part === EditPart::Words => self::words(self::channel($edit)),
            $edit->part === EditPart::Library => self::rows($edit, Footage::withTrashed()),
            $edit->part === EditPart::Outbox => self::rows($edit, Post::query()),
            $edit->short_id === null => self::owner($edit)->settings->toJson(),
            default => $this->snapshots->of(
                $this->snapshots->load(Short::withTrashed()->with('batch.channel')->findOrFail($edit->short_id)),
            ),
        };
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    public function put(Edit $edit, string $state): void
    {
        match (true) {
            $edit->part === EditPart::Words => $this->putWords(self::channel($edit), $state),
            $edit->part === EditPart::Library => self::putRows($state),
            $edit->part === EditPart::Outbox => self::putPosts($state),
            $edit->short_id === null => $this->putSettings(self::owner($edit), $state),
            default => $this->putShort($edit->short_id, $state),
        };
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    private function putWords(Channel $channel, string $state): void
    {
        $channel->update((array) json_decode($state, true, 8, JSON_THROW_ON_ERROR));
        $this->settler->inheriting($channel);
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    private function putSettings(Channel|Batch $of, string $state): void
    {
        $of->update(['settings' => Values::fromJson($state)]);
        $this->settler->inheriting($of);
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    private function putShort(int $id, string $state): void
    {
        $short = Short::withTrashed()->with('batch.channel')->findOrFail($id);
        if ($state === '') {
            // One that the change had made is taken away again.
            $short->delete();
            $this->settler->showing($short);

            return;
        }
        $this->snapshots->load($short);
        $this->snapshots->restore($short, $state);
        $short->save();
        $this->snapshots->load($short);
        $this->settler->changed($short);
        $this->settler->likenesses($short->batch, [$short]);
        $this->orders->planShort($short->id);
    }

    /**
     * The columns that the edit changed, of the rows that it changed, as they are.
     *
     * @param  Builder<Footage>|Builder<Post>  $among
     */
    private static function rows(Edit $edit, Builder $among): string
    {
        $before = self::read($edit->before);
        $now = [];
        foreach ($among->whereKey(array_keys($before))->get() as $one) {
            $now[$one->id] = array_intersect_key($one->getRawOriginal(), $before[$one->id]);
        }

        return json_encode((object) $now, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    private static function putRows(string $state): void
    {
        foreach (self::read($state) as $id => $row) {
            Footage::withTrashed()->whereKey($id)->update($row);
        }
    }

    /**
     * What has left meanwhile, or is leaving, stays as it is.
     *
     * @throws Refusal where all of it has
     */
    private static function putPosts(string $state): void
    {
        $count = 0;
        foreach (self::read($state) as $id => $row) {
            $count += Post::begunAnew($id, $row) ? 1 : 0;
        }
        if ($count === 0) {
            throw new Refusal('All that this was of has left meanwhile, or is leaving at this moment.');
        }
    }

    /** @return array<int, array<string, mixed>> columns by id of the row */
    private static function read(string $state): array
    {
        /** @var array<int, array<string, mixed>> */
        return json_decode($state, true, 16, JSON_THROW_ON_ERROR);
    }

    private static function channel(Edit $edit): Channel
    {
        return Channel::query()->findOrFail($edit->channel_id);
    }

    /** Whose settings an edit changed that is of no short. */
    private static function owner(Edit $edit): Channel|Batch
    {
        return $edit->batch_id === null
            ? self::channel($edit)
            : Batch::query()->with('channel')->findOrFail($edit->batch_id);
    }
}
