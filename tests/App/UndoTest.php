<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\EditBook;
use App\Doors\Jobs\PlanShort;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Edit;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use InvalidArgumentException;
use RapidReel\Base\Refusal;

/** Changes that are taken back, and those that never were. */
final class UndoTest extends AppTestCase
{
    private Short $short;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        Queue::fake();
        $this->post('/batches', [
            'voice' => 'aldous',
            'profile' => 'upto-60',
            'quality' => 'draft',
            'later' => '1',
            'text' => "One lamp burned.\nNobody saw it.\nFollow us.",
        ])->assertRedirect();
        $this->short = Batch::query()->firstOrFail()->shorts[0];
    }

    /** @return list<string> */
    private function texts(): array
    {
        return $this->short->scenes()->pluck('text')->all();
    }

    public function test_a_change_that_fails_leaves_nothing_behind(): void
    {
        foreach (
            [
                [new Refusal('It cannot be.'), Refusal::class],
                [new InvalidArgumentException('x'), InvalidArgumentException::class],
            ] as [$problem, $expected]
        ) {
            try {
                app(EditBook::class)->change($this->short->batch, 'tried', [$this->short], function () use (
                    $problem,
                ): void {
                    $this->short->scenes()->update(['text' => 'Lost.']);

                    throw $problem;
                });
                self::fail('It was to be refused.');
            } catch (Refusal|InvalidArgumentException $told) {
                self::assertInstanceOf($expected, $told);
            }
        }
        self::assertSame(['One lamp burned.', 'Nobody saw it.', 'Follow us.'], $this->texts());
        self::assertSame([0, null], [Edit::query()->count(), app(EditBook::class)->last($this->short)]);
    }

    public function test_only_so_many_changes_are_remembered_and_the_last_are(): void
    {
        for ($i = 0; $i < 63; $i++) {
            $this->putJson("/scenes/{$this->short->scenes[0]->id}", ['text' => "Lamp number $i burned."])->assertOk();
        }

        self::assertSame(60, Edit::query()->count());
        for ($i = 0; $i < 60; $i++) {
            $this->postJson("/shorts/{$this->short->id}/undo")->assertOk();
        }
        self::assertSame('Lamp number 2 burned.', $this->texts()[0]);
        $this->postJson("/shorts/{$this->short->id}/undo")->assertStatus(422);
    }

    public function test_what_is_undone_before_it_was_planned_is_as_it_was_planned(): void
    {
        $this->library();
        app()->call([new PlanShort($this->short->id), 'handle']);
        $planned = $this->short->refresh();
        [$summary, $looks] = [$planned->summary, $planned->looksLike()];
        self::assertNotSame('', $looks);
        $this->putJson(route('scenes.reword', $planned->scenes[0]), ['text' => 'Two lamps burned.'])->assertOk();
        self::assertSame('', $this->short->refresh()->looksLike());

        $this->postJson(route('shorts.undo', $this->short))->assertOk();
        app()->call([new PlanShort($this->short->id), 'handle']);

        self::assertTrue($this->short->refresh()->isPlanned());
        self::assertSame([$summary, $looks], [$this->short->summary, $this->short->looksLike()]);
    }

    public function test_words_that_stay_the_same_are_no_change(): void
    {
        Queue::fake();
        $this->putJson("/scenes/{$this->short->scenes[0]->id}", ['text' => " One  lamp burned. \n"])->assertOk();
        $this->setting('batch', $this->short->batch_id, 'voice', 'aldous')->assertOk();

        self::assertSame([0, 1], [Edit::query()->count(), $this->short->refresh()->revision]);
        Queue::assertNotPushed(PlanShort::class);
    }

    public function test_of_two_windows_the_one_with_an_older_state_undoes_and_changes_nothing(): void
    {
        $say = fn (string $text, int $seen): TestResponse => $this
            ->withHeader('X-Seen', (string) $seen)
            ->putJson("/scenes/{$this->short->scenes[0]->id}", ['text' => $text]);
        $seen = (int) $this->short->refresh()->revision;
        $say('Two lamps burned.', $seen)->assertOk();
        $now = (int) $this->short->refresh()->revision;
        self::assertGreaterThan($seen, $now);

        foreach (['undo', 'redo'] as $act) {
            $this->withHeader('X-Seen', (string) $seen)->postJson("/shorts/{$this->short->id}/$act")->assertStatus(409);
        }
        $say('Three lamps burned.', $seen)->assertStatus(409);
        self::assertSame('Two lamps burned.', $this->texts()[0]);
        $this->withHeader('X-Seen', (string) $now)->postJson("/shorts/{$this->short->id}/undo")->assertOk();
        self::assertSame('One lamp burned.', $this->texts()[0]);
        $again = (string) $this->short->refresh()->revision;
        $this->withHeader('X-Seen', $again)->postJson("/shorts/{$this->short->id}/redo")->assertOk();
        self::assertSame('Two lamps burned.', $this->texts()[0]);
    }

    public function test_an_act_over_many_is_taken_back_at_once_and_one_of_a_short_alone(): void
    {
        $this->postJson("/batches/{$this->short->batch_id}/acts", [
            'act' => 'copy',
            'shorts' => [$this->short->id],
        ])->assertOk();
        $this->setting('short', Short::query()->pluck('id')->all(), 'voice', 'brenna')->assertOk();
        $this->putJson("/scenes/{$this->short->scenes[0]->id}", ['text' => 'Two lamps burned.'])->assertOk();

        $this->postJson("/batches/{$this->short->batch_id}/undo")->assertJsonPath('said', 'Undone: reworded scene.');
        $this->postJson("/batches/{$this->short->batch_id}/undo")
            ->assertJsonPath('said', 'Undone: voice set to “Brenna”.');
        self::assertSame(
            [[], []],
            Short::query()->orderBy('id')->get()->map(static fn (Short $short): array => $short->settings->own)->all(),
        );
        $this->postJson("/batches/{$this->short->batch_id}/undo")->assertJsonPath('said', 'Undone: copied.');
        self::assertSame(1, Short::query()->count());
        self::assertSame(2, Short::withTrashed()->count(), 'what was taken away can be looked for still');
    }

    public function test_a_deleted_short_is_planned_and_exported_by_nobody(): void
    {
        $this->post("/shorts/{$this->short->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->postJson("/batches/{$this->short->batch_id}/acts", [
            'act' => 'delete',
            'shorts' => [$this->short->id],
        ])->assertOk();

        self::assertSame('cancelled', \App\Shelves\Models\Export::query()->firstOrFail()->state->value);
        app()->call([new PlanShort($this->short->id), 'handle']);
        app()->call([new \App\Doors\Jobs\MakeExport(\App\Shelves\Models\Export::query()->firstOrFail()->id), 'handle']);
        self::assertNull(Short::withTrashed()->firstOrFail()->kept);
        $this->get("/batches/{$this->short->batch_id}")->assertOk()->assertSee('0 shorts');
    }

    public function test_words_of_a_house_are_taken_back_and_done_again_among_what_is_set_for_it(): void
    {
        $channel = $this->channel();
        $this->put('/house', ['name' => $channel->name, 'pronunciations' => 'lamp = lump'])->assertRedirect();
        $this->setting('channel', $channel->id, 'voice', 'brenna')->assertOk();
        $this->put('/house', ['name' => $channel->name, 'pronunciations' => '', 'forbidden' => 'gull'])
            ->assertRedirect();
        // What changes nothing is no change.
        $this->put('/house', ['name' => $channel->name, 'pronunciations' => '', 'forbidden' => 'gull'])
            ->assertRedirect();

        $this->postJson('/house/undo')
            ->assertJsonPath('said', 'Undone: changed what it never says, how words are said.');
        self::assertSame(['lamp = lump', ''], [$channel->refresh()->pronunciations, $channel->forbidden]);
        $this->postJson('/house/undo')->assertJsonPath('said', 'Undone: voice set to “Brenna” for the channel.');
        $this->postJson('/house/undo')->assertJsonPath('said', 'Undone: changed how words are said.');
        self::assertSame('', $channel->refresh()->pronunciations);
        $this->get('/house')->assertSee('changed how words are said');
        foreach (range(1, 3) as $step) {
            $this->postJson('/house/redo')->assertOk();
        }
        self::assertSame(['', 'gull'], [$channel->refresh()->pronunciations, $channel->forbidden]);
        $this->postJson('/house/redo')->assertStatus(422);
    }
}
