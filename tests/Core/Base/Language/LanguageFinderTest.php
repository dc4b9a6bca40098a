<?php

declare(strict_types=1);

namespace Tests\Core\Base\Language;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\LanguageFinder;
use RapidReel\Base\Language\LanguagePacks;

/** What language a text is in. */
final class LanguageFinderTest extends TestCase
{
    /** None of these sentences is told wrongly; half of them alone, and all of them together. */
    #[TestWith(['en', 0.5])]
    #[TestWith(['de', 0.5])]
    #[TestWith(['fr', 0.5])]
    #[TestWith(['es', 0.5])]
    #[TestWith(['it', 0.4])]
    #[TestWith(['pt', 0.3])]
    #[TestWith(['nl', 0.3])]
    #[TestWith(['pl', 0.2])]
    #[TestWith(['sv', 0.2])]
    #[TestWith(['ru', 1.0])]
    #[TestWith(['el', 1.0])]
    #[TestWith(['ar', 1.0])]
    public function test_sentences_of_the_languages_that_are_spoken_here(string $code, float $alone): void
    {
        $sentences = LanguagePacks::of($code)->examples;
        $told = array_map(LanguageFinder::of(...), $sentences);
        self::assertSame([], array_values(array_diff(array_filter($told), [$code])));
        self::assertGreaterThanOrEqual($alone, count(array_filter($told)) / count($told));
        self::assertSame($code, LanguageFinder::of(implode(' ', $sentences)));
        // Whatever it was expected to be.
        self::assertSame($code, LanguageFinder::of(implode(' ', $sentences), 'en'));
        self::assertSame($code, LanguageFinder::of(implode(' ', $sentences), 'pl'));
    }

    #[TestWith(['ja', '灯台の灯りは夕暮れにともり、九時には霧が湾を飲み込んだ。'])]
    #[TestWith(['zh', '灯塔的灯在黄昏点亮，九点时雾吞没了海湾。'])]
    #[TestWith(['ko', '등대의 불은 해질녘에 켜졌고 아홉 시에는 안개가 만을 삼켰다.'])]
    #[TestWith(['he', 'המנורה דלקה בשעת בין ערביים ובתשע הערפל בלע את המפרץ כולו'])]
    #[TestWith(['hi', 'चिराग शाम को जलाया गया'])]
    #[TestWith(['th', 'ตะเกียงถูกจุดตอนพลบค่ำ'])]
    #[TestWith(['fa', 'چراغ در غروب روشن شد و تا ساعت نه مه تمام خلیج را فرا گرفت'])]
    #[TestWith(['uk', 'Лампу запалили в сутінках, і до дев’ятої туман поглинув усю затоку.'])]
    #[TestWith(['fi', 'Lamppu paloi hämärässä, mutta hän ei tiennyt että se oli jo myöhäistä.'])]
    #[TestWith(['tr', 'Lamba bir gece söndü ve kimse gelmedi, ama o kadar da geç değil gibi bir şeydi.'])]
    public function test_languages_that_nobody_speaks_here(string $code, string $text): void
    {
        self::assertSame($code, LanguageFinder::of($text));
    }

    #[TestWith([''])]
    #[TestWith(['1911 — 2,5 %'])]
    #[TestWith(['Nobody came.'])]
    #[TestWith(['Calder Ness, Brannick, Tol Mewan, Skarhavn, Inish Rua, Port Hollin, Vestri, Auld Kirk'])]
    #[TestWith(["\0\0\0"])]
    public function test_what_cannot_be_told_is_nobodys(string $text): void
    {
        self::assertNull(LanguageFinder::of($text));
    }

    public function test_names_and_a_sentence_of_another_language_change_nothing(): void
    {
        self::assertSame('en', LanguageFinder::of(
            'The keeper wrote one line into his book every night, and it was always the same: “Die Lampe brennt, und '
            .'niemand ist da.” His daughter Маша read it to me when the light was sold.',
        ));
    }
}
