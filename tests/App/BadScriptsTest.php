<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Models\Short;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use ZipArchive;

/** Whatever is brought in gets a clear answer, and nothing is lost. */
final class BadScriptsTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function bring(string $name, string $contents): TestResponse
    {
        return $this->post('/intake/files', [
            'files' => [UploadedFile::fake()->createWithContent($name, $contents)],
        ])->assertOk();
    }

    /** @param  array<string, string>  $files */
    private static function zip(array $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($files as $name => $text) {
            $zip->addFromString($name, $text);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return array<string, array{string, string, string}> */
    public static function refused(): array
    {
        return [
            'random bytes' => ['a.txt', random_bytes(20_000), 'is not a text file'],
            'no ZIP at all' => ['a.zip', 'PK not really', 'is not a ZIP that can be opened'],
            'a ZIP without scripts' => [
                'a.zip',
                self::zip(['x.png' => 'x', '__MACOSX/a.txt' => 'x', '.hidden.txt' => 'x']),
                'holds no script',
            ],
            'a ZIP that grows' => [
                'a.zip',
                self::zip(['a.txt' => str_repeat('lamp ', 600_000)]),
                'more text than fits in one batch (2 MB)',
            ],
            'five thousand rows' => [
                'a.csv',
                "script\n".str_repeat("The lamp went out.\n", 5_000),
                '“a.csv” has 5,000 scripts; a batch takes at most 500',
            ],
        ];
    }

    #[DataProvider('refused')]
    public function test_a_file_that_cannot_be_used_is_told_why(string $name, string $contents, string $why): void
    {
        self::assertStringContainsString($why, $this->bring($name, $contents)['problems'][0]);
    }

    /** @return array<string, array{string, bool, string}> */
    public static function texts(): array
    {
        return [
            'one line of nearly 2 MB' => [str_repeat('lamp ', 400_000), false, 'This script has'],
            'one word of 300 kB' => [str_repeat('lamp', 75_000), false, 'This script has'],
            'ten thousand blank lines' => [
                str_repeat("\n", 10_000).'The lamp went out.'.str_repeat("\n", 10_000),
                true,
                'The lamp went out.',
            ],
            'brackets never closed' => [str_repeat('[(', 400).'The lamp went out.', true, 'The lamp went out.'],
            'right to left' => ["عادت السفينة إلى الميناء.\n[موسيقى]\nلم يأت أحد.", true, 'عادت السفينة'],
            'a letter alone' => ['A', true, 'A'],
            'broken UTF-8' => ["The lamp \xC3\x28 went out.", true, 'went out.'],
        ];
    }

    #[DataProvider('texts')]
    public function test_a_rough_text_gets_an_answer(string $text, bool $usable, string $says): void
    {
        // A broken byte cannot travel as JSON; as a form it can.
        $answer = $this->post('/intake/preview', ['text' => $text], ['Accept' => 'application/json'])->assertOk();

        self::assertSame($usable, $answer['usable']);
        self::assertStringContainsString($says, $answer['html']);
    }

    public function test_text_beyond_the_limit_is_refused_and_stays_where_it_was(): void
    {
        $this->postJson('/intake/preview', ['text' => str_repeat('lamp ', 500_000)])
            ->assertStatus(422)
            ->assertJsonPath('message', 'That is more text than fits in one batch (2 MB). Split it.');
        $this->postJson('/intake/preview', ['text' => implode("\n---\n", array_fill(0, 501, 'One lamp.'))])
            ->assertStatus(422)
            ->assertJsonPath('message', '501 scripts are too many for one batch; at most 500 go into one.');
    }

    public function test_formulas_in_cells_are_spoken_text_and_run_in_no_spreadsheet(): void
    {
        Queue::fake();
        $text = $this->bring(
            'a.csv',
            "title,script,tags\n\"=1+1\",\"=SUM(A1) is what he wrote. +2 is what he got. @keeper knew.\",-x\n",
        )['text'];
        $this->post('/batches', [
            'voice' => 'aldous',
            'profile' => 'upto-60',
            'quality' => 'draft',
            'text' => $text,
            'later' => 1,
        ])->assertRedirect();

        $short = Short::query()->firstOrFail();
        self::assertStringStartsWith('=SUM(A1) is what he wrote.', $short->scenes[0]->text);
        $csv = $this->get("/shorts/{$short->id}/briefs.csv")->assertOk()->getContent();
        self::assertDoesNotMatchRegularExpression('/(?:^|,|")[=+@-]/m', (string) $csv);
    }

    public function test_a_zip_of_folders_is_read_in_the_order_of_its_names(): void
    {
        $answer = $this->bring(
            'pile.zip',
            self::zip([
                'b/10.md' => '# Ten',
                'b/10.txt' => 'Ten lamps.',
                'b/2.txt' => 'Two lamps.',
                'a.srt' => "1\n00:00:01,000 --> 00:00:02,000\nA lamp.\n",
                'z.csv' => "script\nLast lamp.\n",
            ]),
        );

        self::assertSame([], $answer['problems']);
        self::assertSame(5, $answer['scripts']);
        self::assertMatchesRegularExpression(
            '/A lamp\..*Two lamps\..*# Ten.*Ten lamps\..*Last lamp\./s',
            $answer['text'],
        );
    }

    public function test_a_windows_file_and_a_utf_16_file_keep_their_marks(): void
    {
        $text = 'Die Möwe rief „Höchste Zeit“ – für 5 €…';

        self::assertSame(
            $text,
            $this->bring('a.txt', (string) mb_convert_encoding($text, 'Windows-1252', 'UTF-8'))['text'],
        );
        self::assertSame(
            $text,
            $this->bring('a.txt', "\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'))['text'],
        );
    }
}
