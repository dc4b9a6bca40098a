<?php

declare(strict_types=1);

namespace Tests\Core\Text\Script;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptRun;
use RapidReel\Text\Script\UnusableScript;

/** What must not be spoken: common practice, no published source. */
final class ScriptReaderTest extends TestCase
{
    /** @return array<string, array{string, string}> */
    public static function scripts(): array
    {
        return [
            'a bracketed note' => [
                "The lamp [music: slow] went out.\nNobody came.",
                "The lamp went out.\nNobody came.",
            ],
            'a note over two lines' => ["Before [a note\nthat goes on] after.", 'Before after.'],
            'a bracket never closed' => ['The lamp [went out at nine.', 'The lamp [went out at nine.'],
            'curly directions' => ['The lamp {\pos(0,0)} went out.', 'The lamp went out.'],
            'a camera direction in round brackets' => ['The lamp (zoom in) went out.', 'The lamp went out.'],
            'an aside in round brackets is spoken' => [
                'The lamp (nobody knew why) went out.',
                'The lamp (nobody knew why) went out.',
            ],
            'a round bracket alone on a line' => ["(the pier at dawn)\nHe waited.", 'He waited.'],
            'a known speaker' => ['NARRATOR: The lamp went out.', 'The lamp went out.'],
            'a speaker with an aside' => ['Host (softly): The lamp went out.', 'The lamp went out.'],
            'a name that speaks twice' => ["Ada: I saw it.\nAda: It was gone.", "I saw it.\nIt was gone."],
            'a word before a colon once is speech' => ['Remember: the lamp went out.', 'Remember: the lamp went out.'],
            'section labels' => [
                "HOOK\nThe lamp went out.\nScene 2: Nobody came.\n## Close\nFollow us.",
                "The lamp went out.\nNobody came.\n\nFollow us.",
            ],
            'timings' => ["0:03 - 0:05 The lamp went out.\n[00:10] Nobody came.", "The lamp went out.\nNobody came."],
            'emoji with joiners and skin tones' => ['The lamp 👩🏽‍🚀 went out 😀🔥.', 'The lamp went out.'],
            'emphasis marks' => ['The lamp went **out** at *nine*.', 'The lamp went out at nine.'],
            'bullets' => ["- The lamp went out.\n- Nobody came.", "The lamp went out.\nNobody came."],
            'signs of plain text stay' => [
                'It cost £3,400 & 14.5 % of © 2020 — “all” of it…',
                'It cost £3,400 & 14.5 % of © 2020 — “all” of it…',
            ],
            'a shouted sentence is spoken' => ['THE LAMP WENT OUT!', 'THE LAMP WENT OUT!'],
            'another script of the world' => ['أضاء المصباح عند الغروب.', 'أضاء المصباح عند الغروب.'],
            'markup of a web page is text' => [
                'He wrote <script>alert(1)</script> on it.',
                'He wrote <script>alert(1)</script> on it.',
            ],
        ];
    }

    #[DataProvider('scripts')]
    public function test_it_tells_what_is_spoken(string $script, string $spoken): void
    {
        self::assertSame($spoken, (new ScriptReader)->read($script)->spoken());
    }

    #[DataProvider('scripts')]
    public function test_no_word_of_the_source_is_lost(string $script): void
    {
        $read = (new ScriptReader())->read($script);
        $kept = implode(
            '',
            array_map(
                static fn (array $runs): string => implode(
                    '',
                    array_map(static fn (ScriptRun $run): string => $run->text, $runs),
                ),
                $read->lines,
            ),
        );
        $bare = static fn (string $text): string => (string) preg_replace('/\s+/u', '', $text);

        self::assertSame($bare($script), $bare($kept));
    }

    public function test_the_title_is_the_heading_or_the_first_words(): void
    {
        $reader = new ScriptReader;

        self::assertSame('The lamp', $reader->read("# The lamp\n\nIt went out.")->title);
        self::assertSame('What if a bell could ring?', $reader->read("HOOK\nWhat if a bell could ring? Yes.")->title);
        self::assertSame('Given', $reader->read("# Other\nIt went out.", 'Given')->title);
    }

    public function test_a_note_says_why_it_is_one(): void
    {
        $kinds = [];
        foreach ((new ScriptReader)->read("# Title\nHost: Hello [wave] there.")->lines as $runs) {
            foreach ($runs as $run) {
                $kinds[] = $run->kind;
            }
        }

        self::assertSame(
            [RunKind::Heading, RunKind::Speaker, RunKind::Spoken, RunKind::Direction, RunKind::Spoken],
            $kinds,
        );
    }

    /** @return array<string, array{string, string}> */
    public static function unusable(): array
    {
        return [
            'nothing' => ['', 'empty'],
            'white space' => [" \n\t\n ", 'empty'],
            'only notes' => ["# A title\n[music]\n(pause)", 'Nothing in this script is spoken'],
            'only signs' => ['… — !!! 😀', 'Nothing in this script is spoken'],
            'twenty thousand words' => [str_repeat('lamp ', 20_000), '20,000 words'],
        ];
    }

    #[DataProvider('unusable')]
    public function test_a_script_that_cannot_be_used_is_refused_in_plain_words(string $script, string $why): void
    {
        $this->expectException(UnusableScript::class);
        $this->expectExceptionMessage($why);
        (new ScriptReader)->read($script);
    }
}
