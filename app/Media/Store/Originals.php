<?php

declare(strict_types=1);

namespace App\Media\Store;

/**
 * Files as they came, where mixers and analysts look for them by the hash of their content. On the same disk that is
 * another name for the same file.
 */
final readonly class Originals
{
    public function __construct(private MediaStore $store)
    {
    }

    /** @throws StrangePlace */
    public function file(string $fingerprint): string
    {
        return $this->store->keyed('originals', $fingerprint, 'file');
    }

    /** @throws StrangePlace */
    public function lay(string $fingerprint, string $path): void
    {
        if ($this->isLaid($fingerprint)) {
            return;
        }
        $folder = $this->store->workFolder();
        try {
            $this->store->share($path, "$folder/file");
            $this->store->publish("$folder/file", $this->file($fingerprint));
        } finally {
            $this->store->discard($folder);
        }
    }

    /** @throws StrangePlace */
    public function isLaid(string $fingerprint): bool
    {
        $file = $this->file($fingerprint);

        return is_file($file) && KeptFiles::hashOf(KeptFiles::sealOf($file)) === $fingerprint;
    }
}
