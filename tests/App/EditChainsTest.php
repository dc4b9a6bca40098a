<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\BulkDesk;
use App\Desks\Editing\CaptionEditor;
use App\Desks\Editing\CardEditor;
use App\Desks\Editing\EditBook;
use App\Desks\Editing\RecordingEditor;
use App\Desks\Editing\SceneEdits;
use App\Desks\Editing\ScriptEditor;
use App\Desks\Editing\SettingsDesk;
use App\Desks\Editing\Snapshot;
use App\Makers\Planning\Inputs;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Voicing\TakeStore;
use App\Media\Audio\TakeFiles;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Eris\Generator;
use Eris\TestTrait;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Framing\Path\Pin;
use RapidReel\Plan\Settings\Level;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\WordTiming;

/** Hundreds of random chains of edits of every kind on random shorts. */
final class EditChainsTest extends AppTestCase
{
    use TestTrait;

    private const CHAINS = 110;

    private const LONGEST = 6;

    private const SERVICES = [
        BulkDesk::class, CaptionEditor::class, CardEditor::class, EditBook::class, Inputs::class, LiveCaptions::class,
        RecordingEditor::class, SceneEdits::class, ScriptEditor::class, SettingsDesk::class, Snapshot::class,
        TakeFiles::class,
    ];

    private const WORDS = [
        'lamp', 'bell', 'nine', 'boats', 'came', 'home,', 'nobody', 'saw', 'it', '—', 'then', 'the', 'keeper', 'wept',
        'in', '1884', 'a', 'gull', '“quiet”', 'fog',
    ];

    /** @var array<string, int> */
    private array $done = [];

    public function test_invariants_hold_and_undo_of_all_gives_the_first_state_and_redo_the_last(): void
    {
        Queue::fake();
        $this->actingAs($this->user());
        $this->library();
        // Put together once and not for every edit.
        foreach (self::SERVICES as $service) {
            app()->instance($service, app($service));
        }
        $this->take = app(TakeStore::class)->keep(new Pcm(str_repeat("\1\0", 8_000), 16_000), [
            new WordTiming('x', 0, 100),
        ])->key;
        $this->limitTo(self::CHAINS)
            ->forAll(
                Generator\choose(1, 1_000_000),
                Generator\seq(Generator\tuple(Generator\choose(0, 16), Generator\choose(0, 9_999))),
            )
            ->disableShrinking()
            ->then(fn (int $seed, array $chain) => $this->chain($seed, array_slice($chain, 0, self::LONGEST)));
        // Every kind was tried, and most of the tries were possible.
        self::assertCount(17, $this->done);
        self::assertGreaterThan(self::CHAINS, array_sum($this->done));
    }

    private string $take;

    /** @param  list<array{int, int}>  $chain */
    private function chain(int $seed, array $chain): void
    {
        DB::beginTransaction();
        mt_srand($seed);
        $batch = $this->made($this->script(), name: "Chain $seed");
        $short = $batch->shorts[0];
        $this->furnish($short);
        $states = [$this->state($short)];
        foreach ($chain as [$kind, $at]) {
            try {
                $this->act($short->refresh()->unsetRelations(), $kind, $at);
                $this->done[$kind] = ($this->done[$kind] ?? 0) + 1;
            } catch (Refusal) {
                // What is not possible is told, and changes nothing.
                self::assertSame(end($states), $this->state($short));
            }
            $states[] = $this->state($short);
            $this->invariants($short);
        }
        $edits = app(EditBook::class);
        while ($edits->last($short) !== null) {
            $edits->undo($short);
        }
        self::assertSame($states[0], $this->state($short), "undo of all, seed $seed");
        while ($edits->next($short) !== null) {
            $edits->redo($short);
        }
        self::assertSame(end($states), $this->state($short), "redo of all, seed $seed");
        DB::rollBack();
    }

    private function script(): string
    {
        return implode(
            "\n",
            array_map(
                fn (int $i): string => $this->words(mt_rand(2, 14)).'.'.(mt_rand(0, 3) === 0 ? ' [zoom in]' : ''),
                range(1, mt_rand(1, 5)),
            ),
        );
    }

    private function words(int $count): string
    {
        return ucfirst(
            implode(
                ' ',
                array_map(static fn (): string => self::WORDS[mt_rand(0, count(self::WORDS) - 1)], range(1, $count)),
            ),
        ).' lamp';
    }

    /** Pictures found by a plan, and a reading for each scene. */
    private function furnish(Short $short): void
    {
        foreach ($short->scenes as $scene) {
            $scene->shots()->create(['word' => 0, 'footage_id' => Footage::query()->value('id')]);
            Reading::query()->create([
                'short_id' => $short->id,
                'text' => $scene->text,
                'take' => $this->take,
                'accepted' => false,
                'words' => [['text' => 'x', 'start_ms' => 0, 'end_ms' => 100, 'doubt' => 'none', 'pinned' => false]],
                'remarks' => [],
            ]);
        }
        Short::query()->whereKey($short->id)->update(['inputs' => app(Inputs::class)->of(
            Short::query()->with(['batch.channel', 'scenes.shots', 'readings'])->findOrFail($short->id),
        )]);
    }

    private function state(Short $short): string
    {
        return app(Snapshot::class)->of(app(Snapshot::class)->load(Short::withTrashed()->findOrFail($short->id)));
    }

