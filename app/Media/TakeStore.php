<?php

declare(strict_types=1);

namespace App\Media;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\Voices;
use RapidReel\Voice\DeadAir;
use RapidReel\Voice\Delivery;
use RapidReel\Voice\Leveler;
use RapidReel\Voice\Pcm;
use RapidReel\Voice\SpokenText;
use RapidReel\Voice\Take;
use RapidReel\Voice\TakeCutter;
use RapidReel\Voice\WordTiming;

/**
 * Takes by what is said and who says it: the same words by the same voice are spoken once. A raw take is as it was spoken;
 * a tight one has its dead air cut.
 */
final readonly class TakeStore
{
    /** Raised whenever the same speech is cut otherwise than before. */
    private const VERSION = 3;

    public function __construct(
        private Voices $voices,
        private TakeCutter $cutter,
        private MediaStore $store,
        private KeyedLock $lock,
    ) {
    }

    /** A tight take of words, spoken now if they never were. */
    public function take(string $text, Voice $voice, Delivery $how = new Delivery): Take
    {
        return $this->tight($this->raw($text, $voice, $how), $how);
    }

    /** The tight take if it was made before. */
    public function known(string $text, Voice $voice, Delivery $how = new Delivery): ?Take
    {
        return $this->kept($this->tightKey($this->rawKey(SpokenText::of($text, $how->pronunciations), $voice), $how));
    }

    public function knownRaw(string $text, Voice $voice, Delivery $how = new Delivery): ?Take
    {
        return $this->kept($this->rawKey(SpokenText::of($text, $how->pronunciations), $voice));
    }

    public function raw(string $text, Voice $voice, Delivery $how = new Delivery): Take
    {
        $spoken = SpokenText::of($text, $how->pronunciations);
        $key = $this->rawKey($spoken, $voice);

        return $this->once($key, function () use ($key, $spoken, $voice): Take {
            $speech = $this->voices->speak($spoken->said, $voice);
            ['sound' => $sound, 'words' => $words] = $this->cutter->cut($speech->sound, $spoken->written, $spoken->written($speech->events));

            return $this->put($key, Leveler::level($sound), $words);
        });
    }

    /**
     * Keeps a recording as a raw take.
     *
     * @param  non-empty-list<WordTiming>  $words
     */
    public function keep(Pcm $sound, array $words): Take
    {
        $key = hash('sha256', implode("\0", ['recorded', self::VERSION, $sound->rate, hash('sha256', $sound->bytes), json_encode(self::listed($words), JSON_THROW_ON_ERROR)]));

        return $this->once($key, fn (): Take => $this->put($key, $sound, $words));
    }

    public function tight(Take $raw, Delivery $how): Take
    {
        if ($how->deadAirMs === null) {
            return $raw;
        }
        $key = $this->tightKey($raw->key, $how);

        return $this->once($key, function () use ($key, $raw, $how): Take {
            ['sound' => $sound, 'words' => $words] = DeadAir::cut($this->sound($raw->key), $raw->words, $how->deadAirMs, $how->spared);

            return $this->put($key, $sound, $words);
        });
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
        $data = is_file($file) && is_file($this->soundFile($key)) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($data)
            ? new Take($key, $data['duration_ms'], array_map(WordTiming::fromArray(...), $data['words']))
            : null;
    }

    /**
     * A synthesiser never says the same quite alike twice: two workers must not both make it.
     *
     * @param  callable(): Take  $make
     */
    private function once(string $key, callable $make): Take
    {
        return $this->kept($key) ?? $this->lock->hold($key, fn (): Take => $this->kept($key) ?? $make());
    }

    private function rawKey(SpokenText $spoken, Voice $voice): string
    {
        return hash('sha256', implode("\0", [self::VERSION, $this->voices->version(), $voice->fingerprint(), $spoken->written, $spoken->said === $spoken->written ? '' : $spoken->said]));
    }

    private function tightKey(string $raw, Delivery $how): string
    {
        return $how->deadAirMs === null ? $raw : hash('sha256', implode("\0", ['tight', self::VERSION, $raw, $how->deadAirMs, implode(',', $how->spared)]));
    }

    /** @param  non-empty-list<WordTiming>  $words */
    private function put(string $key, Pcm $sound, array $words): Take
    {
        $take = new Take($key, $sound->durationMs(), $words);
        $this->store->put($this->soundFile($key), WavFile::encode($sound));
        // Last, so that a take with times has its sound.
        $this->store->put($this->store->keyed('takes', $key, 'json'), json_encode(['duration_ms' => $take->durationMs, 'words' => self::listed($words)], JSON_THROW_ON_ERROR));

        return $take;
    }

    /**
     * @param  list<WordTiming>  $words
     * @return list<array{text: string, start_ms: int, end_ms: int}>
     */
    private static function listed(array $words): array
    {
        return array_map(static fn (WordTiming $word): array => $word->toArray(), $words);
    }
}
