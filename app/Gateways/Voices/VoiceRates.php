<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Language\LanguagePacks;
use RapidReel\Voice\Speech\DeadAir;
use RapidReel\Voice\Speech\SilentTake;
use RapidReel\Voice\Speech\SpeechRate;
use RapidReel\Voice\Speech\TakeCutter;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\VoiceEngine;

/** How fast every voice speaks at its speed, fitted to its own speech once and kept. */
final class VoiceRates
{
    private const VERSION = 4;

    /** @var array<string, SpeechRate> */
    private array $known = [];

    public function __construct(
        private readonly Voices $voices,
        private readonly TakeCutter $cutter,
        private readonly MediaStore $store,
    ) {
    }

    /**
     * The voice's own at its speed; what it would be by its usual speed, or the common one, until it has been listened
     * to.
     *
     * @throws StrangePlace
     */
    public function of(Voice $voice): SpeechRate
    {
        return $this->known[$voice->fingerprint()] ??=
            $this->read($voice) ??
            ($this->read($voice->at(100)) ?? SpeechRate::common($voice->language))->at($voice->speed);
    }

    /**
     * Listens to the narrator's voices that were not heard yet; the others are listened to when they are first used.
     *
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    public function make(): void
    {
        foreach ($this->voices->all() as $voice) {
            if ($voice->source === VoiceEngine::Narrator) {
                $this->hear($voice);
            }
        }
    }

    /**
     * Listens to a voice, if that was not done before; those of other makers are asked for nothing only to measure.
     *
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    public function hear(Voice $voice): void
    {
        if (! $voice->source->isOutside() && $this->read($voice) === null) {
            $this->listen($voice);
        }
    }

    /**
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    private function listen(Voice $voice): void
    {
        $takes = [];
        foreach (LanguagePacks::of($voice->language)->examples as $text) {
            $speech = $this->voices->speak($text, $voice);
            try {
                ['sound' => $sound, 'words' => $words] = $this->cutter->cut($speech->sound, $text, $speech->events);
                $takes[] = [
                    'text' => $text,
                    'ms' => DeadAir::cut($sound, $words, DeadAir::USUAL_MS)['sound']->durationMs(),
                ];
            } catch (SilentTake) {
                continue;
            }
        }
        $this->known[$voice->fingerprint()] = $rate = SpeechRate::fitted($takes, $voice->language);
        $this->store->put($this->file($voice), json_encode($rate->ms, JSON_THROW_ON_ERROR));
    }

    /** @throws StrangePlace */
    private function read(Voice $voice): ?SpeechRate
    {
        $file = $this->file($voice);
        $ms = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($ms) && count($ms) === SpeechRate::PARTS
            ? new SpeechRate(array_map(floatval(...), array_values($ms)), $voice->language)
            : null;
    }

    /** @throws StrangePlace */
    private function file(Voice $voice): string
    {
        return $this->store->path(
            'rates/'.
                $voice->plainId().
                '-'.
                hash('xxh32', self::VERSION.$this->voices->version().$voice->fingerprint()).
                '.json',
        );
    }
}
