<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;

/** What comes along when scripts are copied from elsewhere: common practice, no published source. */
final class CleanupTest extends TestCase
{
    private const PAGE = <<<'PAGE'
        Home
        News
        Harbour
        Contact
        The lamp that never failed
        By Mara Quill
        Published on 3 March 2026
        The lamp at Orrin Head was lit in 1831, and it has not gone out since.
        Photo: the old lantern
        Keepers carried the oil up two hundred steps each evening.
        Share this article
        Read more
        We use cookies to improve your experience.
        Sign up for our newsletter
        Related articles
        How to bake harbour bread
        The gull that stole a watch
        © 2026 Orrin Herald
        PAGE;

    public function test_the_furniture_of_a_copied_page_is_not_spoken(): void
    {
        $script = (new ScriptReader)->read(self::PAGE);

        self::assertSame(
            "The lamp at Orrin Head was lit in 1831, and it has not gone out since.\n\nKeepers carried the oil up two "
                .'hundred steps each evening.',
            $script->spoken(),
        );
        self::assertSame('The lamp that never failed', $script->title);
    }

    /** @return array<string, array{string, RunKind}> */
    public static function notes(): array
    {
        return [
            'a link' => ['The lamp https://example.org/lamp went out.', RunKind::Link],
            'a hashtag at the end' => ['The lamp went out. #lamp', RunKind::Hashtag],
            'a music cue' => ["[music: low strings]\nThe lamp went out.", RunKind::Music],
            'a scene number' => ["Scene 3\nThe lamp went out.", RunKind::Heading],
            'a time' => ['(0:12) The lamp went out.', RunKind::Timing],
            'a speaker' => ['NARRATOR: The lamp went out.', RunKind::Speaker],
            'a camera note in curly brackets' => ['{close-up} The lamp went out.', RunKind::Direction],
            'a field of production' => ["Tone: warm, slow\nThe lamp went out.", RunKind::Field],
            'a field of pictures' => ["Image prompt: a dark tower\nThe lamp went out.", RunKind::Picture],
            'a cell of a table' => [
                "| Visual | Narration |\n|---|---|\n| a dark tower | The lamp went out. |", RunKind::Picture,
            ],
            'a writer\'s remark' => ["Here's a short script for you:\nThe lamp went out.", RunKind::Remark],
            'a line of what happens in a screenplay' => [
                "INT. TOWER - NIGHT\n\nIt is dark.\n\nEDDA\nThe lamp went out.\n\nCUT TO:", RunKind::Picture,
            ],
            'a fact of a head' => ["---\nslug: lamp\n---\nThe lamp went out.", RunKind::Field],
            'a way to a link' => ["The lamp went out.\nRead more at https://example.org #lamp", RunKind::Furniture],
        ];
    }

    #[DataProvider('notes')]
    public function test_every_note_says_why_it_is_not_spoken_and_comes_back_by_one_press(
        string $text,
        RunKind $kind,
    ): void {
        $script = (new ScriptReader())->read($text);
        self::assertSame('The lamp went out.', $script->spoken());
        self::assertArrayHasKey($kind->value, $script->noteCounts());

        foreach ($script->lines as $line => $runs) {
            foreach ($runs as $at => $run) {
                if ($run->kind === $kind) {
                    $again = (new ScriptReader())->read((string) $script->saying($line, $at));
                    self::assertSame(
                        ($script->noteCounts()[$kind->value] ?? 0) - 1,
                        $again->noteCounts()[$kind->value] ?? 0,
                    );
                    self::assertGreaterThan(strlen($script->spoken()), strlen($again->spoken()));

                    return;
                }
            }
        }
    }

    /** @return array<string, array{string, string}> */
    public static function pictures(): array
    {
        return [
            'a field' => ["Visual: a dark tower\nThe lamp went out.", 'a dark tower'],
            'a field in bold' => ["**Image prompt 2:** a dark tower\nThe lamp went out.", 'a dark tower'],
            'a field in another language' => ["Bild: ein dunkler Turm\nDas Licht ging aus.", 'ein dunkler Turm'],
            'a column' => ["| Visual | Voice |\n|---|---|\n| a dark tower | The lamp went out. |", 'a dark tower'],
            'a bracket' => ['The lamp went out. [Show: a dark tower]', 'a dark tower'],
        ];
    }

    #[DataProvider('pictures')]
    public function test_what_is_to_be_seen_becomes_the_brief_of_its_scene(string $text, string $picture): void
    {
        $script = (new ScriptReader)->read($text);
        $notes = $script->notes([new Scene(SceneRole::Hook, $script->spoken())]);

        self::assertContains($picture, array_map(static fn (ScriptNote $note): ?string => $note->picture(), $notes));
    }

    public function test_there_is_nothing_to_bring_back_in_what_is_spoken(): void
    {
        self::assertNull((new ScriptReader)->read('The lamp went out.')->saying(0, 0));
        self::assertNull((new ScriptReader)->read('The lamp went out.')->saying(7, 3));
    }

    public function test_a_script_of_its_own_is_left_alone(): void
    {
        $text =
            "Follow the light.\nBy night it burned, by day it slept.\nShare it with a keeper.\nMore than one ship was "
                ."saved.\nSave this one.";

        self::assertSame($text, (new ScriptReader)->read($text)->spoken());
    }

    /** @return array<string, array{string}> */
    public static function rough(): array
    {
        return [
            'nested brackets never closed' => [str_repeat('[', 2_000).' The lamp went out. '.str_repeat('(', 2_000)],
            'ten thousand blank lines' => ["The lamp\n".str_repeat("\n \n", 5_000).'went out.'],
            'right to left' => ['السفينة [موسيقى] عادت إلى الميناء.'],
        ];
    }

    #[DataProvider('rough')]
    public function test_rough_text_is_read_and_nothing_of_it_is_lost(string $text): void
    {
        $kept = '';
        foreach ((new ScriptReader)->read($text)->lines as $runs) {
            foreach ($runs as $run) {
                $kept .= $run->text;
            }
        }
        self::assertSame(preg_replace('/\s+/u', '', $text), preg_replace('/\s+/u', '', $kept));
    }
}
