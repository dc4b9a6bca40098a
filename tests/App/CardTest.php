<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\CardEditor;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Videos\VideoMaker;
use App\Media\Making\Maker;
use App\Media\Making\OrderedCards;
use App\Media\Process\Unwatched;
use App\Media\Store\MediaStore;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Card\CardDesign;
use RapidReel\Captions\Card\Sticker;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Order\CardStill;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutCard;
use Symfony\Component\Process\Process;

/** Cards and stickers: drawn, put over words, kept through edits, and seen in what is rendered. */
final class CardTest extends AppTestCase
{
    private const TALE = "# Lamp\nThe lamp burned all night. Nobody saw the boat.\nThen the bell rang.";

    private function plan(int $id): Cut
    {
        return app(ShortPlanner::class)->plan(
            Short::query()->findOrFail($id), app(LibraryShelf::class)->of($this->channel()), new Unwatched,
        );
    }

    private function tale(): Short
    {
        $this->actingAs($this->user());
        $this->library();

        return $this->made(self::TALE)->shorts[0];
    }

    public function test_every_sticker_can_be_drawn_in_a_colour_and_turned(): void
    {
        self::assertGreaterThanOrEqual(16, count(Sticker::cases()));
        foreach (Sticker::cases() as $i => $sticker) {
            $look = new CardDesign($sticker->value, '', 'condensed', '12AB34', '', 200, $i % 2 === 0 ? 0 : 45);
            $picture = app(OrderedCards::class)->of($look, FrameShape::Upright);
            self::assertNotNull($picture, $sticker->value);
            self::assertGreaterThanOrEqual($i % 2 === 0 ? 216 : 150, $picture->width);
            $image = imagecreatefrompng(app(MediaStore::class)->source($picture->key));
            self::assertNotFalse($image);
            $seen = $clear = 0;
            for ($y = 0; $y < $picture->height; $y += 2) {
                for ($x = 0; $x < $picture->width; $x += 2) {
                    $colour = (int) imagecolorat($image, $x, $y);
                    $clear += ($colour >> 24) === 127 ? 1 : 0;
                    $seen += ($colour & 0xFFFFFF) === 0x12AB34 && ($colour >> 24) === 0 ? 1 : 0;
                }
            }
            self::assertGreaterThan(20, $seen, "{$sticker->value} has its colour");
            self::assertGreaterThan(20, $clear, "{$sticker->value} is no block");
        }
    }

    public function test_letters_are_as_wide_as_they_are_to_be_and_no_taller_than_letters_may(): void
    {
        foreach ([['The lamp that burned for nobody', 760], ['Link below', 400], ['東京 سلام', 500]] as [$text, $size]) {
            $picture = app(OrderedCards::class)->of(
                new CardDesign(CardMark::TEXT, $text, 'condensed', 'FFFFFF', '14202B', $size, 0), FrameShape::Upright,
            );
            self::assertEqualsWithDelta($size * 1.08, $picture->width ?? 0, 0.06 * $size, $text);
        }
        $one = app(OrderedCards::class)->of(
            new CardDesign(CardMark::TEXT, 'A', 'condensed', 'FFFFFF', '', 1_000, 0), FrameShape::Upright,
        );
        self::assertLessThan(700, $one->height ?? 9_999);
        $file = TEST_PLACE.'/card.json';
        $look = new CardDesign(CardMark::TEXT, 'A', 'condensed', 'FFFFFF', '', 1_000, 0);
        $order = new CardStill($look, FrameShape::Wide);
        file_put_contents($file, $order->toJson());
        self::assertSame(0, Artisan::call('reel:render', ['order' => $file]), 'a card is drawn anywhere by its order');
        self::assertTrue(app(Maker::class)->isThere($order));
    }

    public function test_a_card_goes_with_its_word_through_edits_and_is_changed_and_taken_away(): void
    {
        $short = $this->tale();
        $scene = $short->scenes[0];
        $this->postJson(route('cards.store', [$scene, 2]), [
            'kind' => 'text', 'text' => ' Eleven   years ', 'length' => 1_500, 'offset' => 40, 'x' => 400, 'y' => 250,
            'size' => 420, 'turn' => -6, 'enter' => 'rise', 'leave' => 'grow', 'fill' => '#ffc247', 'plate' => '',
        ])->assertOk();
        $this->postJson(route('cards.store', [$scene, 4]), ['kind' => 'ring', 'size' => 160])->assertOk();
        $cut = $this->plan($short->id);
        self::assertCount(2, $cut->over->cards);
        [$card] = $cut->over->cards;
        self::assertSame('Eleven years', $card->of->says);
        self::assertEqualsWithDelta($cut->words[2]->timing->startMs + 40, $card->startMs, 1);
        self::assertSame([1_500, 0.4, 0.25], [$card->endMs - $card->startMs, $card->place->x, $card->place->y]);

        // A word before it goes: the card moves with its own.
        $words = explode(' ', $scene->text);
        unset($words[1]);
        $this->putJson(route('scenes.reword', $scene), ['text' => implode(' ', $words)])->assertOk();
        $marks = $scene->refresh()->toScript()->own->captions->cards;
        self::assertSame([1, 3], array_map(static fn (CardMark $one): int => $one->word, $marks));
        // Split: each half has its own. Joined: both are there.
        $this->postJson(route('scenes.change', $scene), [
            'do' => 'split', 'at' => strlen(implode(' ', array_slice(array_values($words), 0, 2))),
        ])->assertOk();
        $scenes = Short::query()->findOrFail($short->id)->scenes;
        self::assertCount(1, $scenes[0]->toScript()->own->captions->cards);
        self::assertSame(1, $scenes[1]->toScript()->own->captions->cards[0]->word);
        $this->postJson(route('scenes.change', $scenes[0]), ['do' => 'join'])->assertOk();
        self::assertCount(2, $scenes[0]->refresh()->toScript()->own->captions->cards);

        $this->putJson(route('cards.update', [$scene, 0]), ['x' => 620, 'turn' => 30])->assertOk();
        $changed = $scene->refresh()->toScript()->own->captions->cards[0];
        self::assertSame([620, 30, 250, 'Eleven years'], [
            $changed->spot->x, $changed->spot->turn, $changed->spot->y, $changed->text,
        ]);
        $this->deleteJson(route('cards.destroy', [$scene, 0]))->assertOk();
        self::assertSame('ring', $scene->refresh()->toScript()->own->captions->cards[0]->kind);
        $this->postJson(route('shorts.undo', $short))->assertOk();
        self::assertCount(2, $scene->refresh()->toScript()->own->captions->cards);
    }

