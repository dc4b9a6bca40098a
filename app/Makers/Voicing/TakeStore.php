<?php

declare(strict_types=1);

namespace App\Makers\Voicing;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\Voices;
use App\Media\Audio\TakeFiles;
use App\Media\Audio\TempoChanger;
use App\Media\Store\KeyedLock;
use App\Media\Store\StrangePlace;
use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\Delivery;
use RapidReel\Voice\Speech\Leveler;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\SpokenText;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\TakeCutter;
use RapidReel\Voice\Speech\Tempo;
use RapidReel\Voice\Speech\WordTiming;

/**
 * Takes by what is said and who says it: the same words by the same voice are spoken once. A raw take is as it was
 * spoken; a tight one has its dead air cut and the tempo that is set.
 */
final readonly class TakeStore
{
    /** Raised whenever the same speech is cut otherwise than before. */
    private const VERSION = 3;

    public function __construct(
        private Voices $voices,
        private TakeCutter $cutter,
        private TakeFiles $files,
        private KeyedLock $lock,
        private TempoChanger $tempo,
    ) {
    }

    /**
     * A tight take of words, spoken now if they never were.
     *
     * @throws StrangePlace
     */
    public function take(string $text, Voice $voice, Delivery $how = new Delivery): Take
    {
        return $this->tight($this->raw($text, $voice, $how), $how);
    }

    /**
     * What take() gives, if it was made before.
     *
     * @throws StrangePlace
     */
    public function known(string $text, Voice $voice, Delivery $how = new Delivery): ?Take
    {
        return $this->files->kept($this->tempoKey(
            $this->tightKey($this->rawKey(SpokenText::of($text, $how->pronunciations), $voice), $how),
            $how,
        ));
    }

    /**
     * What tight() gives, if it was made before.
     *
     * @throws StrangePlace
     */
    public function knownTight(Take $raw, Delivery $how): ?Take
    {
        $key = $this->tempoKey($this->tightKey($raw->key, $how), $how);

        return $key === $raw->key ? $raw : $this->files->kept($key);
    }

    /** @throws StrangePlace */
    public function knownRaw(string $text, Voice $voice, Delivery $how = new Delivery): ?Take
    {
        return $this->files->kept($this->rawKey(SpokenText::of($text, $how->pronunciations), $voice));
    }

    /** @throws StrangePlace */
    public function raw(string $text, Voice $voice, Delivery $how = new Delivery): Take
    {
        $spoken = SpokenText::of($text, $how->pronunciations);
        $key = $this->rawKey($spoken, $voice);

        return $this->once($key, function () use ($key, $spoken, $voice): Take {
            $speech = $this->voices->speak($spoken->said, $voice);
            ['sound' => $sound, 'words' => $words] = $this->cutter->cut(
                $speech->sound,
                $spoken->written,
                $spoken->written($speech->events),
            );

            return $this->files->put($key, Leveler::level($sound), $words);
        });
    }

    /**
     * Keeps a recording as a raw take.
     *
     * @param  non-empty-list<WordTiming>  $words
     *
     * @throws StrangePlace
     */
    public function keep(Pcm $sound, array $words): Take
    {
        $key = hash(
            'sha256',
            implode("\0", [
                'recorded',
                self::VERSION,
                $sound->rate,
                hash('sha256', $sound->bytes),
                json_encode(TakeFiles::listed($words), JSON_THROW_ON_ERROR),
            ]),
        );

        return $this->once($key, fn (): Take => $this->files->put($key, $sound, $words));
    }

    /**
     * What was under a key before, made again.
     *
     * @param  non-empty-list<WordTiming>  $words
     *
     * @throws StrangePlace
     */
    public function putBack(string $key, Pcm $sound, array $words): void
    {
        $this->once($key, fn (): Take => $this->files->put($key, $sound, $words));
    }

    /**
     * A raw take with its dead air cut, in the tempo that is asked for.
     *
     * @throws StrangePlace
     */
    public function tight(Take $raw, Delivery $how): Take
    {
        // Before the lock of the other: no process waits for one while it has another.
        $cut = $this->cut($raw, $how);
        if ($how->tempo === Tempo::USUAL) {
            return $cut;
        }
        $key = $this->tempoKey($cut->key, $how);

        return $this->once($key, function () use ($key, $cut, $how): Take {
            $sound = $this->tempo->changed($this->files->soundFile($cut->key), $how->tempo);

            return $this->files->put($key, $sound, Tempo::words($cut->words, $how->tempo, $sound->durationMs()));
        });
    }

    /** @throws StrangePlace */
    private function cut(Take $raw, Delivery $how): Take
    {
        if ($how->deadAirMs === null) {
            return $raw;
        }
        $key = $this->tightKey($raw->key, $how);

        return $this->once($key, function () use ($key, $raw, $how): Take {
            ['sound' => $sound, 'words' => $words] = DeadAir::cut(
                $this->files->sound($raw->key),
                $raw->words,
                $how->deadAirMs,
                $how->keptPauses,
            );

            return $this->files->put($key, $sound, $words);
        });
    }

    /**
     * A synthesiser never says the same quite alike twice: two workers must not both make it.
     *
     * @param  callable(): Take  $make
     *
     * @throws StrangePlace
     */
    private function once(string $key, callable $make): Take
    {
        return $this->files->kept($key) ?? $this->lock->hold($key, fn (): Take => $this->files->kept($key) ?? $make());
    }

    private function rawKey(SpokenText $spoken, Voice $voice): string
    {
        return hash(
            'sha256',
            implode("\0", [
                self::VERSION,
                $this->voices->version(),
                $voice->fingerprint(),
                $spoken->written,
                $spoken->said === $spoken->written ? '' : $spoken->said,
            ]),
        );
    }

    private function tempoKey(string $tight, Delivery $how): string
    {
        return $how->tempo === Tempo::USUAL
            ? $tight
            : hash('sha256', implode("\0", ['tempo', self::VERSION, $tight, $how->tempo]));
    }

    private function tightKey(string $raw, Delivery $how): string
    {
        return $how->deadAirMs === null
            ? $raw
            : hash(
                'sha256',
                implode("\0", ['tight', self::VERSION, $raw, $how->deadAirMs, implode(',', $how->keptPauses)]),
            );
    }
}
