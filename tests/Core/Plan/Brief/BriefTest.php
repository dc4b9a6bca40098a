<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Brief;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Plan\Brief\Brief;
use RapidReel\Plan\Brief\BriefList;
use RapidReel\Plan\Brief\BriefWriter;
use RapidReel\Plan\Brief\Figures;
use RapidReel\Plan\Brief\ShotWords;
use RapidReel\Plan\Brief\Subject;

final class BriefTest extends TestCase
{
    /** @return list<Brief> */
    private static function briefs(): array
    {
        return (new BriefWriter('lighthouse', 'ink and lamplight.', ['Josse Arden'], views: []))->write([
            new ShotWords(0, 0, 'And the old lighthouse on the cliff,', '', 0, 1_500),
            new ShotWords(0, 1, 'it was a mystery.', '', 1_500, 3_000),
            new ShotWords(1, 0, '“Josse Arden climbed the stairs', '', 3_000, 5_000),
            new ShotWords(2, 0, 'Nobody came.', 'slow push on the empty pier', 5_000, 6_000),
        ]);
    }

    public function test_a_brief_shows_the_words_said_with_the_subject_where_vague_and_the_style_at_its_end(): void
    {
        self::assertSame([
            'the old lighthouse on the cliff, ink and lamplight',
            'lighthouse, it was a mystery, ink and lamplight',
            'Josse Arden climbing the stairs, ink and lamplight',
            'slow push on the empty pier, ink and lamplight',
        ], array_map(static fn (Brief $brief): string => $brief->text, self::briefs()));
    }

    public function test_words_that_the_channel_forbids_are_flagged(): void
    {
        self::assertSame(
            [[], [], ['Josse Arden'], []],
            array_map(static fn (Brief $brief): array => $brief->forbidden, self::briefs()),
        );
    }

    public function test_they_go_out_one_a_line_with_none_missing(): void
    {
        self::assertSame(4, substr_count(BriefList::plain(self::briefs()), "\n"));
        $lines = explode("\r\n", trim(BriefList::csv(self::briefs())));
        self::assertCount(5, $lines);
        self::assertStringStartsWith('01,1,1,0,1.5,', $lines[1]);
        self::assertStringStartsWith('04,3,1,5,6,', $lines[4]);
    }

    public function test_the_subject_is_what_title_and_text_have_most_in_common(): void
    {
        self::assertSame(
            'bell',
            Subject::of('The bell under the bay', 'The bell fell into the water. Fishermen heard the bell ring.'),
        );
        self::assertSame('', Subject::of('Why?', 'It was.'));
    }

    /**
     * @param  list<string>  $sentences  a scene each
     * @return list<string> a brief for every six words
     */
    private static function of(array $sentences, Figures $figures = new Figures, string $subject = 'lamp'): array
    {
        $shots = [];
        foreach ($sentences as $scene => $sentence) {
            foreach (array_chunk(explode(' ', $sentence), 6) as $shot => $words) {
                $shots[] = new ShotWords($scene, $shot, implode(' ', $words), '', 0, 1_000, $sentence);
            }
        }

        return array_map(
            static fn (Brief $brief): string => $brief->text,
            (new BriefWriter($subject, figures: $figures))->write($shots),
        );
    }

    public function test_a_brief_names_who_does_what_and_where_out_of_the_whole_sentence(): void
    {
        $briefs = self::of(['The harbour at Calder Ness had silted up, and the last steamer left for town.']);

        self::assertSame('Wide view: the harbour at Calder Ness silting up', $briefs[0]);
        self::assertStringStartsWith('From behind: the last steamer leaving', $briefs[2]);
    }

    public function test_a_pronoun_is_told_as_what_it_stands_for(): void
    {
        $briefs = self::of([
            'Ada Fenn lived alone in the tower.',
            'Her father rowed to town.',
            'Then she climbed the stairs.',
        ]);

        self::assertSame('Wide view: Ada Fenn climbing the stairs', $briefs[3] ?? end($briefs));
    }

    /** @param  list<string>  $shown  by sentence */
    #[DataProvider('stories')]
    public function test_who_and_where_are_told_only_where_they_are_certain(string $story, array $shown): void
    {
        $sentences = preg_split('/(?<=\.) /', $story) ?: [];
        $shots = array_map(
            static fn (string $one, int $i): ShotWords => new ShotWords($i, 0, $one, '', 0, 1_000, $one),
            $sentences,
            array_keys($sentences),
        );
        self::assertSame($shown, array_map(
            static fn (Brief $brief): string => $brief->text,
            (new BriefWriter('', views: []))->write($shots),
        ));
    }

