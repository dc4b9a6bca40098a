<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use App\Media\Audio\WavFile;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Voice\Speech\Voice;

/** A sentence by every voice, to choose by. */
final readonly class VoiceSamples
{
    public function __construct(
        private Voices $voices,
        private MediaStore $store,
        private KeptFiles $kept,
    ) {
    }

    /**
     * Speaks the samples that are missing of the voices that ship.
     *
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    public function make(): void
    {
        foreach ($this->voices->all() as $voice) {
            if (! $voice->source->isOutside() && ! $this->kept->isRight($this->file($voice))) {
                $this->keep($this->file($voice), $voice->sample(), $voice);
            }
        }
    }

    /** @throws StrangePlace */
    public function file(Voice $voice): string
    {
        return $this->store->path(
            'samples/'.
                $voice->plainId().
                '-'.
                hash('xxh32', $voice->fingerprint().$voice->sample()).
                '.wav',
        );
    }

    /**
     * Says a sentence by a voice and keeps it for the account that asked, and for no other.
     *
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    public function speak(int $account, string $text, Voice $voice): void
    {
        $file = $this->said($account, $this->token($account, $text, $voice));
        if (! $this->kept->isRight($file)) {
            $this->keep($file, $text, $voice);
        }
    }

    /**
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    private function keep(string $file, string $text, Voice $voice): void
    {
        $folder = $this->store->workFolder();
        try {
            $this->store->write("$folder/said.wav", WavFile::encode($this->voices->speak($text, $voice)->sound));
            $this->kept->put("$folder/said.wav", $file);
        } finally {
            $this->store->discard($folder);
        }
    }

    public function token(int $account, string $text, Voice $voice): string
    {
        return hash('sha256', "$account\0".$voice->fingerprint()."\0".$text);
    }

    /** @throws StrangePlace */
    public function said(int $account, string $token): string
    {
        return $this->store->keyed(
            "said/$account",
            preg_match('/^[0-9a-f]{64}$/', $token) === 1 ? $token : str_repeat('0', 64),
            'wav',
        );
    }
}
