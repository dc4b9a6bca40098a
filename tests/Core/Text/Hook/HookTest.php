<?php

declare(strict_types=1);

namespace Tests\Core\Text\Hook;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Hook\Filler;
use RapidReel\Text\Hook\HookCandidates;
use RapidReel\Text\Hook\HookFinding;
use RapidReel\Text\Hook\HookReview;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Voice\Speech\SpeechRate;

/** What holds a viewer: common practice, no published source. */
final class HookTest extends TestCase
{
    /** @return array<string, string> message by code */
    private static function findings(string $hook, int $ms = 2_000): array
    {
        $findings = HookReview::of($hook, $ms, 3_000, 'Lamplight Log');

        return array_combine(
            array_map(static fn (HookFinding $one): string => $one->code, $findings),
            array_map(static fn (HookFinding $one): string => $one->message, $findings),
        );
    }

    /** @return array<string, array{string, string}> */
    public static function hooks(): array
    {
        return [
            'a greeting' => ['Welcome back to my channel! Nine ships sank.', 'filler'],
            'an announcement' => ['In this video we look at nine ships.', 'filler'],
            'an announcement for today' => ['Today I am going to show you nine ships.', 'filler'],
            'a bare welcome' => ['Welcome! Nine ships sank.', 'filler'],
            'the name of the channel' => ['Lamplight Log here, with nine ships.', 'filler'],
            'a pronoun without its noun' => ['He lied to nine ships.', 'pronoun'],
            'a word nobody can picture' => ['The concept was a success.', 'abstract'],
            'a plain statement' => ['The lamp stood on the pier.', 'plain'],
            'a question' => ['Who put out the lamp?', 'question'],
            'a number' => ['Nine ships sank in the bay.', 'number'],
            'a contrast' => ['The lamp burned for nobody, but one boat saw it.', 'contrast'],
            'what if' => ['What if the lamp had gone out?', 'what-if'],
            'a dare' => ['Never row out on a Friday.', 'dare'],
            'a gap' => ['Nobody knew why the bell rang.', 'gap'],
            'a mistake' => ['One mistake saved the whole harbour.', 'mistake'],
        ];
    }

    #[DataProvider('hooks')]
    public function test_a_hook_is_told_what_speaks_for_it_and_against(string $hook, string $code): void
    {
        self::assertArrayHasKey($code, self::findings($hook));
    }

    public function test_a_good_hook_is_not_told_what_it_has_not(): void
    {
        self::assertSame(
            [],
            array_intersect(
                ['filler', 'pronoun', 'abstract', 'plain', 'wordy', 'late'],
                array_keys(self::findings('For eleven years, one lighthouse guided no ships at all.')),
            ),
        );
        self::assertArrayNotHasKey('pronoun', self::findings('It took nine men to lift the bell.'));
        self::assertArrayNotHasKey('filler', self::findings('Welcome bells rang nine times.'));
        self::assertArrayNotHasKey('filler', self::findings('Today the bell rang nine times.'));
    }

    public function test_the_window_is_held_against_the_seconds(): void
    {
        self::assertStringContainsString(
            '4.2 s to say; viewers give it 3.0 s',
            self::findings('Nine ships sank.', 4_200)['late'],
        );
        self::assertStringContainsString('2.0 s of 3.0', self::findings('Nine ships sank.')['in-time']);
    }

    public function test_a_greeting_is_taken_off_and_the_rest_begins_with_a_capital(): void
    {
        self::assertSame(
            'Welcome back to Lamplight Log!',
            Filler::before('Welcome back to Lamplight Log! Nine ships sank.'),
        );
        self::assertSame('Nine ships sank.', Filler::off('Hey guys, welcome back. Nine ships sank.'));
        self::assertSame('', Filler::before('Nine ships sank.'));
    }

    public function test_a_script_offers_its_title_itself_without_greeting_and_its_strongest_sentence(): void
    {
        $scenes = (new SceneSplitter())->split(
            (new ScriptReader())->read(
                'Hello friends, the lamp went out. Nine ships saw the lamp go out, but nobody knew why. It rained. The '
                    .'keeper of the lamp slept.',
            ),
        );
        $others = HookCandidates::of('The lamp that slept', $scenes, SpeechRate::common(), 3_000);

        self::assertSame('The lamp that slept.', $others['title']);
        self::assertSame('The lamp went out.', $others['without-filler']);
        self::assertSame('Nine ships saw the lamp go out, but nobody knew why.', $others['sentence']);
        self::assertSame(
            [],
            HookCandidates::of(
                'The lamp went out',
                (new SceneSplitter())->split((new ScriptReader())->read('The lamp went out.')),
                SpeechRate::common(),
                3_000,
            ),
            'nothing that is the hook already',
        );
    }
}
