<?php

declare(strict_types=1);

namespace Tests\Core;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The tables of wings and rooms in docs/architecture.md hold: arrows between wings go downwards, and no two folders use
 * each other in a circle.
 */
final class RoomsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    #[TestWith(['src', 'RapidReel'])]
    #[TestWith(['app', 'App'])]
    public function test_a_wing_uses_only_wings_below_it(string $house, string $namespace): void
    {
        $place = array_flip(self::told("#^\| `$house/(\w+)` \|#m"));
        self::assertEqualsCanonicalizing(self::inside($house), array_keys($place), 'every wing is told, once');
        self::assertThat(count($place), self::logicalAnd(self::greaterThan(4), self::lessThan(8)));

        $wrong = [];
        $arrows = 0;
        foreach (self::uses($house, $namespace) as [$file, $from, $to]) {
            $arrows++;
            if ($place[explode('/', $to)[0]] < $place[explode('/', $from)[0]]) {
                $wrong[] = "$file: $from uses $to";
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(200, $arrows);
    }

    #[TestWith(['src', 'RapidReel'])]
    #[TestWith(['app', 'App'])]
    public function test_no_folders_use_each_other_in_a_circle(string $house, string $namespace): void
    {
        $next = [];
        foreach (self::uses($house, $namespace) as [, $from, $to]) {
            $next[$from][$to] = true;
        }
        // What uses nothing that is left, or is used by nothing, is taken away, until nothing is left but circles.
        do {
            $before = count($next, COUNT_RECURSIVE);
            $used = array_replace([], ...array_values($next));
            $next = array_intersect_key($next, $used);
            $next = array_filter(array_map(static fn (array $to): array => array_intersect_key($to, $next), $next));
        } while (count($next, COUNT_RECURSIVE) < $before);

        self::assertSame([], array_map(array_keys(...), $next));
    }

    #[TestWith(['src'])]
    #[TestWith(['app'])]
    public function test_every_room_is_told(string $house): void
    {
        $rooms = [];
        foreach (self::inside($house) as $wing) {
            foreach (self::inside("$house/$wing") as $room) {
                $rooms[] = "$wing/$room";
            }
        }

        self::assertEqualsCanonicalizing($rooms, self::told("#^\| `$house/(\w+/\w+)` \|#m"));
    }

    /** @return list<string> what a table of the document names, from the top down */
    private static function told(string $row): array
    {
        preg_match_all($row, (string) file_get_contents(self::ROOT.'/docs/architecture.md'), $found);

        return $found[1];
    }

    /** @return list<string> folders in a folder */
    private static function inside(string $folder): array
    {
        return array_map(basename(...), glob(self::ROOT."/$folder/*", GLOB_ONLYDIR) ?: []);
    }

    /** @return iterable<array{string, string, string}> a file's name, its folder, and another that it uses */
    private static function uses(string $house, string $namespace): iterable
    {
        $top = realpath(self::ROOT."/$house");
        $all = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator((string) $top, FilesystemIterator::SKIP_DOTS),
        );
        foreach ($all as $file) {
            self::assertInstanceOf(SplFileInfo::class, $file);
            $from = substr($file->getPath(), strlen((string) $top) + 1);
            preg_match_all(
                '#(?<![\w\\\\])\\\\?'.$namespace.'\\\\((?:\w+\\\\)+)\w+#',
                (string) preg_replace('/^namespace .*$/m', '', (string) file_get_contents($file->getPathname())),
                $found,
            );
            foreach (array_unique($found[1]) as $other) {
                $to = str_replace('\\', '/', rtrim($other, '\\'));
                if ($to !== $from && is_dir("$top/$to")) {
                    yield [$file->getFilename(), $from, $to];
                }
            }
        }
    }
}
