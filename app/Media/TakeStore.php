<?php

declare(strict_types=1);

namespace App\Media;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\Voices;
use RapidReel\Voice\Pcm;
use RapidReel\Voice\Take;
use RapidReel\Voice\TakeCutter;
use RapidReel\Voice\WordTiming;

/** Takes by what is said and who says it: the same words by the same voice are spoken once. */
final readonly class TakeStore
{
    /** Raised whenever the same speech is cut otherwise than before. */
    private const VERSION = 1;

    public function __construct(
        private Voices $voices,
        private TakeCutter $cutter,
        private MediaStore $store,
        private KeyedLock $lock,
    ) {
    }

    public function take(string $text, Voice $voice): Take
    {
        $key = $this->key($text, $voice);

        // A synthesiser never says the same quite alike twice: two workers must not both make it.
        return $this->kept($key) ?? $this->lock->hold($key, fn (): Take => $this->kept($key) ?? $this->make($key, $text, $voice));
    }

    /** The take if these words were said before. */
    public function known(string $text, Voice $voice): ?Take
    {
        return $this->kept($this->key($text, $voice));
    }

    public function sound(string $key): Pcm
    {
        return WavFile::read($this->soundFile($key));
    }

    public function soundFile(string $key): string
    {
        return $this->store->keyed('takes', $key, 'wav');
    }

    private function key(string $text, Voice $voice): string
    {
        return hash('sha256', implode("\0", [self::VERSION, $this->voices->version(), $voice->fingerprint(), $text]));
    }

    private function kept(string $key): ?Take
    {
        $file = $this->store->keyed('takes', $key, 'json');
        $data = is_file($file) && is_file($this->soundFile($key)) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($data)
            ? new Take($key, $data['duration_ms'], array_map(WordTiming::fromArray(...), $data['words']))
            : null;
    }

    private function make(string $key, string $text, Voice $voice): Take
    {
        $speech = $this->voices->speak($text, $voice);
        ['sound' => $sound, 'words' => $words] = $this->cutter->cut($speech->sound, $text, $speech->events);
        $take = new Take($key, $sound->durationMs(), $words);
        $this->store->put($this->soundFile($key), WavFile::encode($sound));
        // Last, so that a take with times has its sound.
        $this->store->put($this->store->keyed('takes', $key, 'json'), json_encode([
            'duration_ms' => $take->durationMs,
            'words' => array_map(static fn (WordTiming $word): array => $word->toArray(), $take->words),
        ], JSON_THROW_ON_ERROR));

        return $take;
    }
}
