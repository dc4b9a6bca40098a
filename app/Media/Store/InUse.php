<?php

declare(strict_types=1);

namespace App\Media\Store;

/** What somebody makes something of at this moment, and is not to be taken away. A process that dies lets go of it. */
final readonly class InUse
{
    private const LIST = 'in-use';

    public function __construct(private MediaStore $store)
    {
    }

    /**
     * @param  list<string>  $names  below the root of the media disk
     * @return string a folder of the work room; whoever discards it lets go
     *
     * @throws StrangePlace
     */
    public function hold(array $names): string
    {
        $folder = $this->store->workFolder();
        $this->store->write("$folder/".self::LIST, implode("\n", $names));

        return $folder;
    }

    /**
     * @return array<string, true> what is held by anybody
     *
     * @throws StrangePlace
     */
    public function names(): array
    {
        $names = [];
        foreach (glob($this->store->path('work').'/*/*/'.self::LIST) ?: [] as $list) {
            $names += array_fill_keys(explode("\n", (string) @file_get_contents($list)), true);
        }

        return $names;
    }
}
