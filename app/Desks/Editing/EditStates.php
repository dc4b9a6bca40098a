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
use App\Shelves\Models\Short;
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
            $edit->part === EditPart::Library => self::rows($edit),
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

    /** The columns that the edit changed, of the rows that it changed, as they are. */
    private static function rows(Edit $edit): string
    {
        $now = [];
        foreach (self::read($edit->before) as $id => $row) {
            $one = Footage::withTrashed()->find($id);
            if ($one !== null) {
                $now[$id] = array_intersect_key($one->getRawOriginal(), $row);
            }
        }

        return json_encode((object) $now, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    private static function putRows(string $state): void
    {
        foreach (self::read($state) as $id => $row) {
            Footage::withTrashed()->whereKey($id)->update($row);
        }
    }

    /** @return array<int, array<string, mixed>> columns by id of the footage */
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
