<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use Illuminate\Filesystem\Filesystem;
use RapidReel\Base\Refusal;
use Symfony\Component\Process\Process;

/** Photographs and clips that packages of Debian carry, fetched once and unpacked beside the application. */
final readonly class DebianPackage
{
    /** @param  string  $folder  where packages are unpacked */
    public function __construct(private string $folder)
    {
    }

    /**
     * @return string the folder that it was unpacked into
     *
     * @throws Refusal when it cannot be had here
     */
    public function unpacked(string $name): string
    {
        $place = "{$this->folder}/$name";
        if (! is_dir($place)) {
            $work = "{$this->folder}/$name.".getmypid();
            (new Filesystem)->ensureDirectoryExists("$work/files");
            try {
                $fetched = false;
                foreach ([['true'], ['apt-get', 'update', '-qq']] as $first) {
                    if (! $fetched && $this->run($first, $work)) {
                        $fetched = $this->run(['apt-get', 'download', $name], $work);
                    }
                }
                $package = (glob("$work/*.deb") ?: [])[0] ?? null;
                if (! $fetched || $package === null || ! $this->run(['dpkg-deb', '-x', $package, 'files'], $work)) {
                    throw new Refusal("The Debian package $name could not be fetched.");
                }
                (new Filesystem)->moveDirectory("$work/files", $place);
            } finally {
                (new Filesystem)->deleteDirectory($work);
            }
        }

        return $place;
    }

    /** @throws Refusal when it is not there */
    public function file(string $package, string $name): string
    {
        $path = $this->unpacked($package)."/$name";

        return is_file($path) ? $path : throw new Refusal("The Debian package $package holds no $name.");
    }

    /** @param  list<string>  $command */
    private function run(array $command, string $folder): bool
    {
        return (new Process($command, $folder, timeout: 600))->run() === 0;
    }
}
