<?php

declare(strict_types=1);

namespace Tests\Core\Making\Publish;

use PHPUnit\Framework\TestCase;
use RapidReel\Making\Publish\ZipStream;
use ZipArchive;

/** Held against libzip, which PHP reads ZIPs with. */
final class ZipStreamTest extends TestCase
{
    public function test_what_is_sent_is_a_zip_of_the_length_that_was_told(): void
    {
        $files = ['a.txt' => 'The lamp.', 'ä “b”.mp4' => random_bytes(70_000), 'empty.csv' => ''];
        $zip = new ZipStream;
        $sent = '';
        foreach ($files as $name => $content) {
            $sent .= $zip->file($name, strlen($content), crc32($content)).$content;
        }
        $sent .= $zip->end();
        self::assertSame(ZipStream::length(array_map(strlen(...), $files)), strlen($sent));
        $file = TEST_PLACE.'/stream.zip';
        file_put_contents($file, $sent);
        $read = new ZipArchive;
        self::assertTrue($read->open($file, ZipArchive::CHECKCONS));
        self::assertSame(3, $read->numFiles);
        foreach ($files as $name => $content) {
            self::assertSame($content, $read->getFromName($name));
        }
    }

    public function test_past_four_gibibytes_every_file_is_found(): void
    {
        $sizes = ['large.mp4' => 5_000_000_000, 'after.txt' => 9];
        $file = TEST_PLACE.'/large.zip';
        $out = fopen($file, 'wb') ?: self::fail();
        $zip = new ZipStream;
        fwrite($out, $zip->file('large.mp4', $sizes['large.mp4'], 0));
        // Nothing is written there: the file system keeps a hole.
        fseek($out, $sizes['large.mp4'], SEEK_CUR);
        fwrite($out, $zip->file('after.txt', 9, crc32('The lamp.')).'The lamp.'.$zip->end());
        fclose($out);
        $read = new ZipArchive;
        self::assertTrue($read->open($file));
        self::assertSame(ZipStream::length($sizes), filesize($file));
        self::assertSame(5_000_000_000, $read->statName('large.mp4')['size'] ?? 0);
        self::assertSame('The lamp.', $read->getFromName('after.txt'));
        $read->close();
        unlink($file);
    }
}
