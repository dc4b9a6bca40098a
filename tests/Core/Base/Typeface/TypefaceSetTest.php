<?php

declare(strict_types=1);

namespace Tests\Core\Base\Typeface;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Typeface\BrokenTypeface;
use RapidReel\Base\Typeface\FontFile;
use RapidReel\Base\Typeface\PlainMetrics;
use RapidReel\Base\Typeface\Run;
use RapidReel\Base\Typeface\TypefaceSet;

final class TypefaceSetTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../../../resources/fonts';

    private static function set(): TypefaceSet
    {
        return new TypefaceSet([
            'latin' => new PlainMetrics('Latin', 0.5, ' -~'),
            'hebrew' => new PlainMetrics('Hebrew', 0.5, '\p{Hebrew}0-9,'),
            'ja' => new PlainMetrics('Japanese', 1.0, '\p{Hiragana}灯台'),
            'zh' => new PlainMetrics('Chinese', 1.0, '灯台塔'),
        ], ['hebrew', 'ja', 'zh'], 'zh');
    }

    /** @return list<array{string, string}> */
    private static function runs(string $text, string $language = ''): array
    {
        return array_map(
            static fn (Run $run): array => [$run->text, $run->face],
            self::set()->runs($text, 'latin', $language),
        );
    }

    public function test_other_faces_stand_in_for_what_one_lacks(): void
    {
        self::assertSame([['lamp', 'latin']], self::runs('lamp'));
        self::assertSame([['a ', 'latin'], ['מגדל,', 'hebrew']], self::runs('a מגדל,'));
        self::assertSame([['灯台', 'ja']], self::runs('灯台'));
        self::assertSame([['灯台', 'zh']], self::runs('灯台', 'zh'));
        self::assertSame([['灯台の', 'ja']], array_map(
            static fn (array $run): array => [$run[0], $run[1]],
            self::runs('灯台の', 'ja'),
        ));
    }

    public function test_what_no_face_has_is_written_in_latin_letters_and_never_left_as_a_box(): void
    {
        self::assertFalse(self::set()->has('маяк'));
        self::assertTrue(self::set()->has('lamp מגדל'));
        [$written] = self::runs('маяк');
        self::assertSame('latin', $written[1]);
        self::assertMatchesRegularExpression('/^ma[a-z]*k$/', $written[0]);
        self::assertSame([], self::runs("\u{10FFFD}"));
    }

    public function test_a_face_tells_its_names_and_letters(): void
    {
        $face = FontFile::read((string) file_get_contents(self::FOLDER.'/SofiaSansExtraCondensed_900Black.ttf'));

        self::assertSame('Sofia Sans Extra Condensed Black', $face->family());
        self::assertSame(900, $face->weight());
        self::assertTrue($face->covers('Ünïcode — “quotes” Ω Ж'));
        self::assertFalse($face->covers('灯'));
        self::assertTrue($face->covers("a\u{2060}b\n"));
        self::assertGreaterThan($face->width('lamp'), $face->width('lamps'));
        self::assertSame(0.0, $face->width(''));
        self::assertLessThan($face->width('A') + $face->width('V'), $face->width('AV'), 'pairs are drawn together');
    }

    public function test_every_face_that_ships_is_free_to_be_shipped(): void
    {
        $files = glob(self::FOLDER.'/*.ttf') ?: [];
        self::assertGreaterThan(8, count($files));
        foreach ($files as $file) {
            $face = FontFile::read((string) file_get_contents($file));
            self::assertStringContainsString('SIL Open Font License', $face->licence(), basename($file));
        }
    }

    public function test_broken_and_hostile_files_are_refused_in_words(): void
    {
        $good = (string) file_get_contents(self::FOLDER.'/BarlowCondensed_800ExtraBold.ttf');
        foreach (['', 'MZ', 'ttcf'.str_repeat("\0", 40), 'wOF2xxxx', "\0\1\0\0".str_repeat("\xFF", 200),
            substr($good, 0, 5_000), substr($good, 0, 300)] as $bytes) {
            try {
                FontFile::read($bytes);
                self::fail('read: '.bin2hex(substr($bytes, 0, 8)));
            } catch (BrokenTypeface $problem) {
                self::assertMatchesRegularExpression('/^[A-Z].*\.$/', $problem->getMessage());
            }
        }
        mt_srand(7);
        for ($i = 0; $i < 300; $i++) {
            $bytes = $good;
            for ($j = 0; $j < 40; $j++) {
                $bytes[mt_rand(0, $i % 2 === 0 ? 2_000 : strlen($bytes) - 1)] = chr(mt_rand(0, 255));
            }
            try {
                $face = FontFile::read($bytes);
                $face->width('AVATAR waffle To');
                $face->covers('lamp 灯');
                $face->line();
            } catch (BrokenTypeface $problem) {
                self::assertNotSame('', $problem->getMessage());
            }
        }
    }
}
