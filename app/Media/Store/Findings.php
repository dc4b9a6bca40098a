<?php

declare(strict_types=1);

namespace App\Media\Store;

use Closure;
use JsonException;

/** What was found out about files once, each finding kept as JSON under a key of all that it depends on. */
final readonly class Findings
{
    /** What is heard in files: how loud, how long, where it beats and where it is silent. */
    public const HEARD = 'heard';

    public const INTEREST = 'interest';

    public const GROUNDS = 'grounds';

    /** What was rendered and can be decoded. */
    public const DECODED = 'decoded';

    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
    ) {
    }

    /**
     * What was found before; else it is looked for. Two that look at once find the same.
     *
     * @template T of array<array-key, mixed>
     *
     * @param  string  $key  letters, digits and hyphens
     * @param  Closure(): T  $find
     *
     * @param-immediately-invoked-callable $find
     *
     * @return T
     *
     * @throws JsonException when it is nothing that JSON has
     * @throws StrangePlace
     */
    public function of(string $room, string $key, Closure $find): array
    {
        /** @var T|null $known */
        $known = $this->known($room, $key);
        if ($known !== null) {
            return $known;
        }
        $found = $find();
        $this->keep($room, $key, $found);

        return $found;
    }

    /**
     * Where what was found stands.
     *
     * @throws StrangePlace
     */
    public function file(string $room, string $key): string
    {
        return $this->store->keyed($room, $key, 'json');
    }

    /**
     * @return array<array-key, mixed>|null null where nothing was found yet, or is not as it was written
     *
     * @throws StrangePlace
     */
    public function known(string $room, string $key): ?array
    {
        $place = $this->file($room, $key);
        $found = $this->kept->isRight($place) ? json_decode((string) file_get_contents($place), true) : null;

        return is_array($found) ? $found : null;
    }

    /**
     * @param  array<array-key, mixed>  $found
     *
     * @throws JsonException
     * @throws StrangePlace
     */
    public function keep(string $room, string $key, array $found): void
    {
        $folder = $this->store->workFolder();
        try {
            $this->store->write(
                "$folder/found.json", json_encode($found, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            );
            $this->kept->put("$folder/found.json", $this->file($room, $key));
        } finally {
            $this->store->discard($folder);
        }
    }
}
