<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use RapidReel\Voice\Speech\Voice;

/** Whatever can read text aloud and tell when it says which word. */
interface Voices
{
    /** @return non-empty-list<Voice> */
    public function all(): array;

    /** Changes when the same text may sound otherwise than before. */
    public function version(): string;

    /** @throws VoiceUnavailable */
    public function speak(string $text, Voice $voice): Speech;
}
