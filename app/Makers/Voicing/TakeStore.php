<?php

declare(strict_types=1);

namespace App\Makers\Voicing;

use App\Gateways\Voices\Voices;
use App\Ground\Work\HandedBack;
use App\Media\Audio\TakeFiles;
use App\Media\Making\Maker;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeyedLock;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Refusal;
use RapidReel\Making\Order\SpokenTake;
use RapidReel\Making\Order\TightTake;
use RapidReel\Voice\Speech\Delivery;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\WordTiming;
use RuntimeException;

/**
 * Takes by what is said and who says it: the same words by the same voice are spoken once. A raw take is as it was
 * spoken; a tight one has its dead air cut and the tempo that is set.
 */
final readonly class TakeStore
{
    /** Raised whenever the same recording is cut otherwise than before. */
    private const VERSION = 3;

    public function __construct(
        private Voices $voices,
        private TakeFiles $files,
        private Maker $maker,
        private KeyedLock $lock,
    ) {
    }

    /**
     * A tight take of words, spoken now if they never were.
     *
     * @throws StrangePlace
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
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
        return $this->files->kept(TightTake::of($this->spoken($text, $voice, $how)->key(), $how)->key());
    }

    /**
     * What tight() gives, if it was made before.
     *
     * @throws StrangePlace
     */
    public function knownTight(Take $raw, Delivery $how): ?Take
    {
        $key = TightTake::of($raw->key, $how)->key();

        return $key === $raw->key ? $raw : $this->files->kept($key);
    }

    /** @throws StrangePlace */
    public function knownRaw(string $text, Voice $voice, Delivery $how = new Delivery): ?Take
    {
        return $this->files->kept($this->spoken($text, $voice, $how)->key());
    }

    /**
     * @throws StrangePlace
     * @throws Refusal when the voice cannot say it
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function raw(string $text, Voice $voice, Delivery $how = new Delivery): Take
    {
        return $this->made($this->spoken($text, $voice, $how));
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

        return $this->put($key, $sound, $words);
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
        $this->put($key, $sound, $words);
    }

    /**
     * A raw take with its dead air cut, in the tempo that is asked for.
     *
     * @throws StrangePlace
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function tight(Take $raw, Delivery $how): Take
    {
        $order = TightTake::of($raw->key, $how);

        return $order->key() === $raw->key ? $raw : $this->made($order);
    }

    private function spoken(string $text, Voice $voice, Delivery $how): SpokenTake
    {
        return new SpokenTake($text, $how->pronunciations, $voice, $this->voices->version());
    }

    /**
     * @throws StrangePlace
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    private function made(SpokenTake|TightTake $order): Take
    {
        $kept = $this->files->kept($order->key());
        if ($kept === null) {
            $this->maker->make([$order]);
        }

        return $kept ?? $this->files->kept($order->key())
            ?? throw new RuntimeException('A take that was made is not there.');
    }

    /**
     * @param  non-empty-list<WordTiming>  $words
     *
     * @throws StrangePlace
     */
    private function put(string $key, Pcm $sound, array $words): Take
    {
        return $this->files->kept($key) ?? $this->lock->hold(
            $key, fn (): Take => $this->files->kept($key) ?? $this->files->put($key, $sound, $words),
        );
    }
}
