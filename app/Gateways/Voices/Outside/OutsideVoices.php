<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

use App\Gateways\Voices\Speech;
use App\Gateways\Voices\VoiceUnavailable;
use App\Gateways\Voices\WordFinder;
use App\Media\Audio\SoundReader;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Voice\Speech\SilentTake;
use RapidReel\Voice\Speech\SynthEvent;
use RapidReel\Voice\Speech\Voice;

/**
 * Voices of other makers. What they say is kept like that of all voices, so that nothing is asked for twice; where they
 * tell no word times, these are found. Their lists are fetched by `refresh()` and read from disk otherwise, so that no
 * page waits for them.
 */
final class OutsideVoices
{
    /** Of one answer: ten minutes of sound at 48 kHz. */
    public const MOST_BYTES = 60 * 1024 * 1024;

    private const RATE = 22_050;

    /** The lists are read again after so many seconds: pages ask for them often. */
    private const READ_AFTER = 2.0;

    /** @var array{float, list<Voice>}|null when they were read, and which there were */
    private ?array $read = null;

    public function __construct(
        private readonly OutsideBook $book,
        private readonly CommandVoice $commands,
        private readonly ServiceVoice $services,
        private readonly WordFinder $words,
        private readonly SoundReader $sounds,
        private readonly MediaStore $store,
        private readonly KeyedLock $lock,
    ) {
    }

    /**
     * @return list<Voice> as they were told last
     *
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    public function all(): array
    {
        if ($this->read !== null && microtime(true) - $this->read[0] < self::READ_AFTER) {
            return $this->read[1];
        }
        $voices = [];
        foreach ($this->book->sources() as $source) {
            $rows = $source->url === '' ? $source->voices : $this->kept($source);
            array_push($voices, ...OutsideBook::voices($source, $rows));
        }
        $this->read = [microtime(true), $voices];

        return $voices;
    }

    /**
     * What is wrong with the file of voices, or with a list that was told; null where nothing is.
     *
     * @throws StrangePlace
     */
    public function problem(): ?string
    {
        try {
            $this->all();
        } catch (VoiceUnavailable $problem) {
            return $problem->getMessage();
        }

        return null;
    }

    /**
     * Asks all services which voices they have.
     *
     * @return array<string, int|string> by the names of the sources how many voices, or why none
     *
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    public function refresh(): array
    {
        $told = [];
        $this->read = null;
        foreach ($this->book->sources() as $source) {
            try {
                $rows = $source->url === '' ? $source->voices : $this->services->voices($source);
                $told[$source->name] = count(OutsideBook::voices($source, $rows));
                if ($source->url !== '') {
                    $this->store->put($this->file($source), json_encode($rows, JSON_THROW_ON_ERROR));
                }
            } catch (VoiceUnavailable $problem) {
                $told[$source->name] = $problem->getMessage();
            }
        }

        return $told;
    }

    /**
     * @throws VoiceUnavailable
     * @throws ToolFailed
     * @throws SilentTake
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     */
    public function speak(string $text, Voice $voice): Speech
    {
        $source = $this->sourceOf($voice);
        $ask = fn (): OutsideSound => $source->url === ''
            ? $this->commands->speak($source, $text, $voice)
            : $this->services->speak($source, $text, $voice);
        $given = $source->patience->oneAtATime ? $this->lock->hold("voices/{$source->id}", $ask) : $ask();
        $folder = $this->store->workFolder();
        try {
            file_put_contents("$folder/said", $given->bytes);
            $sound = $this->sounds->read("$folder/said", $source->name, self::RATE);
        } catch (UnusableMedia) {
            throw $given->bytes === ''
                ? SilentTake::of($text)
                : VoiceUnavailable::saysNonsense($source->name, 'no sound');
        } finally {
            $this->store->discard($folder);
        }
        $events = $given->events === null
            ? $this->words->in($sound, $text, $voice->language)
            : array_map(static fn (array $event): SynthEvent => new SynthEvent(...$event), $given->events);

        return new Speech($sound, $events);
    }

    /** @throws VoiceUnavailable */
    private function sourceOf(Voice $voice): OutsideSource
    {
        foreach ($this->book->sources() as $source) {
            if (str_starts_with($voice->id, "{$source->id}.")) {
                return $source;
            }
        }

        throw VoiceUnavailable::unknown($voice->id);
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws StrangePlace
     */
    private function kept(OutsideSource $source): array
    {
        $file = $this->file($source);
        $rows = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($rows) ? $rows : [];
    }

    /** @throws StrangePlace */
    private function file(OutsideSource $source): string
    {
        return $this->store->path("voices/{$source->id}-".hash('xxh32', $source->url).'.json');
    }
}
