<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\EditBook;
use App\Desks\Outbox\Outbox;
use App\Desks\Translating\VersionBook;
use App\Desks\Translating\VersionUpdate;
use App\Doors\Jobs\OrphanSweep;
use App\Gateways\Translating\Translating;
use App\Media\Audio\TakeFiles;
use App\Shelves\Models\Edit;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\VersionOrder;
use Illuminate\Http\Client\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\TestWith;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\Translation;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Xliff;

/** The same short in other languages: made, followed, brought up to date. */
final class VersionsTest extends AppTestCase
{
    private Short $short;

    protected function setUp(): void
    {
        parent::setUp();
        config(['reel.proofs' => false]);
        $this->actingAs($this->user());
        $this->library();
        $this->short = $this->made("# The lamp\n\nThe girl could not reach the lamp, so she stood on the oil can.\n\n"
            .'Tell someone brave about Ada.')->shorts[0];
    }

    /** @param  list<string>  $languages */
    private function ordered(array $languages, string $way = 'voice'): void
    {
        $this->post("/shorts/{$this->short->id}/versions", ['languages' => $languages, 'way' => $way])
            ->assertSessionHasNoErrors()->assertRedirect();
        $this->work();
    }

    private function version(string $language): Short
    {
        return Short::query()->where('version_of', $this->short->id)->where('language', $language)->firstOrFail();
    }

    /** @return list<list<string>> footage by scene and shot */
    private static function pictures(Short $short): array
    {
        return array_map(
            static fn (CutScene $scene): array => $scene->footage(), $short->refresh()->plannedCut()->scenes ?? [],
        );
    }

    public function test_a_version_shows_the_same_pictures_with_words_and_a_voice_of_its_own(): void
    {
        $this->ordered(['de', 'ar']);
        $german = $this->version('de');

        self::assertSame(0, VersionOrder::query()->count());
        self::assertSame('Erzähl jemandem, der mutig ist, von Ada.', $german->scenes[1]->text);
        self::assertSame('hanno', $german->settings->own['voice']);
        self::assertSame('jalila', $this->version('ar')->settings->own['voice']);
        self::assertNotSame([], self::pictures($this->short));
        foreach (['de', 'ar'] as $language) {
            self::assertTrue($this->version($language)->isPlanned(), $language);
            self::assertSame(self::pictures($this->short), self::pictures($this->version($language)));
        }
        $page = $this->get("/batches/{$this->short->batch_id}")->assertOk();
        $page->assertSeeInOrder(['The lamp', 'Arabic', 'German']);
        $this->get("/shorts/{$this->short->id}/versions?in={$german->id}")->assertOk()
            ->assertSee('Das Mädchen kam nicht an die Lampe heran');
        $this->get("/shorts/{$german->id}/versions")->assertRedirect();
    }

    public function test_a_picture_that_is_chosen_in_the_first_is_shown_by_all_but_where_one_has_another(): void
    {
        $this->ordered(['de', 'es']);
        $chosen = static fn (Short $short, int $footage): array => ['footage' => $footage];
        $ids = array_values(array_unique(array_merge(...self::pictures($this->short))));
        $other = (int) \App\Shelves\Models\Footage::query()->whereKeyNot(array_map(intval(...), $ids))->value('id')
            ?: (int) $ids[1];
        $own = $this->version('es')->scenes[1];
        $this->putJson("/scenes/{$own->id}/shots/0", $chosen($this->short, (int) $ids[0]))->assertOk();
        $this->putJson("/scenes/{$this->short->scenes[1]->id}/shots/0", $chosen($this->short, $other))
            ->assertOk();
        $this->setting('short', $this->short->id, 'look', 'clear')->assertOk();
        $this->setting('short', $this->short->id, 'speed', 90)->assertOk();
        $this->work();

        self::assertSame((string) $other, self::pictures($this->short)[1][0]);
        self::assertSame(self::pictures($this->short), self::pictures($this->version('de')));
        self::assertSame($ids[0], self::pictures($this->version('es'))[1][0]);
        self::assertSame('clear', $this->version('de')->settings->own['look'] ?? null, 'a look reaches all');
        self::assertArrayNotHasKey('speed', $this->version('de')->settings->own, 'a version has a voice of its own');
    }

