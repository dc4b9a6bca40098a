<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use RapidReel\Plan\Choice\SpeechChoice;
use RapidReel\Voice\Speech\Speaker;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\VoiceEngine;

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

    /** The one that an operator means by its name or id, however it is written. */
    public function named(string $written): ?Voice
    {
        $plain = mb_strtolower(trim($written));
        foreach ($this->voices->all() as $voice) {
            if ($plain === $voice->id || $plain === mb_strtolower($voice->name)) {
                return $voice;
            }
        }

        return null;
    }

    /**
     * One that reads a language, as much like another as there is: by the same maker, as high, in that order.
     *
     * @param  string  $language  primary part of a BCP 47 tag
     */
    public function reading(string $language, Voice $like): ?Voice
    {
        $able = array_filter(
            $this->voices->all(),
            static fn (Voice $voice): bool => $voice->primaryLanguage() === $language,
        );
        usort($able, static fn (Voice $a, Voice $b): int => [
            $b->source === $like->source, $b->register === $like->register,
        ] <=> [$a->source === $like->source, $a->register === $like->register]);

        return $able[0] ?? null;
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

    /**
     * The one that settings name, at their speed. One of another maker that is not there any more stays in its place:
     * what it has spoken is kept, and it is told of when it is to speak.
     *
     * @throws VoiceUnavailable
     */
    public function saying(SpeechChoice $speech): Voice
    {
        return $this->kept($speech->voice)->at($speech->speed);
    }

    /** @throws VoiceUnavailable */
    private function kept(string $id): Voice
    {
        try {
            return $this->get($id);
        } catch (VoiceUnavailable) {
            $usual = $this->get(self::DEFAULT);

            return new Voice(
                $id, $id, $usual->language, '', '', new Speaker($id, $usual->speaker->pitch, $usual->speaker->rate),
                VoiceEngine::Service,
            );
        }
    }
}
