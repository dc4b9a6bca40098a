<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Translating\TranslationDesk;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Planning\ShortShelves;
use App\Media\Process\Unwatched;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\TestWith;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\Xliff;

/** The sentences of a short go to a translator and come back as a script. */
final class TranslationTest extends AppTestCase
{
    private Short $short;

    protected function setUp(): void
    {
        parent::setUp();
        $this->short = $this->made("# The lamp\n\nThe lamp is lit. Nobody sees it.\n\nA boat comes in.")->shorts[0];
    }

    private static function file(string $content): string
    {
        file_put_contents($file = TEST_PLACE.'/back.xlf', $content);

        return $file;
    }

    /** @return array{int, array<string, mixed>} */
    private function reads(string $content, string ...$more): array
    {
        $status = Artisan::call('reel:xliff', [
            'id' => (string) $this->short->id, '--to' => 'de', '--read' => self::file($content), ...$more,
        ]);

        return [$status, (array) json_decode(Artisan::output(), true)];
    }

    /** @param  array<string, string>  $targets */
    private function translated(array $targets): string
    {
        $sent = app(TranslationDesk::class)->of($this->short, 'de');

        return Xliff::write(new Translation($sent->original, 'en', 'de', $sent->units, $targets));
    }

    public function test_a_short_goes_out_and_comes_back_as_a_script(): void
    {
        Artisan::call('reel:xliff', ['id' => (string) $this->short->id, '--to' => 'de']);
        $ids = array_keys(Xliff::read(Artisan::output())->units);
        self::assertSame('title', $ids[0]);
        self::assertSame('s1.1', $ids[1]);
        self::assertCount(4, $ids);

        $said = ['Die Lampe brennt', 'Die Lampe brennt.', 'Niemand sieht sie.', 'Ein Boot läuft ein.'];
        [$status, $answer] = $this->reads(
            $this->translated(array_combine($ids, $said)), ...['--script' => $script = TEST_PLACE.'/back.md'],
        );
        self::assertSame([0, 4, 4, []], [$status, $answer['sentences'], $answer['taken'], $answer['findings']]);
        $text = (string) file_get_contents($script);
        self::assertStringStartsWith("# Die Lampe brennt\n\nDie Lampe brennt.", $text);
        self::assertStringEndsWith("Ein Boot läuft ein.\n", $text);
        $german = $this->made($text)->shorts[0];
        self::assertSame('Die Lampe brennt', $german->title);
    }

    public function test_half_of_it_is_told_and_the_rest_taken(): void
    {
        [$status, $answer] = $this->reads($this->translated(['s1.1' => 'Die Lampe brennt.']));

        self::assertSame(10, $status);
        self::assertSame(1, $answer['taken']);
        self::assertCount(3, $answer['findings']);
    }

    public function test_sentences_have_the_seconds_of_their_scenes_once_they_are_spoken(): void
    {
        $this->library();
        $this->short->update(['problem' => null]);
        app(ShortPlanner::class)->plan($this->short, app(ShortShelves::class)->of($this->short), new Unwatched);
        $units = app(TranslationDesk::class)->of($this->short->refresh(), 'de')->units;
        self::assertNull($units[0]->seconds, 'the title is not spoken');
        $seconds = array_sum(array_column($units, 'seconds'));
        self::assertEqualsWithDelta($this->short->cutSummary()->times->durationMs / 1000, $seconds, 0.3);
    }

    #[TestWith(['xx!', 'named by its tag'])]
    #[TestWith(['', 'named by its tag'])]
    #[TestWith(['en-GB', 'in English already'])]
    public function test_a_language_that_is_none_is_told(string $to, string $said): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($said);
        app(TranslationDesk::class)->of($this->short, $to);
    }

    public function test_what_is_no_translation_is_refused_and_nothing_is_written(): void
    {
        $script = TEST_PLACE.'/none.md';
        foreach (['<!DOCTYPE x SYSTEM "file:///etc/passwd"><xliff/>', "number,text\n1,x\n", '', '<xliff'] as $bad) {
            try {
                app(TranslationDesk::class)->read($bad);
                self::fail($bad);
            } catch (Refusal $problem) {
                self::assertNotSame('', $problem->getMessage());
            }
        }
        $typed = $this->console(
            'reel:xliff', (string) $this->short->id, '--to=de', '--read='.self::file('<xliff'), "--script=$script",
        );
        self::assertSame(1, $typed->getExitCode());
        self::assertStringContainsString('That is no XML', $typed->getErrorOutput());
        self::assertFileDoesNotExist($script);
    }
}