    private function act(Short $short, int $kind, int $at): void
    {
        $scene = $short->scenes[$at % $short->scenes->count()];
        $editor = app(ScriptEditor::class);
        $desk = app(SettingsDesk::class);
        $words = count(ScriptWord::of($scene->text));
        $channel = $this->channel();
        match ($kind) {
            0 => $editor->reword($scene, $this->words(1 + $at % 9)),
            1 => $editor->reword($scene, $scene->text.' and more'),
            2 => $editor->split($scene, $at % (mb_strlen($scene->text) + 3)),
            3 => $editor->join($scene),
            4 => $at % 3 === 0
                ? $editor->place($scene, $at % 5)
                : $editor->move($scene, $at % 2 === 0 ? 1 : -1),
            5 => $editor->drop($scene),
            6 => $editor->play($scene, $at % 2 === 0 ? SceneRole::Close : SceneRole::Beat),
            7 => $editor->show($scene, $at % 3 === 0 ? '' : "a picture $at"),
            8 => $at % 4 === 0
                ? $this->pin($scene, $at % $words, $at)
                : $editor->swap($scene, $at % ($words + 1), Footage::query()->get()[$at % 9]),
            9 => $editor->keepPause($scene, $at % ($words + 1), $at % 2 === 0),
            10 => $at % 2 === 0
                ? $editor->keepHook($short, $this->words(3))
                : $editor->openWith($short, $this->words(4), $at % 3 === 0),
            11 => $desk->set(
                $channel,
                Level::Short,
                [$short->id],
                ['speed', 'pause', 'voice', 'motion', 'cadence', 'tempo', 'transition', 'shape'][$at % 8],
                ['120', 'usual', 'brenna', 'left', '2.5', '110', 'dip', '1:1'][$at % 8],
            ),
            12 => $desk->set($channel, Level::Scene, [$scene->id], 'speed', (string) (60 + ($at % 200))),
            13 => $desk->set(
                $channel,
                Level::Short,
                [$short->id],
                'split',
                ['sentence', 'line', 'words:2-5', 'words:3-9'][$at % 4],
            ),
            14 => $at % 2 === 0
                ? app(BulkDesk::class)->match($short->batch, [$short])
                : app(BulkDesk::class)->trim($short->batch, [$short], 1),
            15 => $this->caption($scene, $at),
            default => $this->reading($short, $at),
        };
    }

    /** As the framing page does, without a plan to look at. */
    private function pin(Scene $scene, int $word, int $at): void
    {
        $footage = (string) Footage::query()->get()[$at % 9]->id;
        app(SceneEdits::class)->own($scene, 'pinned', static fn (SceneOwn $own): SceneOwn => $own->shot([
            $own->shotAt($word)->withFootage($footage)->pinned([new Pin(10 * $at, 0.25, 0.5, 1 + $at % 3)])
                ->holding($at % 6)->offset($at % 9 - 4)->slipped(7 * $at),
            ...$own->shots,
        ]));
    }

    private function caption(Scene $scene, int $at): void
    {
        $editor = app(CaptionEditor::class);
        $cues = app(LiveCaptions::class)->ofScene($scene->short, $scene->id);
        $cue = $cues[$at % count($cues)];
        match ($at % 9) {
            0 => $editor->join($scene, $cue->from->word),
            1 => $editor->split($scene, $cue->from->word, $cue->from->word + 1),
            2 => $editor->reword($scene, $cue->from->word, $this->words(1 + $at % 4)),
            3 => $editor->nudge($scene, $cue->from->word, $at % 9 - 4, $at % 5 - 2),
            4 => $editor->break($scene, $cue->from->word, 1),
            5 => $editor->free($scene, $cue->from->word),
            6 => $editor->stress($scene, $cue->from->word, $at % 2 === 0),
            7 => $editor->sound($scene, $cue->from->word, 'bell', $at % 500),
            default => $this->card($scene, $cue->from->word, $at),
        };
    }

    private function card(Scene $scene, int $word, int $at): void
    {
        $editor = app(CardEditor::class);
        match ($at % 5) {
            0, 1 => $editor->add($scene, $word, ['text' => $this->words(2), 'offset' => $at % 300]),
            2 => $editor->add($scene, $word, ['kind' => 'ring', 'turn' => $at % 180, 'size' => 100]),
            3 => $editor->change($scene, 0, ['x' => $at % 1_001, 'length' => 300 + $at]),
            default => $editor->drop($scene, 0),
        };
    }

    private function reading(Short $short, int $at): void
    {
        $reading = $short->readings[$at % $short->readings->count()];
        match ($at % 3) {
            0 => app(RecordingEditor::class)->accept([$reading]),
            1 => app(RecordingEditor::class)->drop($reading),
            default => app(RecordingEditor::class)->pin($reading, 0, $at % 60),
        };
    }

    private function invariants(Short $short): void
    {
        $short = Short::query()
            ->with(['scenes.shots', 'notes', 'batch.channel', 'hooks', 'readings'])
            ->findOrFail($short->id);
        self::assertSame(range(0, $short->scenes->count() - 1), $short->scenes->pluck('position')->all());
        self::assertSame('hook', $short->scenes[0]->role->value);
        foreach ($short->scenes as $scene) {
            $words = count(ScriptWord::of($scene->text));
            foreach ($scene->toScript()->own->captions->cues as $cue) {
                self::assertLessThanOrEqual($words, $cue->end(), 'a caption belongs to words that are there');
            }
            self::assertGreaterThan(0, $words);
            self::assertSame($scene->shots->pluck('word')->unique()->all(), $scene->shots->pluck('word')->all());
            foreach ($scene->shots as $shot) {
                self::assertLessThan($words, $shot->word, 'a shot begins at a word of its scene');
            }
            foreach ($scene->toScript()->own->keptPauses as $after) {
                self::assertLessThan($words, $after);
            }
        }
        self::assertNotNull($short->summary);
        self::assertSame(app(Inputs::class)->of($short), $short->inputs, 'what is fresh is told truly');
        self::assertTrue(app(TakeFiles::class)->kept($this->take) !== null);
    }
}