    public function test_a_sentence_that_changed_is_told_and_it_alone_is_brought_up_to_date(): void
    {
        $this->ordered(['de']);
        $german = $this->version('de');
        app(VersionUpdate::class)->say($german, ['s2.1' => 'Erzähl es den Mutigen.']);
        $this->putJson("/scenes/{$this->short->scenes[0]->id}", [
            'text' => 'Ada Fenn was alone with a lamp that had to be wound every four hours.',
        ])->assertOk();
        $this->work();
        self::assertSame(1, $german->refresh()->behind);
        $page = $this->get("/shorts/{$this->short->id}/versions")->assertOk();
        $page->assertSee('The girl could not reach the lamp')->assertSee('Source changed.');

        $this->post("/shorts/{$german->id}/translation/update")->assertRedirect();
        $german->refresh();
        self::assertSame(0, app(VersionBook::class)->behind($german));
        self::assertStringStartsWith('Ada Fenn war allein', $german->scenes()->firstOrFail()->text);
        self::assertSame('Erzähl es den Mutigen.', $german->scenes()->get()[1]->text);
        $this->work();
        self::assertSame(self::pictures($this->short), self::pictures($german), 'it shows what the first shows, still');
        app(EditBook::class)->undo($german);
        self::assertSame(1, app(VersionBook::class)->behind($german->refresh()->unsetRelations()));
    }

    public function test_a_translator_takes_it_along_and_half_of_it_comes_back(): void
    {
        $this->ordered(['ja']);
        $version = $this->version('ja');
        self::assertSame(3, app(VersionBook::class)->behind($version), 'the phrase book has no Japanese');
        $sent = Xliff::read((string) $this->get("/shorts/{$version->id}/translation.xlf")->assertOk()->getContent());
        self::assertSame(['title', 's1.1', 's2.1'], array_keys($sent->units));
        $back = Xliff::write(new Translation("short:{$this->short->id}", 'en', 'ja', array_map(
            static fn (string $id): TranslationUnit => new TranslationUnit($id, $sent->units[$id]->source ?? ''),
            array_keys($sent->units),
        ), ['s1.1' => '少女はランプに届かなかった。', 's2.1' => 'This is no Japanese at all.']));
        $answer = $this->post("/shorts/{$version->id}/translation", [
            'file' => UploadedFile::fake()->createWithContent('back.xlf', $back),
        ])->assertRedirect();

        $answer->assertSessionHas('saved', '1 sentences were taken.');
        self::assertStringContainsString('not in the letters', implode(' ', (array) session('findings')));
        self::assertSame('少女はランプに届かなかった。', $version->scenes()->firstOrFail()->text);
        self::assertSame(2, app(VersionBook::class)->behind($version->refresh()->unsetRelations()));
        foreach (['not XML', '<x/>', Xliff::write(new Translation('short:99999', 'en', 'ja', []))] as $bad) {
            $this->post("/shorts/{$version->id}/translation", [
                'file' => UploadedFile::fake()->createWithContent('back.xlf', $bad),
            ])->assertRedirect()->assertSessionHas('problem');
        }
    }

    public function test_a_language_without_a_voice_has_its_captions_over_the_first(): void
    {
        $this->ordered(['ja']);
        $version = $this->version('ja');
        $takes = static fn (Short $short): array => array_map(
            static fn (CutScene $scene): string => $scene->take, $short->refresh()->plannedCut()->scenes ?? [],
        );

        self::assertSame('captions', $version->way->value);
        self::assertSame(
            $this->short->refresh()->plannedCut()?->durationMs, $version->refresh()->plannedCut()?->durationMs,
        );
        foreach (array_map(null, $takes($this->short), $takes($version)) as [$one, $other]) {
            $takes = app(TakeFiles::class);
            self::assertEquals($takes->sound((string) $one), $takes->sound((string) $other));
        }
    }

