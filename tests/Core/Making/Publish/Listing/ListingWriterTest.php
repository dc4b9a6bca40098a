<?php

declare(strict_types=1);

namespace Tests\Core\Making\Publish\Listing;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\TargetTexts;
use RapidReel\Making\Publish\Listing\Listing;
use RapidReel\Making\Publish\Listing\ListingCheck;
use RapidReel\Making\Publish\Listing\ListingFacts;
use RapidReel\Making\Publish\Listing\ListingPattern;
use RapidReel\Making\Publish\Listing\ListingWriter;

final class ListingWriterTest extends TestCase
{
    private static function facts(string $standing = ''): ListingFacts
    {
        return new ListingFacts('The lamp of Orrin Point', [
            'Nobody lit this lamp for ninety years.', 'Then a girl of nine climbed the stairs. She had a candle.',
            'The harbour saw it at once.', 'And that is why the bell rings twice.',
        ], ['lamp', 'Lighthouse', 'lamp', 'a tag that is much too long for any outlet at all'], 'en', 'Lamplight Log',
            'Bells', 7, $standing);
    }

    private static function write(TargetTexts $limits, string $title = '{hook}', string $standing = ''): Listing
    {
        return (new ListingWriter(
            new ListingPattern($title), new ListingPattern('{beats} / {standing}'),
        ))->write(self::facts($standing), $limits);
    }

    public function test_a_title_is_the_hook_cut_at_a_word_without_trailing_dots(): void
    {
        self::assertSame('Nobody lit this lamp for ninety years', self::write(new TargetTexts)->title);
        self::assertSame('Nobody lit this lamp', self::write(new TargetTexts(title: 22))->title);
        self::assertSame('Nobody', self::write(new TargetTexts(title: 8))->title);
        self::assertSame('No', self::write(new TargetTexts(title: 2))->title);
    }

    #[TestWith(['Who rang it? Nobody knows.', 12, 'Who rang it?'])]
    #[TestWith(['It burned… and then', 11, 'It burned'])]
    #[TestWith(['It burned, and then', 10, 'It burned'])]
    #[TestWith(["One\n two", 20, 'One two'])]
    #[TestWith(['Wie schön leuchtet', 10, 'Wie schön'])]
    public function test_titles_end_as_titles_do(string $text, int $most, string $title): void
    {
        self::assertSame($title, ListingWriter::title($text, $most));
    }

    public function test_a_letter_of_many_signs_is_one_and_stays_whole(): void
    {
        $family = "\u{1F468}\u{200D}\u{1F469}\u{200D}\u{1F467}";
        self::assertSame("$family$family", ListingWriter::cut("$family$family$family", 2));
        self::assertSame("e\u{0301}e\u{0301}", ListingWriter::cut("e\u{0301}e\u{0301}e\u{0301}", 2));
    }

    public function test_a_description_is_of_the_first_beats_and_standing_lines_stay_whole(): void
    {
        $standing = 'New ones every evening.';
        self::assertSame(
            "Then a girl of nine climbed the stairs. She had a candle. The harbour saw it at once.\n$standing",
            self::write(new TargetTexts, standing: $standing)->description,
        );
        self::assertSame(
            "Then a girl of nine climbed the stairs. She had a candle.\n$standing",
            self::write(new TargetTexts(description: 84), standing: $standing)->description,
        );
    }

    public function test_tags_are_each_there_once_and_within_what_is_taken(): void
    {
        self::assertSame(['lamp', 'Lighthouse'], self::write(new TargetTexts)->tags);
        self::assertSame(['lamp'], self::write(new TargetTexts(tags: 1))->tags);
    }

    public function test_fields_are_filled_in_and_unknown_ones_told(): void
    {
        self::assertSame(
            'Lamplight Log 7: The lamp of Orrin Point',
            self::write(new TargetTexts, '{channel} {number}: {title}')->title,
        );
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('Nothing is filled in for {views}');
        new ListingPattern('{views}');
    }

    public function test_what_is_typed_counts_before_what_is_proposed_and_is_held_against_the_limits(): void
    {
        $own = self::write(new TargetTexts)->with(['title' => str_repeat('x', 101), 'tags' => '#one, two;one']);
        self::assertSame(['one', 'two'], $own->tags);
        self::assertSame(
            ['title' => '101 letters of at most 100'], ListingCheck::problems($own, new TargetTexts),
        );
        self::assertEquals([
            'title' => 'a title is missing', 'tags' => '2 tags of at most 1',
            'language' => 'a language is written as en, de or pt-BR',
        ], ListingCheck::problems($own->with(['title' => ' ', 'language' => 'English']), new TargetTexts(tags: 1)));
    }
}
