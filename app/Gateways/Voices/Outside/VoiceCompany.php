<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

use App\Gateways\Voices\BuiltInNarrator;
use App\Gateways\Voices\DiphoneSpeaker;
use App\Gateways\Voices\Speech;
use App\Gateways\Voices\Voices;
use App\Gateways\Voices\VoiceUnavailable;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\StrangePlace;
use RapidReel\Voice\Speech\SilentTake;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\VoiceEngine;

/** All synthesisers as one, and the voices of other makers with them. */
final readonly class VoiceCompany implements Voices
{
    public function __construct(
        private BuiltInNarrator $narrator,
        private DiphoneSpeaker $diphones,
        private OutsideVoices $outside,
    ) {
    }

    /** @throws StrangePlace */
    public function all(): array
    {
        $own = [...$this->narrator->all(), ...$this->diphones->all()];
        try {
            return [...$own, ...$this->outside->all()];
        } catch (VoiceUnavailable) {
            // The voices page tells what is wrong; work with the others goes on.
            return $own;
        }
    }

    public function version(): string
    {
        return $this->narrator->version().'+'.$this->diphones->version();
    }

    /**
     * @throws ToolFailed
     * @throws SilentTake
     * @throws VoiceUnavailable
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     */
    public function speak(string $text, Voice $voice): Speech
    {
        return match (true) {
            $voice->source === VoiceEngine::Narrator => $this->narrator->speak($text, $voice),
            $voice->source === VoiceEngine::Diphones => $this->diphones->speak($text, $voice),
            default => $this->outside->speak($text, $voice),
        };
    }
}
