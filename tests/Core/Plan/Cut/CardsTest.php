<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Cut;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Frame;
use RapidReel\Captions\Card\CardChoice;
use RapidReel\Captions\Card\CardDesign;
use RapidReel\Captions\Card\CardMotion;
use RapidReel\Captions\Card\CardMotions;
use RapidReel\Captions\Card\CardPaint;
use RapidReel\Captions\Card\CardPicture;
use RapidReel\Captions\Card\CardPictures;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Captions\Marks\CardSpot;
use RapidReel\Captions\Marks\CardTime;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Publish\Manifest;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Plan\Choice\ProgressLine;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\ShortSettings;
use RapidReel\Plan\Cut\AtHand;
use RapidReel\Plan\Cut\CardPlacer;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutCard;
use RapidReel\Plan\Cut\CutEdge;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Cut\IntroOutro;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;
use Tests\Support\Cuts;

/** Cards over a cut, and what stands around it, without any picture being drawn. */
final class CardsTest extends TestCase
{
    /** @param  list<CardMark>  $cards  of the second scene */
    private static function cut(
        array $cards = [],
        CardChoice $choice = new CardChoice,
        IntroOutro $introOutro = new IntroOutro,
        int $wordMs = 320,
        ?int $captionsAt = null,
    ): Cut {
        $settings = $captionsAt === null
            ? new SceneSettings
            : new SceneSettings(captions: (new CaptionStyle)->with(['height' => $captionsAt]));
        $voiced = [
            new VoicedScene(new Scene(SceneRole::Hook, 'One light burned.'), Cuts::take('One light burned.', $wordMs)),
            new VoicedScene(
                new Scene(SceneRole::Close, 'Nobody saw it go.', own: new SceneOwn(
                    captions: new CaptionMarks([], [], $cards),
                )),
                Cuts::take('Nobody saw it go.'),
                settings: $settings,
            ),
        ];
        $pictures = new class implements CardPictures
        {
            public function of(CardDesign $look, FrameShape $shape): CardPicture
            {
                return new CardPicture(hash('xxh128', serialize($look)), (int) (1.08 * $look->size), 200);
            }
        };

        return Cuts::builder(
            new AtHand(cards: new CardPlacer($pictures, $choice, new Frame), introOutro: $introOutro),
            new ShortSettings(progress: new ProgressLine(true, 'FFC247')),
        )->build('The light', $voiced, Cuts::library(), null);
    }

    private static function around(): IntroOutro
    {
        return new IntroOutro(
            new CutEdge('open', FootageKind::Clip, 1920, 1080, 1_500),
            new CutEdge('end', FootageKind::Still, 9, 16, 500),
        );
    }

    public function test_a_card_stands_at_its_word_and_ends_with_the_short(): void
    {
        $cut = self::cut([
            new CardMark(1, text: 'Nobody', time: new CardTime(-100, 700), spot: new CardSpot(250, 400)),
            new CardMark(3, 'ring', time: new CardTime(0, 30_000)),
        ]);
        [$first, $second] = $cut->over->cards;
        $scene = $cut->scenes[1];
        self::assertSame([$scene->startMs + 220, $scene->startMs + 920], [$first->startMs, $first->endMs]);
        self::assertSame([0.25, 0.4, 'Nobody', 1, 0], [
            $first->place->x, $first->place->y, $first->of->says, $first->of->scene, $first->of->number,
        ]);
        self::assertSame([$cut->durationMs, 'ring'], [$second->endMs, $second->of->says]);
    }

    public function test_titles_and_pointers_are_there_where_they_are_wanted(): void
    {
        self::assertSame([], self::cut()->over->cards);
        $cards = self::cut(choice: new CardChoice(900, 'The whole tale below'))->over->cards;
        self::assertSame(
            ['The light', 'The whole tale below', 'arrow down'],
            array_map(static fn (CutCard $card): string => $card->of->says, $cards),
        );
        self::assertNull($cards[0]->of->scene);
        self::assertSame(900, $cards[0]->endMs);
    }

    public function test_an_arrow_points_at_nothing_but_the_edge(): void
    {
        foreach ([20, 35, 50, 65, 80] as $height) {
            $cut = self::cut(choice: new CardChoice(0, 'The whole tale below'), captionsAt: $height);
            [$words, $arrow] = [$cut->over->cards[0], $cut->over->cards[1] ?? null];
            self::assertSame('The whole tale below', $words->of->says);
            if ($arrow === null) {
                continue;
            }
            $half = $arrow->place->width / 2;
            foreach ($cut->cues as $cue) {
                if ($cue->startMs < $arrow->endMs && $cue->endMs > $arrow->startMs) {
                    [$left, $top, $right] = $cue->setting->parts();
                    $isBeside = $right <= $arrow->place->x - $half || $left >= $arrow->place->x + $half;
                    self::assertTrue($isBeside || $top < $arrow->place->y, "captions at $height %");
                }
            }
        }
        // Where nothing is below them, words and arrow stand together.
        [$words, $arrow] = self::cut(choice: new CardChoice(0, 'Below'), captionsAt: 20)->over->cards;
        self::assertEqualsWithDelta($words->place->y + 200 / 1920, $arrow->place->y, 0.02);
    }

