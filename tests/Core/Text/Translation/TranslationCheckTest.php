<?php

declare(strict_types=1);

namespace Tests\Core\Text\Translation;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\CheckedTranslation;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\Returned;
use RapidReel\Text\Translation\ReturnedUnit;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationCheck;
use RapidReel\Text\Translation\TranslationFinding;
use RapidReel\Text\Translation\TranslationUnit;

final class TranslationCheckTest extends TestCase
{
    private const GERMAN = [
        's1' => 'Die Lampe in Calder Ness brennt seit neun Nächten, und niemand hat sie angezündet.',
        's2' => 'Ein Boot kommt herein.',
        's3' => 'Das Nebelhorn schweigt.',
    ];

    private static function sent(string $to = 'de'): Translation
    {
        return new Translation('short:12', 'en', $to, [
            new TranslationUnit('s1', 'The lamp of Calder Ness has burned for nine nights: nobody lit it.', 5.0, 95),
            new TranslationUnit('s2', 'A boat comes in.', 1.2, 30),
            new TranslationUnit('s3', 'The foghorn is silent.', 1.5, 30),
        ]);
    }

    /** @param  array<string, ReturnedUnit|string>  $units */
    private static function checked(array $units, string $to = 'de', string $glossary = ''): CheckedTranslation
    {
        return TranslationCheck::of(self::sent($to), new Returned('short:12', $to, array_map(
            static fn (ReturnedUnit|string $one): ReturnedUnit => is_string($one) ? new ReturnedUnit(null, $one) : $one,
            $units,
        )), Glossary::of($glossary));
    }

    /** @return list<string> */
    private static function faults(CheckedTranslation $checked): array
    {
        return array_map(
            static fn (TranslationFinding $one): string => "{$one->unit} {$one->fault->value}", $checked->findings,
        );
    }

    public function test_a_right_one_has_nothing_against_it_in_any_order(): void
    {
        $checked = self::checked(array_reverse(self::GERMAN), glossary: "Calder Ness\nfoghorn = Nebelhorn");

        self::assertSame([], self::faults($checked));
        self::assertSame(self::GERMAN, $checked->taken);
        self::assertTrue($checked->isWhole());
    }

    public function test_half_a_file_brings_half(): void
    {
        $checked = self::checked(['s2' => self::GERMAN['s2'], 's3' => new ReturnedUnit(null, null)]);

        self::assertSame(['s1 missing', 's3 missing'], self::faults($checked));
        self::assertSame(['s2' => self::GERMAN['s2']], $checked->taken);
        self::assertFalse($checked->isWhole());
    }

