<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use RecursiveCallbackFilterIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** No line of code is wider than 120 columns, in templates, styles and scripts too. */
final class LinesTest extends TestCase
{
    private const WIDEST = 120;

    private const ROOMS = [
        'app', 'bin', 'bootstrap', 'config', 'database', 'demo', 'resources', 'routes', 'src', 'tests',
    ];

    /** What is written by programs, or is a sample of what others write. */
    private const LEFT_OUT = ['cache', 'drawn', 'Fixtures', 'scripts', 'node_modules', 'vendor'];

    public function test_every_line_is_at_most_120_columns_wide(): void
    {
        $root = dirname(__DIR__, 2);
        $wide = [];
        $seen = [];
        foreach (self::ROOMS as $room) {
            foreach (self::filesIn("$root/$room") as $file) {
                $seen[$file->getExtension()] = true;
                foreach (file($file->getPathname(), FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
                    if (mb_strlen($line) > self::WIDEST) {
                        $wide[] = substr($file->getPathname(), strlen($root) + 1).':'.($number + 1);
                    }
                }
            }
        }

        self::assertSame([], $wide);
        self::assertEmpty(array_diff(['php', 'js', 'css', ''], array_keys($seen)), 'All kinds of code are looked at.');
    }

    /** @return iterable<SplFileInfo> */
    private static function filesIn(string $folder): iterable
    {
        $entries = new RecursiveDirectoryIterator($folder, RecursiveDirectoryIterator::SKIP_DOTS);
        $kept = new RecursiveCallbackFilterIterator(
            $entries,
            static fn (SplFileInfo $entry): bool => $entry->isDir()
                ? ! in_array($entry->getFilename(), self::LEFT_OUT, true)
                : in_array($entry->getExtension(), ['php', 'js', 'mjs', 'css', 'sh', ''], true),
        );

        return new RecursiveIteratorIterator($kept);
    }
}
