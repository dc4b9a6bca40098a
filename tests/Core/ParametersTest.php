<?php

declare(strict_types=1);

namespace Tests\Core;

use FilesystemIterator;
use PhpParser\Node\FunctionLike;
use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What belongs together is given together: nothing takes more than eight parameters. */
final class ParametersTest extends TestCase
{
    private const MOST = 8;

    public function test_nothing_takes_more_than_eight_parameters(): void
    {
        $root = dirname(__DIR__, 2);
        $parser = (new ParserFactory)->createForNewestSupportedVersion();
        $finder = new NodeFinder;
        $long = [];
        $seen = 0;
        foreach (['src', 'app'] as $wing) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
                "$root/$wing", FilesystemIterator::SKIP_DOTS,
            )) as $file) {
                $code = $parser->parse((string) file_get_contents($file->getPathname())) ?? [];
                foreach ($finder->findInstanceOf($code, FunctionLike::class) as $function) {
                    $seen++;
                    if (count($function->getParams()) > self::MOST) {
                        $name = $function instanceof ClassMethod ? $function->name->toString() : 'function';
                        $long[] = substr($file->getPathname(), strlen($root) + 1).": $name";
                    }
                }
            }
        }

        self::assertSame([], $long);
        self::assertGreaterThan(3_000, $seen, 'All of the code is looked at.');
    }
}
