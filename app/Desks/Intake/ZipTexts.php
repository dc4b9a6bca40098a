<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use App\Media\Store\Bundle;
use App\Media\Store\UnusableBundle;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Text\Script\UnusableScript;

/** The text files of a ZIP. Nothing is unpacked to disk, and no more is read than was allowed. */
final class ZipTexts
{
    private const MOST_ENTRIES = 5_000;

    /**
     * @param  callable(string): bool  $wanted  told by the path inside
     * @param  Closure(string): void|null  $tell  told in a sentence of every ZIP in it, which is left out
     * @return array<string, string> contents by path, in the order of the paths
     *
     * @throws Refusal
     */
    public static function read(
        string $contents,
        string $name,
        callable $wanted,
        int $mostBytes,
        ?Closure $tell = null,
    ): array {
        $file = (string) tempnam(sys_get_temp_dir(), 'zip');
        try {
            file_put_contents($file, $contents);
            $bundle = Bundle::open($file, $name, self::MOST_ENTRIES, $mostBytes);
            $texts = [];
            foreach (array_filter($bundle->names(), $wanted) as $path) {
                $texts[$path] = $bundle->read($path)
                    ?? throw UnusableScript::isTooLargeUnpacked($name, intdiv($mostBytes, 1024 * 1024));
            }
            foreach ($bundle->nested() as $nested) {
                $problem = UnusableBundle::isNested($name, $nested);
                $texts === [] ? throw $problem : ($tell === null || $tell("Left out: {$problem->getMessage()}"));
            }
        } finally {
            unlink($file);
        }

        return $texts;
    }
}
