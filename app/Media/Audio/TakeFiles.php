<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\WordTiming;
use RuntimeException;

/** Takes on disk, by their keys: the sound, and beside it when every word is spoken. */
final readonly class TakeFiles
{
    public function __construct(private MediaStore $store)
    {
    }

    /** @throws RuntimeException when it is not there as it was written */
    public function sound(string $key): Pcm
    {
        return WavFile::read($this->soundFile($key));
    }

    /** @throws StrangePlace */
    public function soundFile(string $key): string
    {
        return $this->store->keyed('takes', $key, 'wav');
    }

    /**
     * A take whose sound is as it was written.
     *
     * @phpstan-impure another process may have made it meanwhile
     *
     * @throws StrangePlace
     */
    public function kept(string $key): ?Take
    {
        $data = json_decode((string) @file_get_contents($this->store->keyed('takes', $key, 'json')), true);
        if (
            ! is_array($data) || ! is_int($data['duration_ms'] ?? null) || ! is_array($data['words'] ?? null) ||
            $data['words'] === [] || ! $this->isRight($this->soundFile($key), $data['duration_ms'], $data['seal'] ?? '')
        ) {
            return null;
        }

        return new Take($key, $data['duration_ms'], array_map(
            WordTiming::fromArray(...),
            array_values($data['words']),
        ));
    }

    /**
     * @param  non-empty-list<WordTiming>  $words
     *
     * @throws StrangePlace
     */
    public function put(string $key, Pcm $sound, array $words): Take
    {
        $take = new Take($key, $sound->durationMs(), $words);
        $file = WavFile::encode($sound);
        $this->store->put($this->soundFile($key), $file);
        // Last, so that a take with times has its sound.
        $this->store->put($this->store->keyed('takes', $key, 'json'), json_encode([
            'duration_ms' => $take->durationMs,
            'seal' => strlen($file).' '.hash('xxh128', $file),
            'words' => self::listed($words),
        ], JSON_THROW_ON_ERROR));

        return $take;
    }

    /**
     * @param  list<WordTiming>  $words
     * @return list<array{text: string, start_ms: int, end_ms: int}>
     */
    public static function listed(array $words): array
    {
        return array_map(static fn (WordTiming $word): array => $word->toArray(), $words);
    }

    /** Takes of earlier versions have no seal: their length speaks for them. */
    private function isRight(string $file, int $durationMs, string $seal): bool
    {
        if (! is_file($file)) {
            return false;
        }

        return $seal !== '' ? $seal === KeptFiles::sealOf($file) : WavFile::durationMs($file) === $durationMs;
    }
}