    /** @return array<string, array{string, list<string>}> */
    public static function stories(): array
    {
        return [
            'a boat is no person, whatever is in its name' => [
                'The pilot boat Merganser left the quay. She was painting the hull herself.',
                ['the pilot boat Merganser leaving the quay', 'She was painting the hull herself'],
            ],
            'one of two men' => [
                'The keeper climbed the tower. The inspector followed him. He counted the steps.',
                ['the keeper climbing the tower', 'the inspector following him', 'He counted the steps'],
            ],
            'a man and a woman' => [
                'Anna Brandt lit the lamp. Her brother Joss rowed out. She wrote a letter. He found a bottle.',
                ['Anna Brandt lighting the lamp', 'her brother Joss rowing out', 'Anna Brandt writing a letter',
                    'her brother Joss finding a bottle'],
            ],
            'two who do the same' => [
                'A fisherman and his wife found a bottle on the beach. She broke it open.',
                ['a fisherman and his wife finding a bottle on the beach', 'his wife breaking it open on the beach'],
            ],
            'more of the one who is named, and then what is done' => [
                'The keeper climbed the tower. Ines Okoro, the wife of the pilot, pointed at the rocks.',
                ['the keeper climbing the tower', 'Ines Okoro pointing at the rocks'],
            ],
            'nobody, of whom another sentence told' => [
                'An apprentice tied a rope. On the wreck hung a bronze bell.',
                ['an apprentice tying a rope', 'On the wreck hung a bronze bell'],
            ],
            'what happens by itself' => [
                'The gull stole a fish. It rained for nine days. It was cold.',
                ['the gull stealing a fish', 'It rained for nine days', 'It was cold'],
            ],
            'several, of whom nobody was told' => [
                'The priest rang the bell. They found him in the chapel.',
                ['the priest ringing the bell', 'They found him in the chapel'],
            ],
            'a place lasts while the same is there' => [
                'The sailor slept below deck. He wrote a letter. The gull stole a fish. A woman lit a lamp.',
                ['the sailor sleeping below deck', 'the sailor writing a letter below deck', 'the gull stealing a fish',
                    'a woman lighting a lamp'],
            ],
            'and not for ever' => [
                'The sailor slept below deck. He wrote a letter. He read a book. He ate an apple. He lit a pipe.',
                ['the sailor sleeping below deck', 'the sailor writing a letter below deck',
                    'the sailor reading a book below deck', 'the sailor eating an apple', 'the sailor lighting a pipe'],
            ],
        ];
    }

    public function test_light_and_weather_are_carried_on_until_others_are_told(): void
    {
        $briefs = self::of([
            'At night the keeper lit the lamp.', 'The boat turned round.', 'In the morning the fog came.',
            'The bell rang.',
        ]);

        self::assertStringEndsWith(', by night', $briefs[0]);
        self::assertSame('Wide view: the boat turning round, by night', $briefs[2] ?? '');
        self::assertStringEndsWith('in the morning, in fog', end($briefs));
    }

    public function test_a_figure_is_told_in_the_same_words_in_every_brief(): void
    {
        $figures = Figures::read(
            "the keeper = a lean man of sixty, blue cap\nkeeper's daughter = a girl in red\nnobody\n",
        );
        $briefs = self::of(['The keeper climbed the stairs.', "A keeper's daughter rang the bell."], $figures);
        $harlow = Figures::read('Captain Harlow = grey coat, red scarf');
        foreach (['Captain Harlow', 'Captain Siobhan Harlow', 'captain harlow', 'The Captain S. M. Harlow'] as $name) {
            self::assertSame("$name (grey coat, red scarf) left.", $harlow->shownIn("$name left."));
        }
        foreach (['The captain met a Harlow.', 'Captain Siobhan left. Harlow came.', 'Captain Harlowe'] as $other) {
            self::assertSame($other, $harlow->shownIn($other));
        }

        self::assertSame('Wide view: the keeper (a lean man of sixty, blue cap) climbing the stairs', $briefs[0]);
        self::assertSame("Wide view: a keeper's daughter (a girl in red) ringing the bell", end($briefs));
    }

    public function test_what_asks_the_viewer_for_something_shows_what_the_short_is_about(): void
    {
        self::assertSame(['Wide view: lamp'], self::of(['Follow for another light.']));
    }
}
