<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\EditBook;
use App\Shelves\Models\Short;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;

/** Captions in two languages: what one short says stands beside what another of its family says. */
final class SecondCaptionsTest extends AppTestCase
{
    private Short $short;

    private Short $german;

    protected function setUp(): void
    {
        parent::setUp();
        config(['reel.proofs' => false]);
        $this->actingAs($this->user());
        $this->library();
        $this->short = $this->made("# The lamp\n\nThe girl could not reach the lamp, so she stood on the oil can.\n\n"
            .'Tell someone brave about Ada.')->shorts[0];
        $this->post("/shorts/{$this->short->id}/versions", ['languages' => ['de'], 'way' => 'voice']);
        $this->work();
        $this->german = Short::query()->where('version_of', $this->short->id)->firstOrFail();
    }

    private static function second(Short $short): string
    {
        return implode(' ', array_map(
            static fn (Cue $cue): string => $cue->text(), $short->refresh()->plannedCut()->over->second ?? [],
        ));
    }

    /** @return list<string> */
    private static function told(Short $short): array
    {
        $flags = $short->refresh()->cutSummary() instanceof CutSummary ? $short->cutSummary()->flags : [];

        return array_values(array_filter(
            array_map(static fn (Flag $flag): string => $flag->message, $flags),
            static fn (string $said): bool => str_starts_with($said, 'Second captions'),
        ));
    }

    public function test_each_shows_what_the_other_says_and_follows_it(): void
    {
        $this->setting('channel', $this->short->batch->channel_id, 'second_captions', 'English')->assertOk();
        $this->work();
        self::assertSame(
            'The girl could not reach the lamp, so she stood on the oil can. Tell someone brave about Ada.',
            self::second($this->german),
        );
        self::assertSame('', self::second($this->short), 'it says that itself');
        self::assertSame([], self::told($this->short));

        $this->putJson("/scenes/{$this->short->scenes[1]->id}", ['text' => 'Tell two brave people.'])->assertOk();
        self::assertFalse($this->german->refresh()->isPlanned(), 'it is planned anew as what it shows was changed');
        $this->work();
        self::assertStringEndsWith('oil can. Tell two brave people.', self::second($this->german));
        app(EditBook::class)->undo($this->short->refresh());
        $this->work();
        self::assertStringEndsWith('Tell someone brave about Ada.', self::second($this->german));

        $this->get("/shorts/{$this->german->id}/captions")->assertOk()->assertSee('Second captions');
        $ass = (string) $this->get("/shorts/{$this->german->id}/captions.ass")->assertOk()->getContent();
        self::assertStringContainsString('Mädchen', $ass);
        self::assertStringContainsString('brave', $ass);
    }

    public function test_a_version_that_is_not_there_or_is_deleted_is_told_and_nothing_else_is_lost(): void
    {
        $this->setting('short', $this->short->id, 'second_captions', 'es')->assertOk();
        $this->work();
        self::assertSame(
            ['Second captions in Spanish are set, and there is no version in Spanish. Make one.'],
            self::told($this->short),
        );
        $this->setting('short', $this->short->id, 'second_captions', 'de-AT')->assertOk();
        $this->work();
        self::assertStringStartsWith('Das Mädchen kam nicht an die Lampe heran', self::second($this->short));
        self::assertSame([], self::told($this->short));

        $this->postJson("/batches/{$this->short->batch_id}/acts", ['act' => 'delete', 'shorts' => [$this->german->id]])
            ->assertOk();
        $this->work();
        self::assertSame('', self::second($this->short));
        self::assertCount(1, self::told($this->short));
        self::assertNotSame([], $this->short->plannedCut()->cues ?? []);
    }

    public function test_a_language_that_nobody_has_is_refused_in_words(): void
    {
        $this->setting('short', $this->short->id, 'second_captions', 'Elvish')->assertStatus(422);
        self::assertArrayNotHasKey('second_captions', $this->short->refresh()->settings->own);
    }
}
