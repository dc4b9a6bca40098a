<?php

declare(strict_types=1);

namespace Tests\Core;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

final class PurityTest extends TestCase
{
    public function test_the_core_knows_no_framework_no_files_no_processes_and_no_clock(): void
    {
        $forbidden =
            '/\b(?:Illuminate|Laravel|Symfony|App)\\\\|\b(?:file_get_contents|file_put_contents|fopen|fread|fwrite'
                .'|proc_open|popen|shell_exec|exec|system|curl_init|microtime|time|date|hrtime|rand|mt_rand|random_int'
                .'|getenv|env|config|app|unlink|is_file|glob)\s*\(|\$GLOBALS|\$_[A-Z]|\bglobal\s/';
        $found = [];
        $files = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(__DIR__.'/../../src', FilesystemIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            self::assertInstanceOf(SplFileInfo::class, $file);
            $code = '';
            foreach (token_get_all((string) file_get_contents($file->getPathname())) as $token) {
                $code .= is_array($token)
                    ? (in_array(
                        $token[0],
                        [T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE],
                        true,
                    )
                        ? ''
                        : $token[1])
                    : $token;
            }
            if (
                preg_match(
                    $forbidden,
                    (string) preg_replace('/(?:->|::|function )\s*\w+\s*\(/', '(', $code),
                    $match,
                ) === 1
            ) {
                $found[] = $file->getFilename().': '.$match[0];
            }
            self::assertStringContainsString('declare(strict_types=1);', $code, $file->getFilename());
        }
        self::assertSame([], $found);
    }
}
