<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\BatchMaker;
use App\Desks\Editing\ScriptEditor;
use App\Doors\Http\Presenters\Axis;
use App\Doors\Http\Presenters\CutStrip;
use App\Doors\Http\Presenters\Short\ShortPage;
use App\Doors\Http\Presenters\ShortRow;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Proofs\ClearCue;
use App\Makers\Proofs\Proof;
use App\Media\Process\Unwatched;
use App\Media\Process\Watcher;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Batch;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use RapidReel\Base\Target\Targets;
use RapidReel\Base\Values;
use RapidReel\Making\Render\Progress;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Source\ScriptSource;
use RuntimeException;
use Tests\Support\Cuts;

final class PlanningTest extends AppTestCase
{
    private const SCRIPT = "# Lamp\nThe lamp went out. Then a boat came in through the fog, and a bell rang until the "
        .'keeper woke. Follow the gull.';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        Queue::fake();
    }

    private function short(string $script = self::SCRIPT, string $profile = Targets::USUAL): Short
    {
        return $this->batch(1, $script, $profile)->shorts[0];
    }

    private function batch(
        int $shorts,
        string $script = self::SCRIPT,
        string $profile = Targets::USUAL,
    ): Batch {
        return app(BatchMaker::class)->make(
            $this->channel(),
            'Test',
            array_fill(0, $shorts, new ScriptSource($script)),
            new Values(['voice' => 'aldous', 'profile' => $profile]),
        );
    }

    private function plan(Short $short): void
    {
        app(ShortPlanner::class)->plan($short, app(LibraryShelf::class)->of($this->channel()), new Unwatched);
    }

    /** @return list<list<string>> footage by scene and shot */
    private static function pictures(Short $short): array
    {
        return array_map(
            static fn (CutScene $scene): array => $scene->footage(),
            $short->refresh()->plannedCut()->scenes ?? [],
        );
    }

    public function test_a_plan_keeps_its_cut_and_its_pictures(): void
    {
        $short = $this->short();
        self::assertFalse($short->isPlanned());
        $this->plan($short);

        self::assertTrue($short->refresh()->isPlanned());
        self::assertSame(
            ['The lamp went out.'],
            array_slice(array_map(static fn ($scene): string => $scene->text, $short->plannedCut()->scenes), 0, 1),
        );
        self::assertSame(
            array_map(count(...), self::pictures($short)),
            $short->scenes->map(static fn ($scene): int => $scene->shots->count())->all(),
        );
    }

    public function test_pictures_fit_the_words(): void
    {
        $short = $this->short();
        $this->plan($short);
        $named = array_map(
            static fn (array $ids): array => array_map(
                static fn (string $id): string => Footage::query()->findOrFail($id)->tags,
                $ids,
            ),
            self::pictures($short),
        );

        self::assertSame(['lamp'], $named[0]);
        self::assertContains($named[1][0], ['boat', 'fog']);
        self::assertContains($named[1][1], ['bell', 'keeper']);
        self::assertSame(['gull'], $named[2]);
    }

    public function test_new_footage_does_not_push_out_what_was_found_before(): void
    {
        $short = $this->short();
        $this->plan($short);
        $before = self::pictures($short);
        app(\App\Shelves\Library\FootageImporter::class)->footage(
            $this->channel(),
            self::still('another.png', '640x640', 'purple'),
            'lamp lamp.png',
            ['lamp', 'boat', 'gull', 'bell', 'fog', 'keeper'],
        );
        $this->plan($short);

        self::assertSame($before, self::pictures($short));
    }

    public function test_footage_that_was_taken_away_gives_place_to_other(): void
    {
        $short = $this->short();
        $this->plan($short);
        $gone = self::pictures($short)[0][0];
        Footage::query()->whereKey($gone)->delete();
        $this->plan($short);

        self::assertNotContains($gone, array_merge(...self::pictures($short)));
    }

    public function test_an_edit_while_a_plan_is_made_is_not_lost(): void
    {
        $short = $this->short();
        $old = Short::query()->findOrFail($short->id);
        $old->load('scenes');
        app(ScriptEditor::class)->reword($short->scenes[0], 'The light was dark.');
        // A worker that began before the edit ends after it.
        $this->plan($old);
        self::assertFalse(Short::query()->findOrFail($short->id)->isPlanned());

        $this->plan($short->refresh());
        self::assertTrue($short->refresh()->isPlanned());
        self::assertSame('The light was dark.', $short->plannedCut()->scenes[0]->text);
    }

    public function test_rewording_drops_only_the_pictures_of_its_scene(): void
    {
        $short = $this->short();
        $this->plan($short);
        $before = self::pictures($short);
        app(ScriptEditor::class)->reword($short->scenes[0], 'The whale went down, and nobody saw it go.');
        $this->plan($short->refresh());
        $after = self::pictures($short);

        self::assertSame([$before[1], $before[2]], [$after[1], $after[2]]);
        self::assertSame('whale', Footage::query()->findOrFail($after[0][0])->tags);
    }

    public function test_pictures_of_a_batch_are_the_same_in_whatever_order_it_is_planned(): void
    {
        $things = ['lamp', 'bell', 'boat', 'fog', 'whale', 'keeper'];
        $batch = app(BatchMaker::class)->make($this->channel(), 'Test', array_map(
            static fn (int $i): ScriptSource => new ScriptSource(sprintf(
                "# Tale %d\nNobody by the %s saw the %s.", $i, $things[$i % 6], $things[($i * 5 + 1) % 6],
            )),
            range(1, 12),
        ), new Values(['voice' => 'aldous']));
        $shorts = $batch->shorts()->get()->all();
        $killed = new class implements Watcher
        {
            public function progress(Progress $progress): void
            {
                throw new RuntimeException('killed');
            }

            public function achieved(): void
            {
            }

            public function isCancelled(): bool
            {
                return false;
            }
        };
        mt_srand(41);
        $all = [];
        for ($round = 0; $round < 20; $round++) {
            DB::table('shots')->delete();
            DB::table('cuts')->delete();
            DB::table('shorts')->update(['planned_inputs' => '', 'shown_before' => null]);
            shuffle($shorts);
            foreach ($shorts as $short) {
                if (mt_rand(0, 3) === 0) {
                    try {
                        $shelf = app(LibraryShelf::class)->of($this->channel());
                        app(ShortPlanner::class)->plan($short->refresh(), $shelf, $killed);
                    } catch (RuntimeException) {
                    }
                }
                $this->plan($short->refresh());
                $all[$short->number][serialize(self::pictures($short))] = true;
                self::assertTrue($short->isPlanned());
            }
        }

        self::assertCount(12, $all);
        self::assertSame([1], array_values(array_unique(array_map(count(...), $all))));
    }

    public function test_a_strip_is_drawn_to_scale(): void
    {
        $cut = Cuts::of(['One lighthouse guided no ships.', 'Nine boats came home.']);
        $summary = CutSummary::of($cut, '', '');
        $strip = CutStrip::of($summary, Axis::over([$summary]));

        // Thousandths of an axis that ends 6 % beyond the limit.
        $second = (int) round(1000 * $cut->scenes[1]->startMs / 63_600);
        self::assertStringStartsWith('M0 3', $strip->scenes['hook']);
        self::assertStringStartsWith("M$second 3", $strip->scenes['beat is-odd']);
        self::assertSame([(int) round(1000 * 3 / 63.6), (int) round(1000 / 1.06)], [$strip->hookWindow, $strip->limit]);
        self::assertFalse($strip->isOver());
    }

    public function test_all_shorts_of_a_table_share_the_axis_of_the_longest(): void
    {
        $long = CutSummary::of(Cuts::of(array_fill(0, 40, 'One two three four five six seven.')), '', '');
        $axis = Axis::over([CutSummary::of(Cuts::of(['One lamp.']), '', ''), $long]);
        $strip = CutStrip::of($long, $axis);

        self::assertTrue($strip->isOver());
        self::assertLessThan($axis->at($long->times->durationMs), $strip->limit);
        self::assertLessThanOrEqual(1000, $axis->at($long->times->durationMs));
    }

    public function test_a_row_of_the_rundown_tells_of_faint_captions(): void
    {
        $short = $this->short();
        $this->plan($short);
        $inputs = (string) $short->refresh()->planned_inputs;
        $cues = [new ClearCue(0, 0, 0, 1.2, [], 0.9, 0.1), new ClearCue(0, 3, 900, 9.0, [], 0.1, 0.1)];
        $short->update(['proof' => (new Proof($inputs, 'key', $cues))->toJson()]);
        $page = "/batches/{$short->batch_id}";
        $this->get($page)->assertOk()->assertSee(FlagCode::LowContrast->label());

        // Of an earlier plan nothing is told.
        $short->update(['proof' => (new Proof('others', 'key', $cues))->toJson()]);
        $this->get($page)->assertOk()->assertDontSee(FlagCode::LowContrast->label());
    }

    public function test_a_row_says_how_its_short_stands(): void
    {
        $short = $this->short();
        $state = static fn (): string => ShortRow::of(
            Short::query()
                ->with(['latestExport', 'latestDone'])
                ->findOrFail($short->id),
            Axis::over([]),
        )->state;
        self::assertSame('not exported', $state());
        $this->plan($short);
        $export = $short->exports()->create(['quality' => 'draft', 'state' => ExportState::Queued]);
        self::assertSame('waiting', $state());
        $export->update(['state' => ExportState::Running, 'doing' => 'rendering', 'percent' => 40]);
        self::assertSame('rendering', $state());
        $export->update([
            'state' => ExportState::Done,
            'pixels' => $short->refresh()->cutSummary()?->hashes->pixels,
            'sound' => $short->cutSummary()?->hashes->sound,
            'bytes' => 1,
        ]);
        self::assertSame('ready', $state());
        $export->update(['sound' => 'another']);
        self::assertSame('sound changed since', $state());
        Short::query()->whereKey($short->id)->update(['inputs' => 'others']);
        self::assertSame('edited since', $state());
        $short->exports()->create(['quality' => 'draft', 'state' => ExportState::Failed, 'problem' => 'x']);
        self::assertSame('failed', $state());
    }

    public function test_a_sheet_has_every_scene_with_its_time_and_pictures(): void
    {
        $short = $this->short();
        $bare = app(ShortPage::class)->of($short)->scenes;
        self::assertSame(['0:00.0', []], [$bare[0]->start(), $bare[0]->shots]);
        $this->plan($short);
        $scenes = app(ShortPage::class)->of($short->refresh())->scenes;

        self::assertSame('0:00.0', $scenes[0]->start());
        self::assertSame('lamp', $scenes[0]->shots[0]->footage?->tags);
        $this->get("/shorts/{$short->id}")->assertOk()->assertSee('Follow the gull.')->assertSee('0:00.0');
    }

    public function test_a_batch_of_two_hundred_is_one_page_with_few_questions_to_the_database(): void
    {
        config(['reel.most_scripts' => 200]);
        $batch = $this->batch(200);
        $this->plan($batch->shorts[0]);
        Short::query()->update([
            'summary' => $batch->shorts[0]->refresh()->summary,
            'planned_inputs' => DB::raw('inputs'),
        ]);
        DB::enableQueryLog();
        $page = $this->get("/batches/{$batch->id}")->assertOk();

        self::assertLessThan(18, count(DB::getQueryLog()));
        self::assertSame(60, substr_count((string) $page->getContent(), 'id="choose-'), 'What is seen comes first.');
        $rest = $this->getJson("/batches/{$batch->id}/state?since=0")->assertOk();
        self::assertCount(200, $rest->json('rows'), 'And at once after it the rest.');
        self::assertLessThan(1_000_000, strlen((string) $page->getContent()));
    }
}
