<?php

declare(strict_types=1);

namespace App\Library;

use App\Media\MediaStore;
use App\Models\Channel;
use App\Models\Effect;
use App\Settings\EffectNames;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\Cache;
use RapidReel\Cut\SoundEffect;

/** The effects at hand: those that ship, and those that a channel brought. */
final readonly class EffectBook
{
    public function __construct(
        private SoundMeter $meter,
        private MediaStore $store,
        private string $folder,
    ) {
    }

    /** @return array{array<string, SoundEffect>, array<string, string>} effects and where their files stand, by id */
    public function of(?Channel $channel): array
    {
        $effects = $paths = [];
        foreach (EffectNames::SHIPPED as $id => $name) {
            $paths[$id] = "{$this->folder}/$id.flac";
            $effects[$id] = $this->shipped($id, $name, $paths[$id]);
        }
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

        return [$effects, $paths];
    }

    private function shipped(string $id, string $name, string $path): SoundEffect
    {
        $fingerprint = (string) hash_file('xxh128', $path);
        $heard = Cache::rememberForever("effect-$fingerprint", fn (): array => $this->meter->effect($path, $name));

        return new SoundEffect($id, $name, $fingerprint, $heard['loudest'], $heard['duration_ms']);
    }
}
