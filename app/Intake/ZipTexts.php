<?php

declare(strict_types=1);

namespace App\Intake;

use RapidReel\Script\UnusableScript;
use ZipArchive;

/** The text files of a ZIP. Nothing is unpacked to disk, and no more is read than was allowed. */
final class ZipTexts
{
    private const MOST_ENTRIES = 5_000;

    /**
     * @param  callable(string): bool  $wanted  told by the path inside
     * @return array<string, string> contents by path, in the order of the paths
     *
     * @throws UnusableScript
     */
    public static function read(string $contents, string $name, callable $wanted, int $mostBytes): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'zip');
        try {
            file_put_contents($file, $contents);
            $zip = new ZipArchive;
            if ($zip->open($file, ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_ENTRIES) {
                throw UnusableScript::cannotBeOpened($name);
            }
            $texts = [];
            $bytes = 0;
            for ($i = 0; $i < $zip->numFiles; $i++) {
                $path = (string) $zip->getNameIndex($i);
                if (! $wanted($path)) {
                    continue;
                }
                // What an entry says of its size may be a lie; what is read is not.
                $text = $zip->getFromIndex($i, $mostBytes - $bytes + 1);
                if ($text === false) {
                    throw UnusableScript::cannotBeOpened($name);
                }
                $bytes += strlen($text);
                if ($bytes > $mostBytes) {
                    throw UnusableScript::isTooLargeUnpacked($name, intdiv($mostBytes, 1024 * 1024));
                }
                $texts[$path] = $text;
            }
            $zip->close();
        } finally {
            unlink($file);
        }
        uksort($texts, strnatcasecmp(...));

        return $texts;
    }
}
