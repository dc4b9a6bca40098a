<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage as FootageRecord;
use App\Shelves\Models\FootageState;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Music;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\FootageWords;
use RapidReel\Pictures\Footage\Matching\Collection;
use RapidReel\Plan\Choice\Mood;
use stdClass;

/** The footage and music at a channel's hand. */
final readonly class LibraryShelf
{
    public function __construct(
        private MediaStore $store,
        private EffectBook $effects,
    ) {
    }

    /** @throws StrangePlace */
    public function of(Channel $channel): Shelf
    {
        return $this->dressed($channel, $this->pictures($channel));
    }

    /**
     * With some of its footage alone.
     *
     * @param  list<int>  $ids
     * @param  Collection|null  $collection  what is known of all of it
     *
     * @throws StrangePlace
     */
    public function some(Channel $channel, array $ids, ?Collection $collection): Shelf
    {
        return $this->dressed($channel, $this->pictures($channel, $ids, $collection));
    }

    /**
     * Footage, and nothing beside it.
     *
     * @param  list<int>|null  $ids  null for all
     * @param  Collection|null  $collection  what is known of all of it, where these are some
     *
     * @throws StrangePlace
     */
    public function pictures(Channel $channel, ?array $ids = null, ?Collection $collection = null): Shelf
    {
        $query = FootageRecord::at($channel)->where('state', FootageState::Ready)->orderBy('id');
        $footage = $paths = $seals = $names = [];
        // As rows, not as models: there may be thousands.
        foreach (($ids === null ? $query : $query->whereIntegerInRaw('id', $ids))->toBase()->get() as $row) {
            $one = self::row($row);
            $footage[] = $one;
            $paths[$one->id] = $this->store->path((string) $row->path);
            $seals[$one->id] = $row->seal;
            $names[$one->id] = (string) $row->name;
        }

        return new Shelf($footage, $paths, $seals, names: $names, collection: $collection);
    }

    /**
     * The same with music, effects and logos.
     *
     * @throws StrangePlace
     */
    private function dressed(Channel $channel, Shelf $pictures): Shelf
    {
        $names = [];
        $moods = Music::at($channel)->orderBy('id')->toBase()->pluck('mood', 'id')
            ->map(static fn (mixed $mood): ?Mood => is_string($mood) ? Mood::tryFrom($mood) : null);
        $music = new MusicShelf($moods->all(), fn (string $id): ?KeptMusic => $this->music($channel, $id));
        $logos = [];
        foreach (Logo::at($channel)->get() as $record) {
            $logos[$record->picture] = [$record->width, $record->height];
            $names[Shelf::LOGO.$record->picture] = $record->name;
        }

        return $pictures->with($music, $this->effects->of($channel), $names, $logos);
    }

    /**
     * One that was taken away is still under the shorts that it was chosen for.
     *
     * @throws StrangePlace
     */
    private function music(Channel $channel, string $id): ?KeptMusic
    {
        $row = Music::at($channel)->withoutGlobalScope(SoftDeletingScope::class)->find($id);

        return $row instanceof Music
            ? new KeptMusic($row->piece(), $row->name, $this->store->path($row->path), $row->seal) : null;
    }

    public static function footage(FootageRecord $record): Footage
    {
        return self::row((object) $record->getAttributes());
    }

    /** @param  stdClass  $row  of the table of footage */
    private static function row(stdClass $row): Footage
    {
        return new Footage(
            (string) $row->id,
            FootageKind::from((string) $row->kind),
            (string) $row->fingerprint,
            (int) $row->width,
            (int) $row->height,
            (int) $row->duration_ms,
            new FootageWords(FootageRecord::tagsOf((string) $row->tags), (string) $row->name, (string) $row->brief),
        );
    }
}
