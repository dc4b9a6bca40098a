<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;

/**
 * Music, effects and clips where mixers look for them, by the hash of their content: as they came, with the sound that
 * they have. On the same disk that is another name for the same file.
 */
final readonly class Sounds
{
    public function __construct(private MediaStore $store)
    {
    }

    public function file(string $fingerprint): string
    {
        return $this->store->keyed('sounds', $fingerprint, 'sound');
    }

    public function lay(string $fingerprint, string $path): void
    {
        if ($this->isLaid($fingerprint)) {
            return;
        }
        $folder = $this->store->workFolder();
        try {
            $this->store->share($path, "$folder/sound");
            $this->store->publish("$folder/sound", $this->file($fingerprint));
        } finally {
            $this->store->discard($folder);
        }
    }

    public function isLaid(string $fingerprint): bool
    {
        $file = $this->file($fingerprint);

        return is_file($file) && KeptFiles::hashOf(KeptFiles::sealOf($file)) === $fingerprint;
    }
}
