<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Media\Artwork\EmojiLists;
use App\Media\Artwork\TypefaceBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\FrameGrid;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Frame;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cueing\CueMaker;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Captions\Style\Styles;
use RapidReel\Voice\Speech\WordTiming;
use Symfony\Component\Process\Process;
use Tests\Support\Burner;
use Tests\Support\Cuts;

/** What is laid out against what libass draws, and against HarfBuzz (Debian: libharfbuzz-bin). */
final class CaptionsDrawnTest extends TestCase
{
    /** Short and long, with pairs that are drawn together, letters that are joined, accents, figures. */
    private const TEXTS = [
        'LIGHTHOUSE', 'AVATAR WAVE', 'To Ly office', 'waffle flipped', 'ÉCLAIR Ångström', '1,884 To 71%',
        'illicit Tavern.', 'BILL.",SHARE',
    ];

    /** @return array<string, array{string}> */
    public static function faces(): array
    {
        $faces = [];
        foreach (array_keys(TypefaceBook::shipped()) as $id) {
            $faces[$id] = [$id];
        }

        return $faces;
    }

    /**
     * @param  string|list<WordTiming>  $said
     * @return list<Cue>
     */
    private static function cues(string|array $said, CaptionStyle $style, string $language = 'en'): array
    {
        $words = is_string($said) ? Cuts::take($said, 293)->words : $said;
        $end = $words[count($words) - 1]->endMs;
        $emoji = new EmojiLists(dirname(__DIR__, 2).'/resources/data/emoji');
        $maker = new CueMaker(
            Burner::faces(), new Frame, $language, array_column($words, 'text'), $emoji->of($language),
        );

        return $maker->cues(0, $words, [[0, $end]], $end, new CaptionMarks, $style);
    }

    /** @return float width in em, as HarfBuzz shapes it */
    private static function shaped(string $file, string $text): float
    {
        $printed = (new Process([
            'hb-shape', '--no-glyph-names', '--no-clusters', '--font-size=1000', $file, $text,
        ]))->mustRun()->getOutput();
        preg_match_all('/[\[|]\d+(?:@-?\d+,-?\d+)?\+(-?\d+)/', $printed, $advances);

        return array_sum(array_map(intval(...), $advances[1])) / 1000;
    }

    /** Within 0.5 % of hb-shape, with pairs and joined letters as the face has them. */
    #[DataProvider('faces')]
    public function test_text_is_as_wide_as_harfbuzz_shapes_it(string $id): void
    {
        $face = Burner::book()->face($id);
        $file = Burner::book()->file($id);
        foreach (self::TEXTS as $text) {
            $shaped = self::shaped($file, $text);
            self::assertEqualsWithDelta($shaped, $face->width($text), 0.005 * $shaped, "$id: $text");
        }
    }

    /**
     * Within 1.5 % of libass. An H stands at both ends, and the width of two of them is taken off: so what is left free
     * beside the first and the last letter does not count.
     */
    #[DataProvider('faces')]
    public function test_a_line_is_as_wide_as_libass_draws_it(string $id): void
    {
        $style = CaptionStyle::of(
            face: $id, size: 40, case: 'written', outline: 0, shadow: 0, lines: 1, words: 12, letters: 80, least: 20,
            spokenColour: 'FFFFFF',
        );
        $ink = $laid = [];
        foreach (['HH', ...array_map(static fn (string $text): string => "H{$text}H", self::TEXTS)] as $text) {
            $cues = self::cues($text, $style);
            $pieces = $cues[0]->setting->pieces;
            $last = $pieces[count($pieces) - 1];
            self::assertSame(1.0, $cues[0]->setting->scale);
            $laid[] = $last->box->x + $last->box->width / 2 - $pieces[0]->box->x + $pieces[0]->box->width / 2;
            [$left, $right] = Burner::boxes($cues, 1, 120)[0];
            $ink[] = $right - $left;
        }
        foreach (self::TEXTS as $i => $text) {
            $drawn = $ink[$i + 1] - $ink[0];
            // One pixel is what a box can be off by rounding.
            self::assertEqualsWithDelta($drawn, $laid[$i + 1] - $laid[0], 0.015 * $drawn + 1, "$id: $text");
        }
    }

    public function test_every_word_is_marked_in_just_its_frames_and_nothing_drifts_in_three_minutes(): void
    {
        $words = [];
        $at = 40;
        $grid = new FrameGrid(30);
        for ($i = 0; $at < 179_000; $i++) {
            $length = 130 + 37 * ($i % 11);
            $words[] = new WordTiming(['lamp', 'harbour', 'and', 'storm.'][$i % 4], $at, $at + $length);
            $at += $length + ($i % 4 === 3 ? 260 : 0);
        }
        $changes = array_flip(Burner::changes(self::cues($words, CaptionStyle::of(size: 24)), $grid->frameOf($at) + 1));
        self::assertGreaterThan(400, count($words));
        foreach ($words as $word) {
            self::assertArrayHasKey($grid->frameOf($word->startMs), $changes, "at {$word->startMs} ms");
        }
    }

