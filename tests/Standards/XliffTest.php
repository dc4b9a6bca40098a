<?php

declare(strict_types=1);

namespace Tests\Standards;

use DOMDocument;
use DOMXPath;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Xliff;
use Symfony\Component\Process\Process;

/** XLIFF 2.1 (OASIS Standard, 13 February 2018), against another reader and writer of it (npm: xliff). */
final class XliffTest extends TestCase
{
    private static function sent(): Translation
    {
        return new Translation('short:12', 'en', 'pt-BR', [
            new TranslationUnit('title', 'The “lamp” & the bell', notes: ['Not spoken.']),
            new TranslationUnit('s1.1', 'Nobody <sees> it.', 3.2, 61, ['First words.']),
            new TranslationUnit('s1.2', 'أضاء المصباح 🔔 灯台'),
        ]);
    }

    public function test_another_reader_finds_the_same_sentences_and_what_it_writes_is_read_here(): void
    {
        [$in, $out] = [(string) tempnam(sys_get_temp_dir(), 'xlf'), (string) tempnam(sys_get_temp_dir(), 'xlf')];
        file_put_contents($in, Xliff::write(self::sent()));
        $read = json_decode((new Process(
            ['node', 'tests/Standards/xliff.mjs', $in, $out], dirname(__DIR__, 2),
        ))->mustRun()->getOutput(), true);
        $sources = array_column(self::sent()->units, 'source', 'id');

        self::assertSame(['source' => 'en', 'target' => 'pt-BR', 'units' => $sources], $read);
        $back = Xliff::read((string) file_get_contents($out));
        self::assertSame('pt-BR', $back->to);
        self::assertSame(array_keys($sources), array_keys($back->units));
        foreach ($back->units as $id => $unit) {
            self::assertSame($sources[$id], $unit->source);
            self::assertSame("{$sources[$id]} & back", $unit->target);
        }
        array_map(unlink(...), [$in, $out]);
    }

    /** Sections 4.2.2 (elements, their order and what they must have) and 5.8 (Size and Length Restriction). */
    public function test_its_elements_stand_as_the_standard_has_them(): void
    {
        $document = new DOMDocument;
        $document->loadXML(Xliff::write(self::sent()));
        $path = new DOMXPath($document);
        $path->registerNamespace('x', 'urn:oasis:names:tc:xliff:document:2.0');
        $path->registerNamespace('slr', 'urn:oasis:names:tc:xliff:sizerestriction:2.0');
        foreach ([
            '/x:xliff[@version="2.1" and @srcLang and @trgLang]' => 1,
            '/x:xliff/x:file[@id]' => 1,
            '/x:xliff/x:file/slr:profiles[@generalProfile="xliff:codepoints"]' => 1,
            '//x:unit[@id]' => 3,
            '//x:unit[@slr:sizeRestriction="61"]' => 1,
            '//x:unit/x:notes/x:note[@category]' => 3,
            '//x:unit/x:notes/following-sibling::x:segment' => 2,
            '//x:segment[@state="initial"]/x:source' => 3,
            '//x:target' => 0,
            // Nothing else stands there.
            '//*[not(self::x:xliff or self::x:file or self::x:unit or self::x:notes or self::x:note or self::x:segment '
                .'or self::x:source or self::slr:profiles)]' => 0,
        ] as $query => $count) {
            self::assertSame($count, $path->query($query)?->length, $query);
        }
    }
}
