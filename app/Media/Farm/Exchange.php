<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Media\Depot\Depot;
use App\Media\Depot\FolderDepot;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use Closure;
use RuntimeException;

/**
 * The main machine's side of the disk that all see: where that is the media disk itself there is nothing to do but to
 * wait until it shows what others put there; else what they need is put there, and what they made is taken.
 */
final class Exchange
{
    private const KNOWN = 4_000;

    /** @var array<string, true> what was put there */
    private array $laid = [];

    public function __construct(
        private readonly MediaStore $store,
        private readonly Depot $depot,
    ) {
    }

    /**
     * Has files there that others need. What it is told to have put there once it is not asked for again.
     *
     * @param  Closure(): list<string>  $names
     *
     * @throws StrangePlace
     * @throws RuntimeException
     */
    public function lay(Closure $names): void
    {
        if ($this->depot instanceof FolderDepot) {
            return;
        }
        foreach ($names() as $name) {
            $file = $this->store->path($name);
            if (! isset($this->laid[$name]) && is_file($file)) {
                if (! $this->depot->has($name)) {
                    // What was brought to another form is known by its seal.
                    is_file("$file.seal") && $this->depot->send("$file.seal", "$name.seal");
                    $this->depot->send($file, $name);
                }
                $this->laid = [...array_slice($this->laid, -self::KNOWN), $name => true];
            }
        }
    }

    /**
     * Has files here that others made.
     *
     * @param  list<string>  $names
     *
     * @throws StrangePlace
     * @throws RuntimeException
     */
    public function bring(array $names): void
    {
        if ($this->depot instanceof FolderDepot) {
            $this->depot->await($names);

            return;
        }
        foreach ($names as $name) {
            $this->store->fill(
                $this->store->path($name), fn (string $target) => $this->depot->fetch($name, $target),
            );
        }
        foreach ($names as $name) {
            $this->depot->drop($name);
        }
    }
}