    public function test_a_voice_is_brought_to_its_pictures_as_far_as_that_goes_and_what_goes_beyond_is_told(): void
    {
        $this->ordered(['es'], 'pictures');
        $version = $this->version('es');
        $ms = static fn (Short $short): array => array_map(
            static fn (CutScene $scene): int => $scene->endMs - $scene->startMs,
            $short->refresh()->plannedCut()->scenes ?? [],
        );
        $tempos = $version->scenes->map(static fn (Scene $scene): mixed => $scene->settings->own['tempo'])->all();

        self::assertTrue($version->isPlanned());
        foreach (array_map(null, $ms($this->short), $ms($version), $tempos) as [$one, $other, $tempo]) {
            $isNear = abs($one - $other) <= 150;
            self::assertTrue($isNear || ($tempo === 112 && $other > $one), "$one, $other at $tempo %");
        }
        self::assertContains(112, $tempos);
        $this->get("/shorts/{$this->short->id}/versions")->assertSee('a shorter wording helps');
    }

    public function test_both_are_brought_to_the_length_of_the_first(): void
    {
        $this->ordered(['de'], 'length');
        $this->get("/shorts/{$this->short->id}/versions")->assertSee('longer than the first: its limits of pace');
        $this->short = $this->made("# Nights\n\nFour thousand nights, the same line.\n\n"
            .'Then, in a January storm, a fishing boat with nine men aboard lost its way in the dark.')->shorts[0];
        $this->ordered(['de'], 'length');
        $before = $this->short->refresh()->plannedCut()->durationMs ?? 0;

        self::assertEqualsWithDelta($before, $this->version('de')->plannedCut()->durationMs ?? 0, 300);
    }

    public function test_a_batch_is_ordered_at_once_and_nothing_is_made_twice(): void
    {
        $batch = $this->made(
            "# One\n\nThe lamp was lit.\n\n---\n\n# Two\n\nThe bell rang at night.", name: 'Two',
        );
        $all = ['languages' => ['de', 'fr'], 'other' => 'ES, fr', 'way' => 'voice'];
        $this->get("/batches/$batch->id/versions")->assertOk()->assertSee('Two');
        $this->post("/batches/$batch->id/versions", $all)->assertRedirect();
        self::assertSame(3 * $batch->shorts()->count(), VersionOrder::query()->where('open', true)->count());
        $order = VersionOrder::query()->firstOrFail();
        $this->work();
        // One that was killed after it was done is begun once more.
        (new \App\Doors\Jobs\MakeVersion($order->id))->handle(app(\App\Desks\Translating\VersionDesk::class));
        $versions = Short::query()->whereNotNull('version_of')->get();

        self::assertCount(3 * $batch->shorts()->whereNull('version_of')->count(), $versions);
        self::assertSame(0, VersionOrder::query()->count());
        $this->post("/batches/$batch->id/versions", $all)->assertSessionHas('problem');
        self::assertSame(
            ['01-de-one', '01-es-one', '01-fr-one'],
            array_map(static fn (Short $one): string => $one->fileName(),
                $batch->shorts()->whereNull('version_of')->firstOrFail()->versions()->get()->all()),
        );
    }

    #[TestWith([['languages' => [], 'way' => 'voice'], 'Choose a language'])]
    #[TestWith([['other' => '../x', 'way' => 'voice'], 'named by its tag'])]
    #[TestWith([['languages' => ['en'], 'way' => 'voice'], 'in English already'])]
    #[TestWith([['languages' => ['de'], 'way' => 'soon'], 'how its times come about'])]
    public function test_what_cannot_be_ordered_is_told(array $order, string $says): void
    {
        $this->post("/shorts/{$this->short->id}/versions", $order)->assertRedirect();

        self::assertStringContainsString($says, (string) session('problem'));
        self::assertSame(0, VersionOrder::query()->count());
    }

