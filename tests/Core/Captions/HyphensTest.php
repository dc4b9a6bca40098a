<?php

declare(strict_types=1);

namespace Tests\Core\Captions;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Typesetting\Hyphens;

/** Words that are longer than a line. */
final class HyphensTest extends TestCase
{
    /** @param  list<string>  $parts */
    #[TestWith(['Leuchtturmwärter', 10, ['Leuchtturm-', 'wärter']])]
    #[TestWith(['Donaudampfschifffahrt', 8, ['Donau-', 'dampf-', 'schiff-', 'fahrt']])]
    #[TestWith(['internacionalización', 8, ['interna-', 'cionali-', 'zación']])]
    #[TestWith(['électroencéphalographie', 9, ['électroen-', 'céphalo-', 'graphie']])]
    #[TestWith(['superestación', 7, ['superes-', 'tación']])]
    #[TestWith(['lighthouse-keepers', 12, ['lighthouse-', 'keepers']])]
    #[TestWith(['المنارةالقديمة', 8, ['المنارةا', 'لقديمة']])]
    #[TestWith(['등대지기등대지기', 4, ['등대지기', '등대지기']])]
    #[TestWith(['short', 9, ['short']])]
    public function test_they_are_parted_where_a_syllable_begins_with_a_hyphen_where_their_script_has_one(
        string $word,
        int $each,
        array $parts,
    ): void {
        self::assertSame($parts, Hyphens::parts($word, $each));
        self::assertSame($word, preg_replace('/(?<=\p{L})-(?!keep)/u', '', implode('', $parts)));
    }
}
