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
use RapidReel\Pictures\Footage\FootageWords;

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
        $footage = [];
        $paths = $seals = $names = [];
        foreach (FootageRecord::at($channel)->where('state', FootageState::Ready)->get()->sortBy('id') as $record) {
            $one = self::footage($record);
            $footage[] = $one;
            $paths[$one->id] = $this->store->path($record->path);
            $seals[$one->id] = $record->seal;
            $names[$one->id] = $record->name;
        }
        $music = [];
        $musicPaths = $musicSeals = $moods = [];
        foreach (Music::at($channel)->withoutGlobalScope(SoftDeletingScope::class)->get()->sortBy('id') as $record) {
            // One that was taken away is still under the shorts that it was chosen for.
            if (! $record->trashed()) {
                $music[] = $record->piece();
                $moods[(string) $record->id] = $record->mood();
            }
            $musicPaths[(string) $record->id] = $this->store->path($record->path);
            $musicSeals[(string) $record->id] = $record->seal;
            $names[Shelf::MUSIC.$record->id] = $record->name;
        }

        $logos = [];
        foreach (Logo::at($channel)->get() as $record) {
            $logos[$record->picture] = [$record->width, $record->height];
            $names[Shelf::LOGO.$record->picture] = $record->name;
        }

        return new Shelf(
            $footage, $paths, $seals, new MusicShelf($music, $moods, $musicPaths, $musicSeals),
            $this->effects->of($channel), $names, $logos,
        );
    }

    public static function footage(FootageRecord $record): Footage
    {
        return new Footage(
            (string) $record->id,
            $record->kind,
            $record->fingerprint,
            $record->width,
            $record->height,
            $record->duration_ms,
            new FootageWords($record->tagList(), $record->name, $record->brief ?? ''),
        );
    }
}
