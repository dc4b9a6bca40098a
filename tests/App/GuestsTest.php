<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Models\Batch;
use App\Shelves\Models\GuestLink;
use App\Shelves\Models\Verdict;
use Illuminate\Support\Facades\URL;

/** Guests with a link watch, clear and send back the shorts of one batch, and reach nothing else. */
final class GuestsTest extends AppTestCase
{
    private Batch $batch;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        $this->batch = $this->made("The lamp went out.\n---\nA bell rang.");
        $this->post("/batches/{$this->batch->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
    }

    private function invite(string $name = 'Ada', int $days = 14): string
    {
        return (string) $this->postJson("/batches/{$this->batch->id}/guests", ['name' => $name, 'days' => $days])
            ->assertOk()->json('address');
    }

    private function leave(): void
    {
        $this->post('/sign-out');
        $this->flushSession();
        $this->app['auth']->forgetGuards();
    }

    public function test_a_guest_watches_clears_and_sends_back(): void
    {
        $address = $this->invite('Ada <b>at</b> the desk');
        self::assertStringNotContainsString(
            (string) preg_replace('/^.*in\/|\?.*$/', '', $address), GuestLink::query()->firstOrFail()->token,
        );
        $this->leave();
        $this->get($address)->assertRedirect('/guest');
        $this->get('/guest')->assertOk()->assertSee('Ada <b>at</b> the desk')->assertDontSee('<b>at</b>', false)
            ->assertDontSee('Mend')->assertDontSee('Rundown');
        [$lamp, $bell] = [$this->batch->shorts[0], $this->batch->shorts[1]];
        $look = $this->getJson("/guest/shorts/{$lamp->id}/look")->assertOk();
        self::assertStringNotContainsString('late hook', (string) $look->json('html'));
        $this->get((string) $look->json('file'), ['Range' => 'bytes=0-99'])->assertStatus(206)
            ->assertHeader('Content-Type', 'video/mp4');
        $this->postJson("/guest/shorts/{$lamp->id}/look", ['do' => 'clear', 'seen' => $look->json('seen')])->assertOk();
        $this->postJson("/guest/shorts/{$bell->id}/look", ['do' => 'back', 'note' => 'Too dark.', 'ms' => 900])
            ->assertOk();
        $this->postJson("/guest/shorts/{$bell->id}/look", ['do' => 'mend'])->assertStatus(422);
        self::assertSame(
            [[true, 'Ada <b>at</b> the desk'], [false, 'Ada <b>at</b> the desk']],
            Verdict::query()->orderBy('id')->get()->map(static fn (Verdict $one): array => [$one->cleared, $one->by])
                ->all(),
        );
        $this->getJson('/guest/state')->assertOk()->assertJsonPath('lead', '1 of 2 cleared · 1 sent back');
    }

    public function test_a_guest_reaches_nothing_else(): void
    {
        $address = $this->invite();
        $other = $this->made('Somebody else says this.', name: 'Another');
        $short = $other->shorts[0]->id;
        $export = $this->batch->shorts[0]->exports()->firstOrFail();
        $this->leave();
        $this->get($address)->assertRedirect('/guest');
        $this->getJson("/guest/shorts/$short/look")->assertNotFound();
        $this->postJson("/guest/shorts/$short/look", ['do' => 'back', 'note' => 'x'])->assertNotFound();
        $this->get("/guest/shorts/$short/file.mp4")->assertNotFound();
        foreach ([
            '/', "/batches/{$this->batch->id}", "/batches/{$this->batch->id}/review", "/shorts/{$export->short_id}",
            "/exports/{$export->id}/mp4", "/batches/{$this->batch->id}/contact.html", '/house/review',
        ] as $page) {
            $this->get($page)->assertRedirect('/sign-in');
        }
        $this->postJson("/shorts/{$export->short_id}/review", ['do' => 'back', 'note' => 'x'])->assertUnauthorized();
        $this->postJson("/batches/{$this->batch->id}/guests", ['name' => 'Me', 'days' => 9])->assertUnauthorized();
        self::assertSame(0, Verdict::query()->count());
    }

