<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Voice\Pcm;
use RapidReel\Voice\Take;
use RapidReel\Voice\WordTiming;

/** Takes on disk, by their keys: the sound, and beside it when every word is spoken. */
final readonly class TakeFiles
{
    public function __construct(private MediaStore $store)
    {
    }

    public function sound(string $key): Pcm
    {
        return WavFile::read($this->soundFile($key));
    }

    public function soundFile(string $key): string
    {
        return $this->store->keyed('takes', $key, 'wav');
    }

    /** @phpstan-impure another process may have made it meanwhile */
    public function kept(string $key): ?Take
    {
        $file = $this->store->keyed('takes', $key, 'json');
        $data =
            is_file($file) && is_file($this->soundFile($key))
                ? json_decode((string) file_get_contents($file), true)
                : null;

        return is_array($data)
            ? new Take($key, $data['duration_ms'], array_map(WordTiming::fromArray(...), $data['words']))
            : null;
    }

    /** @param  non-empty-list<WordTiming>  $words */
    public function put(string $key, Pcm $sound, array $words): Take
    {
        $take = new Take($key, $sound->durationMs(), $words);
        $this->store->put($this->soundFile($key), WavFile::encode($sound));
        // Last, so that a take with times has its sound.
        $this->store->put($this->store->keyed('takes', $key, 'json'), json_encode([
            'duration_ms' => $take->durationMs,
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
}
