<?php

declare(strict_types=1);

namespace Tests\Core;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The tables of rooms in docs/architecture.md hold: a room uses only rooms above it, so there is no circle. */
final class RoomsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    #[TestWith(['src', 'RapidReel'])]
    #[TestWith(['app', 'App'])]
    public function test_arrows_between_rooms_go_only_upwards_in_the_table(string $folder, string $namespace): void
    {
        $table = (string) file_get_contents(self::ROOT.'/docs/architecture.md');
        preg_match_all('#^\| `'.$folder.'/(\w+)` \|#m', $table, $found);
        $place = array_flip($found[1]);
        $rooms = array_map(basename(...), (array) glob(self::ROOT."/$folder/*", GLOB_ONLYDIR));
        self::assertEqualsCanonicalizing($rooms, array_keys($place), 'every room is in the table, once');

        $wrong = [];
        $arrows = 0;
        foreach ($rooms as $room) {
            foreach ($this->files(self::ROOT."/$folder/$room") as $file) {
                preg_match_all(
                    '#(?<![\w\\\\])\\\\?'.$namespace.'\\\\(\w+)\\\\#',
                    (string) file_get_contents($file),
                    $uses,
                );
                foreach (array_diff(array_unique($uses[1]), [$room]) as $other) {
                    $arrows++;
                    if ($place[$other] > $place[$room]) {
                        $wrong[] = basename($file).": $room uses $other";
                    }
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(50, $arrows);
    }

    /** @return iterable<string> */
    private function files(string $folder): iterable
    {
        $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
        foreach ($all as $file) {
            self::assertInstanceOf(SplFileInfo::class, $file);
            yield $file->getPathname();
        }
    }
}
