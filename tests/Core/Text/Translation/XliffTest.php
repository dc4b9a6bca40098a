<?php

declare(strict_types=1);

namespace Tests\Core\Text\Translation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Returned;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationTable;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Xliff;

final class XliffTest extends TestCase
{
    /** @param  array<string, string>  $targets */
    public static function sent(array $targets = []): Translation
    {
        return new Translation('short:12', 'en', 'de', [
            new TranslationUnit('s1.1', 'The lamp is lit & nobody <sees> it.', 3.2, 61, ['the hook']),
            new TranslationUnit('s1.2', 'It burns “all” night.'),
            new TranslationUnit('s2.1', "A boat\u{1}comes in — slowly; 漁船."),
        ], $targets);
    }

    private static function unit(string $inside, string $more = ''): string
    {
        return '<xliff xmlns="urn:oasis:names:tc:xliff:document:2.0" version="2.1" srcLang="en" trgLang="de">'
            ."<file id=\"f\" original=\"short:12\"><unit id=\"s1.1\">$inside</unit>$more</file></xliff>";
    }

    private static function target(string $inside): ?string
    {
        return Xliff::read(self::unit($inside))->units['s1.1']->target;
    }

    public function test_what_is_written_is_read_again(): void
    {
        $read = Xliff::read(Xliff::write(self::sent(['s1.2' => 'Sie brennt die ganze Nacht.'])));

        self::assertSame('short:12', $read->original);
        self::assertSame('de', $read->to);
        self::assertSame(['s1.1', 's1.2', 's2.1'], array_keys($read->units));
        self::assertSame('The lamp is lit & nobody <sees> it.', $read->units['s1.1']->source);
        self::assertNull($read->units['s1.1']->target);
        self::assertSame('Sie brennt die ganze Nacht.', $read->units['s1.2']->target);
        self::assertSame('A boatcomes in — slowly; 漁船.', $read->units['s2.1']->source, 'XML has no such letter');
    }

    public function test_it_tells_whoever_translates_how_much_time_there_is(): void
    {
        $xml = Xliff::write(self::sent());

        self::assertStringContainsString('slr:sizeRestriction="61"', $xml);
        self::assertStringContainsString('<note category="time">3.2 s as it is spoken now</note>', $xml);
        self::assertStringContainsString('<note category="note">the hook</note>', $xml);
        self::assertStringContainsString('state="initial"', $xml);
    }

    /** As tools of translators save it: in parts, with marks of their own, with other elements between. */
    #[TestWith(['<segment><source>A. B.</source><target>C. D.</target></segment>', 'C. D.'])]
    #[TestWith(['<segment id="1"><source>A. </source><target>C. </target></segment><ignorable><source> </source>'
        .'<target> </target></ignorable><segment id="2"><source>B.</source><target>D.</target></segment>', 'C. D.'])]
    #[TestWith(['<segment><source>A</source><target><![CDATA[C & D]]></target></segment>', 'C & D'])]
    #[TestWith(['<segment><source>A</source><target>C <mrk id="m1" type="term">D</mrk></target></segment>', 'C D'])]
    #[TestWith(["<segment><source>A</source><target>\n  C\n  D\n</target></segment>", 'C D'])]
    #[TestWith(['<segment><source>A</source><target/></segment>', ''])]
    #[TestWith(['<segment><source>A</source></segment>', null])]
    #[TestWith(['<notes><note>x</note></notes><segment><source>A</source><target>C<!-- b --></target></segment>', 'C'])]
    public function test_what_came_back_is_its_text(string $inside, ?string $target): void
    {
        self::assertSame($target, self::target($inside));
    }

    #[TestWith(['<source>A <pc id="1">b</pc></source><target>C <pc id="1">d</pc></target>', true])]
    #[TestWith(['<source>A <pc id="1">b</pc></source><target><pc id="1">D</pc> c</target>', true])]
    #[TestWith(['<source>A <pc id="1">b</pc></source><target>C d</target>', false])]
    #[TestWith(['<source>A <pc id="1">b</pc></source><target>C <pc id="2">d</pc></target>', false])]
    #[TestWith(['<source>A <ph id="1"/></source><target>C <ph id="1"/><ph id="1"/></target>', false])]
    #[TestWith(['<source>A</source><target>C <mrk id="1">d</mrk></target>', true])]
    public function test_inline_codes_are_kept_or_told(string $inside, bool $keeps): void
    {
        $unit = Xliff::read(self::unit("<segment>$inside</segment>"))->units['s1.1'];
        self::assertSame($keeps, $unit->keepsCodes);
    }

    public function test_of_two_units_with_one_id_the_first_counts_and_the_other_is_told(): void
    {
        $read = Xliff::read(self::unit(
            '<segment><source>A</source><target>One</target></segment>',
            '<unit id="s1.1"><segment><source>A</source><target>Two</target></segment></unit>',
        ));
        self::assertSame('One', $read->units['s1.1']->target);
        self::assertSame(['s1.1'], $read->repeated);
    }

    /** @return array<string, array{string, string}> */
    public static function none(): array
    {
        $whole = Xliff::write(self::sent());
        $laughs = '<?xml version="1.0"?><!DOCTYPE x [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;">]>'.$whole;

        return [
            'nothing' => ['', 'no XML'],
            'words' => ['The lamp is lit.', 'no XML'],
            'a part' => [substr($whole, 0, -40), 'only a part'],
            'another XML' => ['<html><body/></html>', 'no XLIFF'],
            '1.2' => ['<xliff version="1.2" xmlns="urn:oasis:names:tc:xliff:document:1.2"/>', 'XLIFF 1.2'],
            'entities' => [$laughs, 'no document type'],
            'entities in UTF-16' => [mb_convert_encoding($laughs, 'UTF-16LE', 'UTF-8'), 'no document type'],
            'a file of this machine' => [
                '<!DOCTYPE x SYSTEM "file:///etc/passwd"><xliff/>', 'no document type',
            ],
            'far too much' => [str_repeat('x', 8_000_001), 'larger than 8 MB'],
        ];
    }

    #[DataProvider('none')]
    public function test_what_is_none_is_told(string $file, string $said): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($said);
        Xliff::read($file);
    }

    public function test_other_encodings_are_read(): void
    {
        $xml = str_replace('UTF-8', 'UTF-16', Xliff::write(self::sent(['s1.2' => 'Sie brennt „die“ ganze Nacht.'])));
        $read = Xliff::read(mb_convert_encoding("\u{FEFF}$xml", 'UTF-16LE', 'UTF-8'));
        self::assertSame('Sie brennt „die“ ganze Nacht.', $read->units['s1.2']->target);
    }

    public function test_a_table_comes_back_as_well(): void
    {
        $table = TranslationTable::write(self::sent(['s1.2' => 'Sie brennt, „die“ ganze Nacht.']));
        $read = TranslationTable::read($table);
        self::assertSame('Sie brennt, „die“ ganze Nacht.', $read->units['s1.2']->target);
        self::assertNull($read->units['s1.1']->target);

        $spreadsheet = "\u{FEFF}Target;ID\r\nDie Lampe;s1.1\r\n;s1.2\r\nEin Boot;s1.1\r\n";
        $read = TranslationTable::read(ltrim($spreadsheet, "\u{FEFF}"));
        self::assertSame('Die Lampe', $read->units['s1.1']->target);
        self::assertNull($read->units['s1.2']->target);
        self::assertSame(['s1.1'], $read->repeated);
        self::assertInstanceOf(Returned::class, $read);

        $this->expectException(Refusal::class);
        TranslationTable::read("number,text\n1,x\n");
    }
}