    public function test_a_card_is_part_of_just_the_segments_that_it_is_seen_in_wherever_they_stand(): void
    {
        $planner = new SegmentPlanner;
        $keys = static fn (Cut $cut): array => array_column($planner->plan($cut, Quality::Draft), 'key');
        $plain = $keys(self::cut());
        $card = [new CardMark(0, text: 'Here', time: new CardTime(0, 400))];
        $with = $keys(self::cut($card));
        self::assertSame($plain[0], $with[0]);
        self::assertNotSame($plain[1], $with[1]);
        // The scene before it takes longer to say: its segment is the same one still.
        self::assertSame($with[1], $keys(self::cut($card, wordMs: 410))[1]);
        // It is over captions that are drawn, and over none.
        self::assertCount(1, $planner->plan(self::cut($card), Quality::Proof, true)[1]->recipe->overlays);
    }

    public function test_what_stands_around_is_counted_outside_and_nowhere_inside(): void
    {
        $plain = self::cut();
        $cut = self::cut([new CardMark(0, text: 'Here')], introOutro: self::around());
        self::assertSame($plain->durationMs, $cut->durationMs);
        self::assertSame($plain->durationMs + 2_000, $cut->wholeMs());
        self::assertSame($plain->frames() + 60, $cut->wholeFrames());
        $report = $cut->report();
        self::assertSame($plain->durationMs + 2_000, $report['duration_ms']);
        self::assertSame($plain->found->hookMs + 1_500, $report['hook_ms']);
        self::assertSame(1_500, $report['scenes'][0]['start_ms']);
        self::assertSame(1_500, $report['scenes'][0]['shots'][0]['start_ms']);
        self::assertSame($plain->words[2]->timing->startMs + 1_500, $report['words'][2]['start_ms']);
        self::assertSame($plain->cues[0]->startMs + 1_500, $report['cues'][0]['start_ms']);
        // Written and read it is the same cut.
        self::assertSame($cut->hash(), CutJson::decode(CutJson::encode($cut))->hash());
        self::assertEquals($cut, CutJson::decode(CutJson::encode($cut)));
        self::assertSame(round(($plain->durationMs + 2_000) / 1000, 3), Manifest::row('x', $cut)[2]);

        // A hook that was said in time is late behind an opening.
        $codes = static fn (Cut $of): array => array_column($of->found->flags, 'code');
        self::assertNotContains(FlagCode::HookLate, $codes($plain));
        $slow = self::cut(introOutro: new IntroOutro(new CutEdge('open', FootageKind::Clip, 16, 9, 3_000)));
        self::assertContains(FlagCode::HookLate, $codes($slow));
        self::assertTrue(CutSummary::of($slow, '', '')->isHookLate());
    }

    public function test_the_edges_are_segments_of_their_own_and_change_no_mix_of_the_short_alone(): void
    {
        $planner = new SegmentPlanner;
        $plain = $planner->plan(self::cut(), Quality::Final);
        $whole = $planner->plan(self::cut(introOutro: self::around()), Quality::Final);
        self::assertSame(array_column($plain, 'key'), array_slice(array_column($whole, 'key'), 1, -1));
        // A wide clip stands whole over a blurred copy, what has the frame's shape fills it.
        self::assertNotNull($whole[0]->recipe->layer->backdrop);
        self::assertNull($whole[count($whole) - 1]->recipe->layer->backdrop);
        self::assertSame([45, 15], [$whole[0]->recipe->frames, $whole[count($whole) - 1]->recipe->frames]);

        [$cut, $other] = [self::cut(introOutro: self::around()), self::cut()];
        self::assertSame(MixPlan::of($other)->key(), MixPlan::of($cut)->key());
        self::assertSame(MixPlan::of($other)->key(), MixPlan::whole($other)->key());
        self::assertNotSame(MixPlan::of($cut)->key(), MixPlan::whole($cut)->key());
        self::assertEqualsWithDelta(MixPlan::of($cut)->seconds() + 2, MixPlan::whole($cut)->wholeSeconds(), 1e-9);
    }

    public function test_marks_of_cards_survive_their_own_data(): void
    {
        $card = new CardMark(
            2, 'badge', '7', new CardTime(120, 900), new CardSpot(10, 990, 77, -45),
            new CardMotions(CardMotion::Grow, CardMotion::Cut), new CardPaint('FF8800', ''),
        );
        self::assertEquals($card, CardMark::fromArray($card->toArray()));
        $marks = new CaptionMarks([], [], [$card]);
        self::assertEquals($marks, CaptionMarks::fromJson($marks->toJson()));
        // One that is in error is passed over.
        self::assertSame([], CaptionMarks::fromJson('{"cards": [{"kind": "text", "text": ""}]}')->cards);
    }
}