    public function test_every_style_stays_inside_the_safe_area_whatever_it_says(): void
    {
        $area = FrameShape::Upright->safeArea();
        foreach (Styles::cases() as $case) {
            $style = $case->style()->with(['appearMs' => 0]);
            foreach ([
                '{\pos(0,0)}{\an7} a\Nb {\fs400} WWWWWWWWWWWWWWWWWWWWWWWW incomprehensibilities',
                'Donaudampfschifffahrtsgesellschaftskapitän مصباح',
            ] as $said) {
                $cues = self::cues($said, $style);
                $boxes = Burner::boxes($cues, (new FrameGrid(30))->frameOf($cues[count($cues) - 1]->endMs));
                self::assertNotSame([], $boxes);
                foreach ($boxes as [$left, $right, $top, $bottom]) {
                    self::assertGreaterThanOrEqual($area->left * 1080, $left, $case->value);
                    self::assertLessThanOrEqual((1 - $area->left) * 1080, $right, $case->value);
                    self::assertGreaterThanOrEqual($area->top * 1920 - 1, $top, $case->value);
                    self::assertLessThanOrEqual((1 - $area->bottom) * 1920 + 1, $bottom, $case->value);
                }
            }
        }
    }

    /** @return array<string, array{string, string, string}> what is said, in which language, and by which face */
    public static function scripts(): array
    {
        return [
            'Greek' => ['Ο φάρος έσβησε', 'el', 'humanist'],
            'Cyrillic' => ['Маяк погас', 'ru', 'humanist'],
            'Arabic' => ['انطفأ المصباح', 'ar', 'arabic'],
            'Hebrew' => ['המגדלור כבה', 'he', 'hebrew'],
            'Devanagari' => ['दीपक बुझ गया', 'hi', 'humanist'],
            'Japanese' => ['灯台の火が消えた', 'ja', 'japanese'],
            'Chinese' => ['灯塔的光灭了', 'zh', 'chinese'],
            'Korean' => ['등대 불이 꺼졌다', 'ko', 'korean'],
            'Emoji' => ['😀 lamp', 'en', 'emoji'],
        ];
    }

    /** A face that lacks a character draws its empty box; a face that has all of them was chosen. */
    #[DataProvider('scripts')]
    public function test_every_script_is_drawn_by_a_face_that_has_it(string $said, string $language, string $face): void
    {
        $book = Burner::book();
        $cues = self::cues($said, CaptionStyle::of(face: 'narrow', case: 'written'), $language);
        $used = [];
        $drawn = '';
        foreach ($cues as $cue) {
            foreach ($cue->setting->pieces as $piece) {
                self::assertTrue($book->face($piece->type->face)->covers($piece->text), $piece->text);
                $used[$piece->type->face] = true;
                $drawn .= $piece->text;
            }
        }
        self::assertArrayHasKey($face, $used);
        $plain = static fn (string $text): string => (string) preg_replace('/\s+/u', '', $text);
        self::assertSame($plain($said), $plain($drawn));
        self::assertNotSame([], Burner::boxes($cues, 10));
        // With the faces at hand alone, as a page draws: libass tells of every character that it has not found.
        $told = Burner::burn($cues, 10, 'null', ['-f', 'null', '-'], false)->getErrorOutput();
        self::assertDoesNotMatchRegularExpression('/Glyph 0x(?!0 )[0-9A-F]+ not found/i', $told);
    }

    public function test_joined_arabic_letters_are_as_wide_as_harfbuzz_shapes_them(): void
    {
        foreach (['arabic'] as $id) {
            foreach (['انطفأ', 'المصباح', 'التاسعة', 'لا إله', 'بيت'] as $text) {
                $shaped = self::shaped(Burner::book()->file($id), $text);
                self::assertEqualsWithDelta(
                    $shaped, Burner::book()->face($id)->width($text), 0.03 * $shaped, "$id: $text",
                );
            }
        }
    }

    /** Within 1 % of HarfBuzz over a sentence, and 2 % a word, in the faces that stand in for these letters. */
    #[TestWith(['round', 'प्रकाशस्तंभ क्षत्रिय ज्ञान ट्रक कर्म धर्मात्मा विश्वविद्यालय'])]
    #[TestWith(['round', 'स्त्री राष्ट्र बच्चा जगत् पहुँच नहीं'])]
    #[TestWith(['handwritten', 'प्रकाशस्तंभ क्षत्रिय लड़की विश्वविद्यालय श्री द्वार हृदय जगत् दीपक'])]
    #[TestWith(['thai', 'เด็กหญิง เอื้อม ไม่ถึง โคมไฟ น้ำมัน'])]
    #[TestWith(['hebrew', 'הילדה לא הגיעה אל המנורה'])]
    #[TestWith(['humanist', 'Το κορίτσι δεν έφτανε τη λάμπα'])]
    #[TestWith(['humanist', 'Девочка не доставала до лампы'])]
    #[TestWith(['korean', '등대지기가 등불을 켰다'])]
    #[TestWith(['japanese', '少女はランプに 届かなかった。'])]
    #[TestWith(['chinese', '女孩够不到灯'])]
    public function test_letters_of_other_scripts_are_as_wide_as_harfbuzz_shapes_them(string $id, string $text): void
    {
        $all = $off = 0.0;
        foreach (explode(' ', $text) as $word) {
            $shaped = self::shaped(Burner::book()->file($id), $word);
            $width = Burner::book()->face($id)->width($word);
            self::assertEqualsWithDelta($shaped, $width, 0.02 * $shaped, "$id: $word");
            $all += $shaped;
            $off += abs($shaped - $width);
        }
        self::assertLessThanOrEqual(0.01 * $all, $off);
    }

