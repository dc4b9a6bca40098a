<?php

declare(strict_types=1);

namespace Tests\Standards;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\SentenceSplitter;

/**
 * Sentence boundaries of UAX #29 (Unicode Text Segmentation, section 5), with the tailoring for abbreviations that its
 * section 5.1 leaves to the implementer. The cases follow the rules SB6 to SB11, written down from memory.
 */
final class SentencesTest extends TestCase
{
    /** @return array<string, array{list<string>}> */
    public static function sentences(): array
    {
        return [
            'SB6: a full stop before a digit parts nothing' => [['It rose 3.5 metres in 1.25 hours.', 'Then it fell.']],
            'SB7: nor one between capitals' => [['The U.S. fleet left.', 'Nobody waved.']],
            'SB8: nor one before a lower-case word' => [['He left... and came back.', 'She stayed.']],
            'SB8a: marks in a row stay together' => [['What?!', 'No!', 'Yes.']],
            'SB9: closing marks go with their sentence' => [['“Lamp lit.”', 'Four thousand nights.']],
            'SB11: a sentence ends before a capital' => [['One lamp.', 'Nine boats.']],
            'an ellipsis that ends one' => [['Seven ships in four years…', 'Nobody understood why.']],
            'an ellipsis inside one' => [['Seven ships in four years... and nobody understood why.']],
            'a title before a name' => [['Then Dr. Ines Okoro met Mrs. Vane and Capt. Holt.', 'They agreed.']],
            'initials' => [['J. R. Holt wrote to A. Marsh.', 'No answer came.']],
            'a letter that ends a sentence' => [['It was plan B.', 'Plan A had failed.']],
            'hours' => [['The boat left at 6 a.m. on Monday.', 'It was due at 5 p.m.', 'Nobody saw it.']],
            'a number sign' => [['Light No. 7 was dark.', 'No.', 'It was out.']],
            'money' => [['It cost £3,400.50 in all.', 'Too much.']],
            'speech within a sentence' => [['“Stop!” he said.', 'No one moved.']],
            'a question in quotation marks' => [['“Who is there?” she asked.', 'Silence.']],
            'Arabic' => [['من هناك؟', 'لا أحد.']],
            'full-width stops' => [['灯台は消えた。', '誰も来なかった。']],
            'SB9: a closing bracket' => [['(He left at nine.)', 'She stayed.']],
            'SB10: spaces before the next' => [['He left.  ', 'She stayed.']],
            'an abbreviation before lower case' => [['Take a lamp, e.g. an old one.', 'Light it.']],
            'minutes after a point' => [['It began at 9.30 p.m. sharp.', 'It ended soon.']],
            'a web address' => [['It stands on example.org for all to read.', 'Nobody did.']],
            'Devanagari' => [['दीपक बुझ गया।', 'कोई नहीं आया।']],
            'Greek' => [['Το φως έσβησε.', 'Κανείς δεν ήρθε.']],
        ];
    }

    /** @param  list<string>  $sentences */
    #[DataProvider('sentences')]
    public function test_sentences_end_where_the_rules_say(array $sentences): void
    {
        self::assertSame(array_map(trim(...), $sentences), (new SentenceSplitter)->split(implode(' ', $sentences)));
    }
}
