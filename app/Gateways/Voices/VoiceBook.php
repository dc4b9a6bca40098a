<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

/** The voices by their names. */
final readonly class VoiceBook
{
    public const DEFAULT = 'aldous';

    public function __construct(private Voices $voices)
    {
    }

    /** @return non-empty-list<Voice> */
    public function all(): array
    {
        return $this->voices->all();
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (Voice $voice): string => $voice->id, $this->voices->all());
    }

    /** @throws VoiceUnavailable */
    public function get(string $id): Voice
    {
        foreach ($this->voices->all() as $voice) {
            if ($voice->id === $id) {
                return $voice;
            }
        }

        throw VoiceUnavailable::unknown($id);
    }
}
