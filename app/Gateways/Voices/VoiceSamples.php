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
}
