<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Ground\Work\DiskRoom;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Effect;
use App\Shelves\Models\Music;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Choice\Mood;

/** Brings music and effects into a channel's library, and takes them away again. */
final readonly class SoundDesk
{
    private const MOST = 500;

    private const SHORTEST_MUSIC_MS = 1_000;

    public function __construct(
        private SoundMeter $meter,
        private MediaStore $store,
        private DiskRoom $room,
        private Registrar $registrar,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @param  string  $mood  a mood; where it is empty, one is guessed from how it beats
     * @param  array{duration_ms: int, loudness: float, tempo: float|null, bars: list<int>}|null  $heard  what was found
     *   in it before; null where nobody has listened yet
     *
     * @throws UnusableMedia
     * @throws Refusal
     * @throws ToolFailed
     */
    public function music(
        Channel $channel,
        string $path,
        string $name,
        string $mood = '',
        ?array $heard = null,
    ): Music {
        $chosen = $mood === '' ? null : self::mood($mood);
        $fingerprint = (string) hash_file('xxh128', $path);
        $known = Music::at($channel)->withoutGlobalScope(SoftDeletingScope::class)
            ->where('fingerprint', $fingerprint)->first();
        if ($known !== null && $known->bars !== null && $this->isWhole($known->path, $known->seal)) {
            $known->trashed() && $known->restore();
            $this->registrar->forget();

            return $known;
        }
        if ($known === null && Music::at($channel)->count() >= self::MOST) {
            throw new Refusal(sprintf('A channel takes at most %d pieces. Delete one first.', self::MOST));
        }
        $heard ??= $this->meter->known($path, $name, $fingerprint);
        if ($heard['duration_ms'] < self::SHORTEST_MUSIC_MS) {
            throw new Refusal("“{$name}” lasts less than a second. Upload it as an effect.");
        }
        $kept = [...$this->keep($path, $name), ...$heard, 'fingerprint' => $fingerprint];
        if ($known !== null) {
            $known->trashed() && $known->restore();
            $known->forceFill($kept)->save();
        } else {
            $known = Music::query()->forceCreate([
                ...$kept,
                'channel_id' => $channel->id,
                'name' => FootageImporter::plainName($name),
                'mood' => ($chosen ?? self::guess($heard['tempo']))->value,
            ]);
        }
        $this->registrar->forget();

        return $known;
    }

    /**
     * @param  string  $name  what the operator calls the file
     *
     * @throws UnusableMedia
     * @throws Refusal
     * @throws ToolFailed
     */
    public function effect(Channel $channel, string $path, string $name): Effect
    {
        $fingerprint = (string) hash_file('xxh128', $path);
        $known = Effect::at($channel)->withoutGlobalScope(SoftDeletingScope::class)
            ->where('fingerprint', $fingerprint)->first();
        if ($known === null && Effect::at($channel)->count() >= self::MOST) {
            throw new Refusal(sprintf('A channel takes at most %d effects. Delete one first.', self::MOST));
        }
        $heard = $this->meter->effect($path, $name);
        if ($known !== null && $this->isWhole($known->path, $known->seal)) {
            $known->trashed() && $known->restore();
        } else {
            $kept = [...$this->keep($path, $name), ...$heard, 'fingerprint' => $fingerprint];
            $known?->trashed() && $known->restore();
            $known?->forceFill($kept)->save();
            $known ??= Effect::query()->forceCreate([
                ...$kept,
                'channel_id' => $channel->id,
                'name' => FootageImporter::plainName($name),
            ]);
        }
        $this->registrar->forget();

        return $known;
    }

    /** @throws Refusal when there is no such mood, or nothing is left of the name */
    public function change(Music $music, ?string $mood, ?string $name): void
    {
        if ($mood !== null) {
            $music->mood = self::mood($mood)->value;
        }
        if ($name !== null) {
            $music->name = trim($name) === '' ? throw new Refusal('A piece has a name.') : trim($name);
        }
        $music->save();
        $this->registrar->forget();
    }

    /** Shorts that it was chosen for keep it: its file stays. */
    public function drop(Music|Effect $sound): void
    {
        $sound->delete();
        $this->registrar->forget();
    }

    /** @throws Refusal */
    private static function mood(string $mood): Mood
    {
        return Mood::tryFrom($mood) ?? throw new Refusal(sprintf(
            'There is no mood “%s”. There are: %s.',
            mb_strimwidth($mood, 0, 40, '…'),
            implode(', ', array_column(Mood::cases(), 'value')),
        ));
    }

    /** Slow music is calm, fast music drives (common practice, no published source). */
    private static function guess(?float $tempo): Mood
    {
        return match (true) {
            $tempo === null, $tempo < 80 => Mood::Calm,
            $tempo < 105 => Mood::Warm,
            $tempo < 135 => Mood::Bright,
            default => Mood::Tense,
        };
    }

    /**
     * @return array{path: string, seal: string}
     *
     * @throws StrangePlace
     * @throws Refusal
     */
    private function keep(string $path, string $name): array
    {
        $this->room->ask((int) filesize($path));
        $extension = strtolower(pathinfo($name, PATHINFO_EXTENSION));
        $relative = sprintf(
            'library/%s.%s',
            Str::uuid()->toString(),
            in_array($extension, FolderShelf::SOUNDS, true) ? $extension : 'm4a',
        );
        $this->store->keep($path, $this->store->path($relative));

        return ['path' => $relative, 'seal' => (string) KeptFiles::sealOf($this->store->path($relative))];
    }

    /** @throws StrangePlace */
    private function isWhole(string $path, ?string $seal): bool
    {
        return KeptFiles::agrees($this->store->path($path), $seal);
    }
}
