<?php

declare(strict_types=1);

namespace Tests\Core\Text\Translation;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Translation\Numbers;

/** Numbers in translations, as their languages write them (CLDR, by ICU). */
final class NumbersTest extends TestCase
{
    /** @param  list<string>  $told */
    #[TestWith(['It cost £3,400.', 'Es kostete 3.400 Pfund.', 'de', []])]
    #[TestWith(['It cost £3,400.', 'Es kostete 3,400 Pfund.', 'de', ['“3,400” is written 3.400 in German.']])]
    #[TestWith(['You heard it 14.5 miles away.', 'Man hörte es 14,5 Meilen weit.', 'de', []])]
    #[TestWith(['You heard it 14.5 miles away.', 'Man hörte es 14.5 Meilen weit.', 'de', [
        '“14.5” is written 14,5 in German.',
    ]])]
    #[TestWith(['It took 12,500 francs.', "Il a coûté 12\u{202F}500 francs.", 'fr', []])]
    #[TestWith(['In 1884 it closed.', 'Cerró en 1884.', 'es', []])]
    #[TestWith(['In 1884 it closed.', 'أُغلق عام ١٨٨٤.', 'ar', []])]
    #[TestWith(['In 1884 it closed.', 'Es schloss im Winter.', 'de', ['The number 1884 is not in it.']])]
    #[TestWith(['9 men came.', 'Neun Männer kamen.', 'de', []])]
    #[TestWith(['206 steps.', 'Zweihundertsechs Stufen.', 'de', []])]
    #[TestWith(['206 steps.', 'Deux cent six marches.', 'fr', []])]
    #[TestWith(['On the 3rd day, at 9:30.', 'Am 3. Tag um 9:30 Uhr.', 'de', []])]
    #[TestWith(['No number here.', 'Hier steht keine.', 'de', []])]
    public function test_they_are_there_and_written_as_the_language_does(
        string $source,
        string $target,
        string $language,
        array $told,
    ): void {
        self::assertSame($told, Numbers::told($source, $target, 'en', $language));
    }
}
