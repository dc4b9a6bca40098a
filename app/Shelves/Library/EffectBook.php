<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Levels\EffectNames;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Effect;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use RapidReel\Plan\Cut\SoundEffect;

/** The effects at hand: those that ship, and those that a channel brought. */
final readonly class EffectBook
{
    public function __construct(
        private MediaStore $store,
        private string $folder,
    ) {
    }

    /**
     * @param  Channel|null  $channel  with it, those that it brought, too
     *
     * @throws StrangePlace
     */
    public function of(?Channel $channel): EffectShelf
    {
        $effects = $this->shipped();
        $paths = array_map(fn (SoundEffect $one): string => "{$this->folder}/{$one->id}.flac", $effects);
        $rows = $channel === null
            ? []
            : Effect::at($channel)->withoutGlobalScope(SoftDeletingScope::class)->get()->sortBy('id');
        foreach ($rows as $row) {
            $id = EffectNames::OWN.$row->id;
            $paths[$id] = $this->store->path($row->path);
            // One that was taken away is still in the shorts that have it.
            if ($row->trashed()) {
                continue;
            }
            $effects[$id] = new SoundEffect($id, $row->name, $row->fingerprint, $row->loudest, $row->duration_ms);
        }

        return new EffectShelf($effects, $paths);
    }

    /** @return array<string, SoundEffect> by id: as they were measured when they were made */
    private function shipped(): array
    {
        /** @var array<string, array{fingerprint: string, loudest: float|int, duration_ms: int}> $known */
        $known = json_decode((string) file_get_contents("{$this->folder}/sounds.json"), true) ?: [];
        $effects = [];
        foreach (array_intersect_key($known, EffectNames::SHIPPED) as $id => $one) {
            $effects[$id] = new SoundEffect(
                $id, EffectNames::SHIPPED[$id], $one['fingerprint'], (float) $one['loudest'], $one['duration_ms'],
            );
        }

        return $effects;
    }
}
