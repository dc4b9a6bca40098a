<?php

declare(strict_types=1);

namespace Tests\Core\Base;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Language\UnspacedWords;

/** Words of languages that are written without blanks. */
final class UnspacedWordsTest extends TestCase
{
    /** @param  list<string>  $words */
    #[TestWith(['少女はランプに届かなかった。だから、油の缶の上に「立った」のだ！', [
        '少女は', 'ランプに', '届かなかった。', 'だから、', '油の', '缶の', '上に', '「立った」', 'のだ！',
    ]])]
    #[TestWith(['女孩够不到灯，于是她站在了油罐上。', [
        '女孩', '够', '不到', '灯，', '于是', '她', '站在', '了', '油罐', '上。',
    ]])]
    #[TestWith(['เด็กหญิงไม่ถึงโคมไฟ เธอจึงยืน', [
        'เด็ก', 'หญิง', 'ไม่', 'ถึง', 'โคม', "ไฟ\u{A0}", 'เธอ', 'จึง', 'ยืน',
    ]])]
    #[TestWith(['Ada は 9 歳。', ['Ada', 'は', '9', '歳。']])]
    #[TestWith(['등대지기가 등불을 켰다.', ['등대지기가', '등불을', '켰다.']])]
    #[TestWith(['A lamp – lit.', ['A', 'lamp –', 'lit.']])]
    public function test_they_end_where_a_dictionary_says_and_a_line_may_be_broken(string $text, array $words): void
    {
        self::assertSame($words, array_column(ScriptWord::of($text), 'text'));
    }

    public function test_every_word_stands_at_its_place_in_the_text(): void
    {
        foreach (['少女は Ada Fenn、9歳。', 'เด็กหญิงไม่ถึง โคมไฟ', 'The lamp – lit.'] as $text) {
            foreach (ScriptWord::of($text) as $word) {
                self::assertSame(
                    rtrim($word->text, "\u{A0}"), mb_substr($text, $word->offset, $word->length), $text,
                );
            }
        }
    }

    #[TestWith(['少女はランプに届かなかった。'])]
    #[TestWith(['女孩够不到灯，于是她站在了油罐上。'])]
    #[TestWith(['The lamp was lit.'])]
    public function test_put_together_they_are_the_text_again(string $text): void
    {
        self::assertSame($text, UnspacedWords::joined(array_column(ScriptWord::of($text), 'text')));
    }
}