    public function test_a_glossary_of_the_channel_is_what_translations_are_held_to(): void
    {
        $this->ordered(['de']);
        $german = $this->version('de');
        $at = "/shorts/{$german->id}/glossary";
        $this->put($at, ['words' => "lamp = Leuchte\na = b = c"])->assertSessionHas('problem');
        $this->put($at, ['words' => "lamp = Leuchte\nAda"])->assertSessionHas('saved');
        $this->putJson("/scenes/{$this->short->scenes[0]->id}", [
            'text' => 'The old lamp was dark.',
        ])->assertOk();
        app(VersionUpdate::class)->bring($german->refresh()->unsetRelations());

        self::assertStringContainsString('Leuchte', $german->scenes()->firstOrFail()->text);
    }

    public function test_a_service_or_a_program_translates_where_there_is_one(): void
    {
        $order = new Translation('short:1', 'en', 'de', [
            new TranslationUnit('s1.1', 'The lamp.', 1.5, 27), new TranslationUnit('s1.2', 'The bell.'),
        ]);
        config(['reel.translator' => 'http://words.example/v1/', 'reel.translator_key' => 'secret']);
        Http::preventStrayRequests();
        Http::fake(['words.example/v1/translations' => Http::response(['sentences' => [
            ['id' => 's1.1', 'text' => "Die\n Lampe."], ['id' => 's9', 'text' => 'x'], 7,
            ['id' => 's1.2', 'text' => ''],
        ]])]);
        self::assertSame(
            ['s1.1' => 'Die Lampe.'],
            app(Translating::class)->translate($order, Glossary::of('bell = Glocke'))->targets,
        );
        Http::assertSent(static fn (Request $request): bool => $request['to'] === 'de'
            && $request['sentences'][0]['most_characters'] === 27 && $request['glossary'][0]['becomes'] === 'Glocke'
            && $request->hasHeader('Authorization', 'Bearer secret'));
        config(['reel.translator' => '', 'reel.translator_command' => json_encode([PHP_BINARY, '-r',
            '$o = json_decode(stream_get_contents(STDIN), true); echo json_encode(["sentences" => array_map('
                .'fn ($s) => ["id" => $s["id"], "text" => strrev($s["text"])], $o["sentences"])]);'])]);
        self::assertSame('.lleb ehT', app(Translating::class)->translate($order, new Glossary)->targets['s1.2']);
        foreach (['["false"]', '["/no/such/program"]', '["'.PHP_BINARY.'", "-r", "echo 7;"]', 'false'] as $broken) {
            config(['reel.translator_command' => $broken]);
            try {
                app(Translating::class)->translate($order, new Glossary);
                self::fail($broken);
            } catch (Refusal $problem) {
                self::assertNotSame('', $problem->getMessage());
            }
        }
    }

    public function test_an_outlet_takes_the_language_that_it_is_for(): void
    {
        $this->ordered(['de', 'es']);
        $outlet = Outlet::query()->forceCreate([
            'channel_id' => $this->channel()->id, 'place' => 'folder', 'name' => 'German place',
        ]);
        $at = "/outlets/{$outlet->id}";
        $fields = ['name' => 'German place', 'hours' => '18:00', 'per_day' => '1', 'rate' => '0', 'currency' => 'USD'];
        $this->put($at, [...$fields, 'language' => '../x'])->assertSessionHas('problem');
        $shorts = array_values(Short::query()->with('batch.channel')->get()->all());
        foreach (['de' => ['de'], 'first' => [''], '' => ['', 'de', 'es']] as $language => $taken) {
            $this->put($at, [...$fields, 'language' => $language])->assertSessionHas('saved');
            Post::query()->delete();
            app(Outbox::class)->deal($shorts, [$outlet->refresh()]);
            $posted = Post::query()->with('short')->get()
                ->map(static fn (Post $post): string => $post->short->language)->sort()->values()->all();
            self::assertSame($taken, $posted, "an outlet for “{$language}”");
        }
        $this->get('/outlets')->assertOk()->assertSee('versions in German');
    }