    /**
     * Subtitles are best read at 160 to 180 words a minute (BBC Subtitle Guidelines, "Timing"; from memory), and adults
     * read 238 on average (Brysbaert 2019): what is said at the one is calm, what is said at twice the other is not.
     */
    public function test_the_pace_of_reading_is_told_as_published_guidance_has_it(): void
    {
        $said = explode(' ', 'The keeper wrote down every light that he saw in the bay that night and the ships below');
        foreach ([160 => false, 180 => false, 480 => true] as $wordsAMinute => $isHasty) {
            $each = intdiv(60_000, $wordsAMinute);
            $words = [];
            foreach ($said as $i => $word) {
                $words[] = new WordTiming($word, $i * $each, ($i + 1) * $each);
            }
            $hasty = array_filter(
                self::cues($words, CaptionStyle::of(words: 6, letters: 34)),
                static fn (Cue $cue): bool => $cue->isHasty(),
            );
            self::assertSame($isHasty, $hasty !== [], "$wordsAMinute words a minute");
        }
    }

    /**
     * A full stop or comma stands where a line goes on: on the left of what is read from the right, beside Latin words
     * too (Unicode Standard Annex #9, rule N2: neutrals take the direction of the paragraph).
     */
    public function test_marks_stand_on_the_left_of_words_that_are_read_from_the_right(): void
    {
        $style = CaptionStyle::of(size: 60, case: 'written', words: 1, outline: 0, shadow: 0, glow: 0);
        foreach ([['he', 'כבה.'], ['he', 'כבה,'], ['ar', 'المصباح.'], ['en', 'lamp.']] as [$language, $said]) {
            $side = $language === 'en' ? 'right' : 'left';
            self::assertSame($side, self::sideOfTheMark($said, $language, $style), $said);
        }
        // In a caption that is read from the right a Latin word keeps its letters, and its mark stands on their left.
        $cues = self::cues('כבה GPS.', CaptionStyle::of(
            size: 60, case: 'written', words: 2, letters: 40, lines: 1, outline: 0, shadow: 0, glow: 0,
        ), 'he');
        $pixels = self::pixels($cues);
        $word = $cues[0]->setting->pieces[1];
        self::assertSame('left', self::side($pixels, $word->box->x - $word->box->width / 2 - 8,
            $word->box->x + $word->box->width / 2 + 8));
    }

    private static function sideOfTheMark(string $said, string $language, CaptionStyle $style): string
    {
        return self::side(self::pixels(self::cues($said, $style, $language)), 0, 1_079);
    }

    /** @param  list<Cue>  $cues */
    private static function pixels(array $cues): string
    {
        return Burner::burn($cues, 6, 'format=gray', ['-frames:v', '1', '-f', 'rawvideo', '-'])->getOutput();
    }

    /** On which side of letters a mark stands: there what is drawn is lower than at the other end. */
    private static function side(string $pixels, float $from, float $until): string
    {
        $heights = [];
        for ($x = (int) $from; $x <= (int) $until; $x++) {
            $rows = [];
            for ($y = 0; $y < 1920; $y++) {
                if (ord($pixels[1080 * $y + $x]) > 96) {
                    $rows[] = $y;
                }
            }
            if ($rows !== []) {
                $heights[] = max($rows) - min($rows) + 1;
            }
        }
        [$left, $right] = [max(array_slice($heights, 0, 8)), max(array_slice($heights, -8))];

        return $left < $right ? 'left' : 'right';
    }

    public function test_words_read_from_the_right_stand_from_the_right(): void
    {
        $style = CaptionStyle::of(size: 40, case: 'written', words: 4, letters: 60, lines: 1);
        foreach (['he' => 'המגדלור כבה בלילה', 'ar' => 'انطفأ المصباح الليلة'] as $language => $said) {
            $pieces = self::cues($said, $style, $language)[0]->setting->pieces;
            self::assertGreaterThan($pieces[1]->box->x, $pieces[0]->box->x);
            self::assertGreaterThan($pieces[2]->box->x, $pieces[1]->box->x);
        }
        $mixed = self::cues('המגדלור Calder Ness כבה', $style, 'he')[0]->setting->pieces;
        self::assertGreaterThan($mixed[1]->box->x, $mixed[2]->box->x, 'Latin words keep their own order');
        self::assertGreaterThan($mixed[2]->box->x, $mixed[0]->box->x);
    }
}
