<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Probing\UnusableMedia;
use App\Shelves\Levels\EffectNames;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\EffectBook;
use App\Shelves\Library\SoundDesk;
use App\Shelves\Library\SoundMeter;
use App\Shelves\Models\Effect;
use App\Shelves\Models\Music;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Choice\Mood;

/** Music and effects that operators bring. */
final class SoundLibraryTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
    }

    private static function upload(string $path, ?string $name = null): UploadedFile
    {
        return new UploadedFile($path, $name ?? basename($path), null, null, true);
    }

    /** @return array<string, array{string, list<string>}> */
    public static function odd(): array
    {
        $tone = 'aevalsrc=0.5*sin(2*PI*330*t)*exp(-6*mod(t\,0.5)):d=6';

        return [
            'mono at 8 kHz' => ['odd-8k.wav', ['-f', 'lavfi', '-i', $tone, '-ar', '8000', '-ac', '1']],
            'clipped' => ['odd-clipped.wav', ['-f', 'lavfi', '-i', $tone, '-af', 'volume=40dB']],
            'a video' => ['odd-video.mp4', [
                '-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=10:duration=6', '-f', 'lavfi', '-i', $tone, '-c:v',
                'libx264', '-preset', 'ultrafast', '-c:a', 'aac', '-shortest',
            ]],
            'at 96 kHz with six channels' => ['odd-six.flac', ['-f', 'lavfi', '-i', $tone, '-ar', '96000', '-ac', '6']],
        ];
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('odd')]
    public function test_music_of_any_kind_is_measured_and_kept(string $name, array $arguments): void
    {
        $this->post('/sounds', ['kind' => 'music', 'files' => [self::upload(self::media($name, ...$arguments))]])
            ->assertRedirect('/sounds')->assertSessionHas('refused', []);
        $piece = Music::query()->firstOrFail();

        self::assertEqualsWithDelta(6_000, $piece->duration_ms, 120);
        self::assertEqualsWithDelta(120, $piece->tempo, 2.4);
        self::assertNotNull($piece->mood(), 'guessed from how it beats');
        $this->get("/music/{$piece->id}/file")->assertOk();
        $this->get('/sounds')->assertOk()->assertSee($piece->name);
    }

    public function test_what_cannot_be_heard_is_refused_and_the_rest_is_brought(): void
    {
        $silent = self::media('odd-silent.wav', '-f', 'lavfi', '-i', 'anullsrc=r=44100:cl=stereo', '-t', '3');
        file_put_contents(TEST_PLACE.'/odd-text.mp3', 'This is no sound.');
        file_put_contents(TEST_PLACE.'/odd-list.m4a', "#EXTM3U\n#EXTINF:9,\nhttp://example.invalid/a.mp3\n");
        $answer = $this->post('/sounds', ['kind' => 'music', 'mood' => 'grand', 'files' => [
            self::upload($silent), self::upload(TEST_PLACE.'/odd-text.mp3'), self::upload(TEST_PLACE.'/odd-list.m4a'),
            self::upload(self::music()),
        ]]);

        $refused = $answer->getSession()->get('refused');
        self::assertCount(3, $refused);
        self::assertStringContainsString('odd-silent.wav', $refused[0]);
        self::assertStringContainsString('odd-text.mp3', $refused[1]);
        self::assertSame([Mood::Grand], Music::query()->get()->map(static fn (Music $one) => $one->mood())->all());
        $this->post('/sounds', ['kind' => 'music'])->assertSessionHas('problem');
    }

    public function test_a_piece_brought_twice_is_there_once_and_comes_back_after_it_was_taken_away(): void
    {
        $desk = app(SoundDesk::class);
        $first = $desk->music($this->channel(), self::music(), 'tune.wav', 'calm');
        self::assertSame($first->id, $desk->music($this->channel(), self::music(), 'other.wav')->id);
        $choices = fn (): array => app(Registrar::class)->of($this->channel())->get('music')->type->options;
        self::assertArrayHasKey((string) $first->id, $choices());

        $this->delete("/music/{$first->id}")->assertRedirect();
        self::assertSame(0, Music::query()->count());
        self::assertArrayNotHasKey((string) $first->id, $choices());
        self::assertSame($first->id, $desk->music($this->channel(), self::music(), 'tune.wav')->id);
    }

    public function test_a_mood_is_changed_and_a_wrong_one_refused(): void
    {
        $piece = app(SoundDesk::class)->music($this->channel(), self::music(), 'tune.wav', 'calm');

        $this->putJson("/music/{$piece->id}", ['mood' => 'tense'])->assertOk();
        self::assertSame(Mood::Tense, $piece->refresh()->mood());
        $this->putJson("/music/{$piece->id}", ['mood' => 'furious'])->assertUnprocessable()
            ->assertJsonPath(
                'message', 'There is no mood “furious”. There are: calm, warm, bright, tense, sad, grand.',
            );
    }

    public function test_effects_ship_and_own_ones_are_brought(): void
    {
        $effects = app(EffectBook::class)->of($this->channel())->effects;
        self::assertSame(array_keys(EffectNames::SHIPPED), array_keys($effects));
        self::assertGreaterThanOrEqual(12, count($effects));
        $this->get('/effects/bell/file')->assertOk()->assertHeader('Content-Type', 'audio/flac');
        $this->get('/effects/nothing/file')->assertNotFound();

        $own = self::media('knock.wav', '-f', 'lavfi', '-i', 'sine=frequency=90:duration=0.3');
        $this->post('/sounds', ['kind' => 'effect', 'files' => [self::upload($own)]])->assertRedirect('/sounds');
        $id = EffectNames::OWN.Effect::query()->value('id');
        self::assertSame('Knock', app(EffectBook::class)->of($this->channel())->effects[$id]->name);
        self::assertSame($id, app(Registrar::class)->of($this->channel())->get('effect_change')->type->read('Knock'));
        $this->get("/effects/$id/file")->assertOk();

        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('Upload it as music');
        app(SoundDesk::class)->effect(
            $this->channel(),
            self::media('long-effect.wav', '-f', 'lavfi', '-i', 'sine=frequency=90:duration=20'),
            'long.wav',
        );
    }

    /** What the list says of the effects that ship is what is measured on them (EBU R 128, momentary). */
    public function test_the_list_of_what_ships_is_true(): void
    {
        $shelf = app(EffectBook::class)->of(null);
        $effects = $shelf->effects;
        foreach (['bell', 'click', 'wind'] as $id) {
            $file = $shelf->path($id, $effects[$id]->fingerprint);
            self::assertSame($effects[$id]->fingerprint, hash_file('xxh128', $file));
            $heard = app(SoundMeter::class)->effect($file, $id);
            self::assertEqualsWithDelta($effects[$id]->loudest, $heard['loudest'], 0.15);
        }
        $this->expectException(UnusableMedia::class);
        app(SoundMeter::class)->effect(
            self::media('odd-silent.wav', '-f', 'lavfi', '-i', 'anullsrc=r=44100:cl=stereo', '-t', '3'),
            'silent.wav',
        );
    }

    public function test_a_sound_is_placed_at_a_word_goes_with_it_and_is_undone(): void
    {
        $this->library();
        $tale = "# The bell\nThe bell on the quay rang. Nobody pulled the rope.";
        $short = $this->made($tale, ['music' => 'none'])->shorts[0];
        $scene = $short->scenes[0];
        $this->postJson("/scenes/{$scene->id}/words/5/sound", ['sound' => 'bell', 'ms' => 40])->assertOk();
        $this->work(...['--queue' => 'plans']);
        $cut = $short->refresh()->plannedCut() ?? self::fail('There is no cut.');
        self::assertSame(['bell'], array_column($cut->sound->effects, 'sound'));
        self::assertSame($cut->words[5]->timing->startMs + 40, $cut->sound->effects[0]->atMs);

        // Two words before it are gone: it stays with “rang”.
        $this->putJson("/scenes/{$scene->id}", ['text' => 'The bell rang.'])->assertOk();
        $marks = $scene->refresh()->toScript()->own->captions->words;
        self::assertSame(['bell'], array_column(array_map(get_object_vars(...), $marks), 'sound'));
        self::assertSame(2, array_key_first($marks));

        $this->postJson("/scenes/{$scene->id}/words/2/sound", ['sound' => ''])->assertOk();
        self::assertSame([], $scene->refresh()->toScript()->own->captions->words);
        $this->postJson("/shorts/{$short->id}/undo")->assertOk();
        self::assertCount(1, $short->scenes()->firstOrFail()->toScript()->own->captions->words);
        $this->postJson("/scenes/{$scene->id}/words/1/sound", ['sound' => 'kazoo'])->assertUnprocessable();
        $this->postJson("/scenes/{$scene->id}/words/1/sound", ['sound' => 'bell', 'ms' => 20_000])
            ->assertUnprocessable();
    }

    public function test_rules_place_sounds_at_transitions_and_at_words_that_stand_out(): void
    {
        $this->library();
        $tale = "# The map\nThe map shows an island. The whale swims in the fog.\nNobody saw 1884 boats.";
        $short = $this->made($tale, [
            'music' => 'none', 'transition' => 'dissolve', 'effect_change' => 'whoosh', 'effect_emphasis' => 'hit',
            'effect_level' => 11, 'caption_emphasis' => 'numbers',
        ])->shorts[0];
        $this->work(...['--queue' => 'plans']);
        $cut = $short->refresh()->plannedCut() ?? self::fail('There is no cut.');
        $changes = array_filter(array_merge(...array_map(
            static fn ($scene): array => array_map(static fn ($shot): int => $shot->startMs, $scene->shots),
            $cut->scenes,
        )));
        $of = static fn (string $sound): array => array_values(
            array_filter($cut->sound->effects, static fn ($effect): bool => $effect->sound === $sound),
        );

        self::assertCount(count($changes), $of('whoosh'), 'one at each transition');
        self::assertSame([11], array_unique(array_column($cut->sound->effects, 'under')));
        $stand = array_filter(
            array_merge(...array_map(static fn ($cue): array => $cue->words, $cut->cues)),
            static fn ($word): bool => $word->stands,
        );
        self::assertNotSame([], $stand);
        self::assertCount(count($stand), $of('hit'));
    }

    public function test_much_music_is_shown_in_pages_and_found_by_its_name_and_mood(): void
    {
        for ($i = 1; $i <= 60; $i++) {
            Music::query()->forceCreate([
                'channel_id' => $this->channel()->id, 'name' => sprintf('Piece %02d', $i),
                'mood' => $i % 2 === 0 ? 'calm' : 'tense', 'path' => "music/none-$i.wav", 'loudness' => -20.0,
                'fingerprint' => bin2hex(random_bytes(16)), 'duration_ms' => 60_000,
            ]);
        }
        $this->get('/sounds')->assertSee('60 pieces')->assertSee('Hear Piece 50')->assertDontSee('Hear Piece 51');
        $this->get('/sounds?page=2')->assertSee('Hear Piece 51')->assertDontSee('Hear Piece 50');
        $this->get('/sounds?words=piece+4&mood=tense')->assertSee('Hear Piece 41')->assertDontSee('Hear Piece 42')
            ->assertDontSee('Hear Piece 31')->assertSee('60 pieces');
        $this->get('/sounds?words=anchor')->assertSee('No piece is like that.');
    }
}
