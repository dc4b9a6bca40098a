<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Probing\LoudnessMeter;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\Findings;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;

/** How loud clips are that are heard in a mix: each is measured once. */
final readonly class ClipLoudness
{
    public function __construct(
        private Prober $prober,
        private LoudnessMeter $meter,
        private Findings $findings,
        private Originals $originals,
    ) {
    }

    /**
     * @param  array<string>  $fingerprints  of clips
     * @return array<string, float> in LUFS, by fingerprint: of those that sound at all
     *
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     */
    public function loudness(array $fingerprints): array
    {
        $found = [];
        foreach ($fingerprints as $fingerprint) {
            $loudness = $this->findings->of(
                Findings::HEARD,
                hash('xxh128', "clip-$fingerprint"),
                fn (): array => ['loudness' => $this->clip($this->originals->file($fingerprint))],
            )['loudness'];
            if ($loudness > -60.0) {
                $found[$fingerprint] = $loudness;
            }
        }

        return $found;
    }

    /**
     * @return float in LUFS; next to nothing where it has no sound
     *
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     */
    private function clip(string $path): float
    {
        try {
            $this->prober->soundMs($path, 'the clip', (int) config('reel.upload.clip_seconds'));
        } catch (UnusableMedia) {
            return -120.0;
        }

        return $this->meter->file($path)->integrated;
    }
}
