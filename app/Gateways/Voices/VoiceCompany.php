<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

/** All synthesisers as one. */
final readonly class VoiceCompany implements Voices
{
    public function __construct(
        private BuiltInNarrator $narrator,
        private DiphoneSpeaker $diphones,
    ) {
    }

    public function all(): array
    {
        return [...$this->narrator->all(), ...$this->diphones->all()];
    }

    public function version(): string
    {
        return $this->narrator->version().'+'.$this->diphones->version();
    }

    public function speak(string $text, Voice $voice): Speech
    {
        return $voice->source === VoiceEngine::Narrator
            ? $this->narrator->speak($text, $voice)
            : $this->diphones->speak($text, $voice);
    }
}