    public function test_an_order_that_nobody_was_told_of_is_ordered_again_and_one_that_fails_says_why(): void
    {
        $order = VersionOrder::query()->create(['short_id' => $this->short->id, 'language' => 'de', 'way' => 'voice']);
        app(OrphanSweep::class)->order();
        $this->work();
        self::assertSame('de', $this->version('de')->language);
        self::assertNull(VersionOrder::query()->find($order->id));
        config(['reel.translator_command' => '["false"]']);
        $this->ordered(['fr']);
        $failed = VersionOrder::query()->sole();
        self::assertFalse($failed->open);
        $page = "/shorts/{$this->short->id}/versions";
        $this->get($page)->assertSee('The translator could not do it');
        $this->delete($page, ['order' => $failed->id])->assertRedirect();
        self::assertSame(0, VersionOrder::query()->count());
    }

    public function test_a_file_goes_into_the_version_on_the_command_line_too(): void
    {
        $this->ordered(['de']);
        $id = (string) $this->short->id;
        Artisan::call('reel:xliff', ['id' => $id, '--to' => 'de']);
        file_put_contents($file = TEST_PLACE.'/back.xlf', str_replace(
            'Erzähl jemandem, der mutig ist, von Ada.', 'Erzähl es den Mutigen.', Artisan::output(),
        ));
        Artisan::call('reel:xliff', ['id' => $id, '--to' => 'de', '--read' => $file]);

        self::assertSame('Erzähl es den Mutigen.', $this->version('de')->scenes[1]->text);
    }

    public function test_a_version_is_copied_and_deleted_like_any_short(): void
    {
        $this->ordered(['de']);
        $german = $this->version('de');
        $acts = "/batches/{$german->batch_id}/acts";
        $this->postJson($acts, ['act' => 'copy', 'shorts' => [$german->id]])->assertOk();
        $copy = Short::query()->latest('id')->firstOrFail();
        self::assertSame([null, ''], [$copy->version_of, $copy->language]);
        $this->work();
        self::assertNotEmpty($copy->refresh()->shown_before, 'what the first shows was seen before, versions or none');
        $this->postJson($acts, ['act' => 'delete', 'shorts' => [$german->id]])->assertOk();
        $this->ordered(['de']);
        self::assertNotSame($german->id, $this->version('de')->id);
        $this->postJson("/shorts/{$german->id}/undo")->assertNotFound();
        app(EditBook::class)->undo(Short::withTrashed()->findOrFail($german->id));
        self::assertNull(Short::query()->findOrFail($german->id)->version_of);
        $this->postJson($acts, ['act' => 'delete', 'shorts' => [$this->short->id]])->assertOk();
        $left = $this->version('de');
        $this->get("/shorts/{$left->id}/versions")->assertSee('is deleted');
        $this->get("/shorts/{$left->id}")->assertOk();
        $this->get("/batches/{$left->batch_id}")->assertOk()->assertSee('German');
        $this->post("/shorts/{$left->id}/translation/update")->assertSessionHas('problem');
    }

    public function test_the_command_makes_versions_and_tells_of_them(): void
    {
        $status = Artisan::call('reel:version', ['id' => (string) $this->short->id, '--to' => 'de']);
        $told = (array) json_decode(Artisan::output(), true);

        self::assertSame(0, $status);
        self::assertSame(['de', 0, [], '01-de-the-lamp'], [
            $told['versions'][0]['language'], $told['versions'][0]['brought'], $told['versions'][0]['too_long'],
            $told['versions'][0]['name'],
        ]);
        self::assertNotNull(Edit::query()->where('short_id', $this->version('de')->id)->first(), 'it can be undone');
        $this->work();
        $german = $this->version('de');
        $german->update(['way' => 'pictures']);
        app(VersionUpdate::class)->say($german->refresh(), [
            's2.1' => str_repeat('Erzähl es allen Leuten, die abends noch am Hafen stehen. ', 6),
        ]);
        // Nothing of it is voiced yet.
        Artisan::call('reel:version', ['id' => (string) $this->short->id]);
        $told = (array) json_decode(Artisan::output(), true);
        self::assertContains('s2.1', $told['versions'][0]['too_long']);
    }
}