    public function test_a_link_that_is_guessed_changed_ended_withdrawn_or_of_a_deleted_batch_lets_nobody_in(): void
    {
        $address = $this->invite('Ada', 2);
        $link = GuestLink::query()->firstOrFail();
        $closed = 'This link does not lead anywhere';
        $this->leave();
        $guessed = url(URL::temporarySignedRoute(
            'guest.enter', now()->addDay(), ['token' => str_repeat('a', 40)], false,
        ));
        $longer = (string) preg_replace_callback(
            '/expires=(\d+)/', static fn (array $found): string => 'expires='.($found[1] + 86_400), $address,
        );
        foreach ([$guessed, $longer, "{$address}0", strtok($address, '?'), '/guest'] as $wrong) {
            $this->get((string) $wrong)->assertForbidden()->assertSee($closed);
        }
        $this->get('/guest/in/short')->assertNotFound();

        $this->get($address)->assertRedirect('/guest');
        $this->get('/guest')->assertOk();
        $this->travel(3)->days();
        $this->get('/guest')->assertForbidden();
        $this->get($address)->assertForbidden();
        $this->travelBack();
        $this->get($address)->assertRedirect('/guest');
        $link->update(['withdrawn_at' => now()]);
        $this->getJson('/guest/state')->assertForbidden()->assertJsonStructure(['message']);
        $this->get($address)->assertForbidden();
        $link->update(['withdrawn_at' => null]);
        $this->get('/guest')->assertOk();
        $this->batch->shorts()->forceDelete();
        $this->batch->delete();
        $this->get('/guest')->assertForbidden();
        $this->get($address)->assertForbidden();
        self::assertSame(0, GuestLink::query()->count());
    }

    public function test_a_file_that_was_damaged_since_is_told_and_not_shown(): void
    {
        $export = $this->batch->shorts[0]->exports()->firstOrFail();
        $file = storage_path('media/'.$export->file('mp4'));
        $bytes = (string) file_get_contents($file);
        unlink($file);
        file_put_contents($file, substr_replace($bytes, str_repeat("\0", 64), 2_000, 64));
        $address = $this->invite();
        $this->getJson("/shorts/{$export->short_id}/review")->assertOk();
        self::assertStringContainsString(
            'damaged', (string) $this->getJson("/exports/{$export->id}/mp4")->assertStatus(422)->json('message'),
        );
        $this->get("/batches/{$this->batch->id}/contact.html")->assertOk();
        $this->leave();
        $this->get($address)->assertRedirect('/guest');
        self::assertStringContainsString(
            'damaged', (string) $this->getJson("/guest/shorts/{$export->short_id}/file.mp4")->assertStatus(422)
                ->json('message'),
        );
        $this->postJson("/guest/shorts/{$export->short_id}/look", ['do' => 'back', 'note' => 'It does not play.'])
            ->assertOk();
    }

    public function test_links_are_made_within_limits_and_withdrawn_by_whose_they_are(): void
    {
        $address = $this->invite();
        $link = GuestLink::query()->firstOrFail();
        foreach ([['name' => '', 'days' => 3], ['name' => 'A', 'days' => 0], ['name' => 'A', 'days' => 91],
            ['name' => str_repeat('a', 61), 'days' => 3]] as $wrong) {
            $this->postJson("/batches/{$this->batch->id}/guests", $wrong)->assertStatus(422);
        }
        $this->actingAs($this->user('other@lamplight.example'));
        $this->deleteJson("/guests/{$link->id}")->assertNotFound();
        $this->postJson("/batches/{$this->batch->id}/guests", ['name' => 'A', 'days' => 3])->assertNotFound();
        $this->actingAs($this->user());
        $this->get("/batches/{$this->batch->id}/review")->assertOk()->assertSee('Withdraw');
        $this->deleteJson("/guests/{$link->id}")->assertOk();
        $this->get("/batches/{$this->batch->id}/review")->assertOk()->assertDontSee('Withdraw');
        $this->leave();
        $this->get($address)->assertForbidden();
    }

    public function test_a_contact_sheet_asks_nobody_for_anything_and_is_a_picture_too(): void
    {
        $this->batch->shorts[0]->update(['title' => 'Lamp <script>alert(1)</script> & bell']);
        $html = (string) $this->get("/batches/{$this->batch->id}/contact.html")->assertOk()->getContent();
        self::assertSame(6, substr_count($html, 'data:image/jpeg;base64,'));
        self::assertDoesNotMatchRegularExpression('/(src|href)="(?!data:)|url\(|@import|<script/', $html);
        self::assertStringContainsString('Lamp &lt;script&gt;', $html);
        $png = (string) $this->get("/batches/{$this->batch->id}/contact.png")->assertOk()->getContent();
        [$width, $height, $type] = getimagesizefromstring($png) ?: self::fail('It is no picture.');
        self::assertSame(IMAGETYPE_PNG, $type);
        self::assertGreaterThan(500, min($width, $height));
    }
}
