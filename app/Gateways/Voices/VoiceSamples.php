<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use App\Media\MediaStore;
use App\Media\WavFile;

/** A sentence by every voice, to choose by. */
final readonly class VoiceSamples
{
    private const SENTENCES = [
        'English' => 'The lamp was lit at dusk, and by nine the fog had swallowed the whole bay.',
        'German' => 'Am Abend brannte die Lampe, und um neun lag die Bucht im Nebel.',
        'French' => 'La lampe brûlait au crépuscule, et à neuf heures la baie disparut dans la brume.',
        'Arabic' => 'أضاء المصباح عند الغروب، ثم غطى الضباب الخليج كله.',
    ];

    public function __construct(
        private Voices $voices,
        private MediaStore $store,
    ) {
    }

    /** Speaks the samples that are missing. */
    public function make(): void
    {
        foreach ($this->voices->all() as $voice) {
            if (! is_file($this->file($voice))) {
                $speech = $this->voices->speak(self::SENTENCES[$voice->language] ?? self::SENTENCES['English'], $voice);
                $this->store->put($this->file($voice), WavFile::encode($speech->sound));
            }
        }
    }

    public function file(Voice $voice): string
    {
        return $this->store->path('samples/'.$voice->id.'-'.hash('xxh32', $voice->fingerprint()).'.wav');
    }

    /** Says a sentence by a voice and keeps it for whoever asked. */
    public function speak(string $text, Voice $voice): void
    {
        $file = $this->said($this->token($text, $voice));
        if (! is_file($file)) {
            $this->store->put($file, WavFile::encode($this->voices->speak($text, $voice)->sound));
        }
    }

    public function token(string $text, Voice $voice): string
    {
        return hash('sha256', $voice->fingerprint()."\0".$text);
    }

    public function said(string $token): string
    {
        return $this->store->keyed('said', preg_match('/^[0-9a-f]{64}$/', $token) === 1 ? $token : str_repeat('0', 64), 'wav');
    }
}