    /** @return array<string, array{array<string, int|string>, string}> */
    public static function wrong(): array
    {
        return [
            'of 500 words' => [['text' => str_repeat('fog ', 500)], 'at most 140 letters; this has 1,999'],
            'of nothing' => [['text' => '  '], 'Write what the card is to say'],
            'an unheard-of sticker' => [['kind' => 'rocket'], 'no such sticker'],
            'for no time' => [['text' => 'Now', 'length' => 10], '300 to 60000 ms'],
            'wider than the frame' => [['text' => 'Now', 'size' => 4_000], '30 to 1000 thousandths'],
            'in no colour' => [['text' => 'Now', 'fill' => 'blue'], 'A colour is written such as FFC247'],
        ];
    }

    /** @param  array<string, int|string>  $values */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_shown_is_refused_with_why(array $values, string $says): void
    {
        $scene = $this->tale()->scenes[0];
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        app(CardEditor::class)->add($scene, 0, $values);
    }

    public function test_title_and_pointer_stand_in_the_safe_area_beside_captions_and_the_logo(): void
    {
        $short = $this->tale();
        foreach (['title_card' => '2000', 'pointer' => 'The whole tale below', 'caption_height' => 20] as $key => $to) {
            $this->setting('short', $short->id, $key, $to)->assertOk();
        }
        $cut = $this->plan($short->id);
        self::assertSame(['Lamp', 'The whole tale below', 'arrow down'], array_map(
            static fn (CutCard $card): string => $card->of->says,
            $cut->over->cards,
        ));
        [$title, $words, $arrow] = $cut->over->cards;
        self::assertSame([0, 2_000], [$title->startMs, $title->endMs]);
        $last = $cut->scenes[count($cut->scenes) - 1];
        self::assertSame([$last->startMs, $last->endMs], [$words->startMs, $words->endMs]);
        self::assertLessThan($arrow->place->y, $words->place->y);
        $safe = $cut->form->frame->shape->safeArea();
        foreach ($cut->over->cards as $card) {
            $height = $card->place->width * $card->picture->height / $card->picture->width * 9 / 16;
            [$top, $bottom] = [$card->place->y - $height / 2, $card->place->y + $height / 2];
            self::assertGreaterThanOrEqual($safe->top - 1e-4, $top);
            self::assertLessThanOrEqual(1 - $safe->bottom + 1e-4, $bottom);
            foreach ($cut->cues as $cue) {
                $isMeanwhile = $cue->startMs < $card->endMs && $cue->endMs > $card->startMs;
                [, $from, , $until] = $cue->setting->box;
                self::assertFalse($isMeanwhile && $from / 1920 < $bottom && $until / 1920 > $top, $card->of->says);
            }
        }
    }

    public function test_a_card_comes_stays_and_goes_where_it_was_put_and_only_its_shots_are_rendered_anew(): void
    {
        $short = $this->tale();
        $before = array_column(app(SegmentPlanner::class)->plan($this->plan($short->id), Quality::Draft), 'key');
        $this->postJson(route('cards.store', [$short->scenes[0], 0]), [
            'kind' => 'badge', 'length' => 800, 'x' => 250, 'y' => 300, 'size' => 200, 'enter' => 'grow',
            'leave' => 'cut', 'fill' => 'FF0000',
        ])->assertOk();
        $cut = $this->plan($short->id);
        $segments = app(SegmentPlanner::class)->plan($cut, Quality::Draft);
        $after = array_column($segments, 'key');
        self::assertSame(count($before), count($after));
        self::assertNotSame($before[0], $after[0]);
        self::assertSame(array_slice($before, -1), array_slice($after, -1));

        $video = app(MediaStore::class)->path('card.mp4');
        app(VideoMaker::class)->make(
            $cut, MixPlan::of($cut), $segments, app(LibraryShelf::class)->of($this->channel()), new Unwatched, $video,
        );
        $first = (int) round($cut->over->cards[0]->startMs * 30 / 1000);
        [$width, $height] = [Quality::Draft->width(), Quality::Draft->height()];
        $x = (int) round(0.25 * $width);
        $y = (int) round(0.3 * $height);
        $reds = [];
        foreach ([$first, $first + 12, $first + 23, $first + 24] as $frame) {
            $rgb = (new Process([
                'ffmpeg', '-v', 'error', '-i', $video, '-vf',
                "select=eq(n\\,$frame),crop=4:4:$x:$y", '-frames:v', '1', '-pix_fmt', 'rgb24', '-f', 'rawvideo', '-',
            ]))->mustRun()->getOutput();
            $reds[] = ord($rgb[0]) > 180 && ord($rgb[1]) < 70 && ord($rgb[2]) < 70;
        }
        // The first is so small that its middle may be anything.
        self::assertSame([true, true, false], array_slice($reds, 1));
    }
}