    /** What came for the second sentence, what is told, and whether it is taken. */
    #[TestWith(['', 'missing', false])]
    #[TestWith(['…', 'missing', false])]
    #[TestWith(['Входит лодка, медленно.', 'script', false])]
    #[TestWith(['A boat comes in.', 'untranslated', true])]
    #[TestWith(['Ein Boot kommt ganz langsam und sehr still herein.', 'long', true])]
    #[TestWith(['Un bateau entre dans le port et il ne dit rien à personne.', 'language', true])]
    #[TestWith(['Ein Boot kommt herein und dann noch eines und danach noch viele andere Boote aus allen Häfen der Welt '
        .'und alle wollen an den Kai.', 'wordy', false])]
    public function test_what_is_wrong_with_a_sentence_is_told_and_the_others_are_taken(
        string $target,
        string $fault,
        bool $isTaken,
    ): void {
        $checked = self::checked([...self::GERMAN, 's2' => $target]);

        self::assertContains("s2 $fault", self::faults($checked));
        self::assertSame([], array_filter(
            self::faults($checked), static fn (string $one): bool => ! str_starts_with($one, 's2'),
        ));
        self::assertSame($isTaken, isset($checked->taken['s2']));
        self::assertSame(self::GERMAN['s1'], $checked->taken['s1']);
        self::assertSame(self::GERMAN['s3'], $checked->taken['s3']);
    }

    public function test_names_and_numbers_have_no_script(): void
    {
        $checked = self::checked(['s1' => '灯台の明かりは九晩ともっている。誰も点けていない。', 's2' => '9:05', 's3' => 'SOS'], 'ja');
        self::assertSame([], self::faults($checked));
        $checked = self::checked(['s1' => 'The light', 's2' => '船が入る。', 's3' => '霧笛は静かだ。'], 'ja');
        self::assertSame(['s1 script'], self::faults($checked));
    }

    public function test_what_was_changed_since_is_told_and_taken(): void
    {
        $checked = self::checked([...self::GERMAN, 's2' => new ReturnedUnit('A ship comes in.', 'Ein Schiff kommt.')]);
        self::assertSame(['s2 older'], self::faults($checked));
        self::assertSame('Ein Schiff kommt.', $checked->taken['s2']);
        self::assertStringContainsString('it was “A ship comes in.”', $checked->findings[0]->said);
    }

    public function test_lost_codes_and_strange_numbers_are_told(): void
    {
        $checked = self::checked([
            ...self::GERMAN, 's3' => new ReturnedUnit(null, 'Das Nebelhorn schweigt.', false), 's9' => 'Was?',
        ]);
        self::assertSame(['s3 codes', 's9 unknown'], self::faults($checked));
        self::assertArrayNotHasKey('s9', $checked->taken);
    }

    public function test_words_of_the_glossary_are_held_to(): void
    {
        $checked = self::checked(
            [...self::GERMAN, 's1' => 'Die Lampe in Kaldernesse brennt, und niemand hat sie angezündet.',
                's3' => 'Die Nebelhörner schweigen.'],
            glossary: "Calder Ness\nfoghorn = Nebelhorn\nwhale = Wal",
        );
        self::assertSame(['s1 term', 's3 term'], self::faults($checked));
        self::assertStringContainsString('“Calder Ness” is to stay', $checked->findings[0]->said);
        self::assertStringContainsString('“foghorn” is to be “Nebelhorn”', $checked->findings[1]->said);
        self::assertCount(3, $checked->taken);
    }

    public function test_a_glossary_is_a_word_a_line(): void
    {
        self::assertCount(2, Glossary::of("Calder Ness\n\n foghorn = Nebelhorn \n")->terms);
        self::assertSame([], Glossary::of('art')->departures('The party starts.', 'Das Fest beginnt.'));
        self::assertCount(1, Glossary::of('lamp = Lampe')->departures('Two lamps burn.', 'Zwei Lichter brennen.'));
        foreach (['= Nebelhorn', 'a = b = c', 'lamp =', str_repeat('x', 200)] as $bad) {
            try {
                Glossary::of("lamp\n$bad");
                self::fail($bad);
            } catch (Refusal $problem) {
                self::assertStringContainsString('Line 2', $problem->getMessage());
            }
        }
    }

    public function test_one_of_another_short_or_another_language_is_refused(): void
    {
        foreach ([
            [new Returned('short:13', 'de', ['s1' => new ReturnedUnit(null, 'Die Lampe')]), 'another short'],
            [new Returned('short:12', 'fr', ['s1' => new ReturnedUnit(null, 'La lampe')]), 'That is French'],
            [new Returned(null, null, ['x1' => new ReturnedUnit(null, 'Die Lampe')]), 'None of it'],
            [new Returned(null, null, []), 'None of it'],
            [new Returned(null, null, [
                's1' => new ReturnedUnit('The map was wrong.', 'Die Karte war falsch.'),
                's2' => new ReturnedUnit('Nobody knew.', 'Niemand wusste es.'),
            ]), 'None of it'],
        ] as [$returned, $said]) {
            try {
                TranslationCheck::of(self::sent(), $returned);
                self::fail($said);
            } catch (Refusal $problem) {
                self::assertStringContainsString($said, $problem->getMessage());
            }
        }
        self::assertNotNull(TranslationCheck::of(self::sent(), new Returned('short:12', 'de-AT', [
            's1' => new ReturnedUnit(null, self::GERMAN['s1']),
        ]))->taken['s1']);
    }
}
