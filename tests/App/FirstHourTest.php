<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\EditBook;
use App\Desks\Library\StarterDesk;
use App\Shelves\Library\SoundMeter;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Music;
use App\Shelves\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Plan\Settings\StarterStyle;

/** A new channel has something to begin with, and each tab its own channel. */
final class FirstHourTest extends AppTestCase
{
    private Channel $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->other = $this->user()->channels()->create(['name' => 'Second Log']);
    }

    public function test_a_new_channel_is_told_what_comes_first_and_has_music_at_a_press(): void
    {
        $at = "/c/{$this->other->id}";
        $this->get($at)->assertOk()->assertSee('Three steps from here')->assertSee("$at/footage", false);
        $this->get("$at/sounds")->assertSee('Add the starter music');
        $this->post("$at/sounds/starter")->assertRedirect("$at/sounds");
        self::assertSame(5, Music::query()->where('channel_id', $this->other->id)->count());
        $this->get("$at/sounds")->assertDontSee('Add the starter music');
        // Pressed twice it is there once.
        $this->post("$at/sounds/starter");
        self::assertSame(5, Music::query()->where('channel_id', $this->other->id)->count());
    }

    public function test_what_is_said_of_the_starter_music_is_what_the_meter_hears(): void
    {
        $pieces = StarterDesk::pieces();
        self::assertCount(5, array_unique(array_column($pieces, 'mood')), 'One for each mood.');
        $file = resource_path('music/slow-tide.ogg');
        $heard = app(SoundMeter::class)->music($file, 'slow-tide.ogg');
        self::assertEqualsWithDelta($pieces['slow-tide']['heard']['loudness'], $heard['loudness'], 0.2);
        self::assertEqualsWithDelta($pieces['slow-tide']['heard']['tempo'], $heard['tempo'], 0.5);
        self::assertCount(count($pieces['slow-tide']['heard']['bars']), $heard['bars']);
    }

    /** @return list<array{StarterStyle}> */
    public static function styles(): array
    {
        return array_map(static fn (StarterStyle $one): array => [$one], StarterStyle::cases());
    }

    #[DataProvider('styles')]
    public function test_a_house_style_begins_from_another_at_a_press_and_goes_back_at_one(StarterStyle $style): void
    {
        $at = "/c/{$this->other->id}";
        $this->get("$at/house")->assertSee('Nothing is set yet')->assertSee($style->label());
        $this->post("$at/house/begin", ['style' => $style->value])->assertRedirect("$at/house");
        self::assertSameSize($style->settings(), $this->other->refresh()->settings->own);
        $this->get("$at/house")->assertDontSee('Nothing is set yet');
        app(EditBook::class)->undo($this->other->refresh());
        self::assertSame([], $this->other->refresh()->settings->own);
        $this->postJson("$at/house/begin", ['style' => 'nonsense'])->assertStatus(422);
    }

    public function test_an_address_is_in_the_channel_that_it_names_and_leads_nowhere_else(): void
    {
        $first = $this->channel();
        $batch = $this->made('The lamp went out at nine.', name: 'In the first');
        $at = "/c/{$this->other->id}";
        // What two tabs show does not depend on which was looked at last.
        $this->get($at)->assertOk()->assertSee("$at/intake", false)->assertDontSee('In the first');
        $this->get('/')->assertOk()->assertSee('In the first')->assertDontSee('/c/', false);
        $this->post("$at/batches", ['text' => 'A bell rang at nine.', 'name' => 'In the other', 'later' => 1])
            ->assertRedirectContains("$at/batches/");
        $this->get($at)->assertSee('In the other');
        $this->get('/')->assertDontSee('In the other');
        // What it is about goes before what the address says.
        $this->get("$at/batches/$batch->id")->assertOk()->assertSee($first->name)->assertDontSee("$at/intake", false);
        $this->get('/c/0')->assertNotFound();
        $this->get('/c/99999999')->assertNotFound();
        $this->get('/c/1x')->assertNotFound();
        $stranger = self::stranger();
        $theirs = $stranger->channels()->firstOrFail()->id;
        foreach (['', '/house', '/intake', '/sounds', '/footage', '/calendar', '/channels'] as $page) {
            $this->get("/c/$theirs$page")->assertNotFound();
        }
        $this->post("/c/$theirs/house/begin", ['style' => 'tale'])->assertNotFound();
        self::assertSame([], Channel::query()->findOrFail($theirs)->settings->own);
    }

    public function test_signing_in_leads_to_the_channel_that_was_worked_in_last(): void
    {
        $this->post("/channels/{$this->other->id}/enter")->assertRedirect("/c/{$this->other->id}");
        $this->post('/sign-out');
        $this->post('/sign-in', ['email' => $this->user()->email, 'password' => 'nothing like it']);
        $this->user()->update(['password' => 'the right words']);
        $this->post('/sign-in', ['email' => $this->user()->email, 'password' => 'the right words'])
            ->assertRedirect("/c/{$this->other->id}");
    }

    public function test_what_can_be_set_is_fetched_for_one_thing_by_section_and_for_nobody_else(): void
    {
        $short = $this->made('The lamp went out at nine. Nobody came.', name: 'Panel')->shorts[0];
        $scene = $short->scenes[0];
        $this->setting('scene', $scene->id, 'speed', 90)->assertOk();
        $panel = $this->getJson("/settings/scene/$scene->id")->assertOk()->assertJson(['own' => '1 set']);
        $html = (string) $panel->json('html');
        self::assertMatchesRegularExpression('/<h3>Voice<.*<h3>Pace<.*<h3>Captions</s', $html);
        self::assertStringContainsString('Speed of scene 1: set here', $html);
        self::assertStringContainsString('data-words="', $html);
        // A scene has no target, and a shot that is not planned nothing at all.
        self::assertStringNotContainsString('data-setting="profile"', $html);
        $this->getJson("/settings/short/$short->id")->assertOk()->assertJson(['own' => '']);
        $this->getJson("/settings/batch/$short->batch_id")->assertOk()->assertSee('title_text');
        foreach (['channel/1', 'scene/999999', 'nothing/1', 'scene/x', 'scene/-1'] as $wrong) {
            $this->getJson("/settings/$wrong")->assertNotFound();
        }
        $this->getJson("/batches/$short->batch_id/field/mood")->assertOk()->assertSee('option');
        $this->getJson("/batches/$short->batch_id/field/own_targets")->assertNotFound();
        $this->actingAs(self::stranger());
        foreach (["scene/$scene->id", "short/$short->id", "batch/$short->batch_id"] as $theirs) {
            $this->getJson("/settings/$theirs")->assertNotFound();
        }
    }

    private static function stranger(): User
    {
        return User::query()->create(['name' => 'S', 'email' => 's@example.test', 'password' => 'a long password']);
    }
}
