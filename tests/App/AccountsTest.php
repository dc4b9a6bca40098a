<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Member;
use App\Shelves\Models\Role;
use App\Shelves\Models\Scene;
use App\Shelves\Models\SignIn;
use App\Shelves\Models\User;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Nothing of one account is seen, changed, chosen or downloaded by another: every route there is, walked. */
final class AccountsTest extends AppTestCase
{
    use NamesPlaces {
        setUp as setUpPlaces;
    }

    private const STRANGER = 'other@harbour.example';

    /** Routes that are open to those who are not signed in. */
    private const OPEN = ['sign-in', 'up', 'storage/{path}'];

    protected function setUp(): void
    {
        $this->setUpPlaces();
        $shot = Scene::query()->findOrFail($this->places['scene'])->shots()->create([
            'word' => 0,
            'footage_id' => $this->places['footage'],
        ]);
        $this->places['shot'] = $shot->id;
    }

    public function test_a_second_account_reaches_nothing_of_the_first_by_any_route(): void
    {
        $before = $this->everything();
        $stranger = $this->user(self::STRANGER);
        $walked = 0;
        foreach ($this->routes() as [$method, $uri, $models]) {
            $this->actingAs($stranger);
            $answer = $this->json($method, $uri, $this->hostile());
            $status = $answer->baseResponse->getStatusCode();
            $where = "$method $uri: $status";
            if ($models) {
                self::assertSame(404, $status, $where);
            }
            self::assertLessThan(500, $status, $where);
            $told = $answer->baseResponse instanceof BinaryFileResponse
                ? (string) file_get_contents($answer->baseResponse->getFile()->getPathname())
                : (string) $answer->getContent();
            self::assertStringNotContainsString('ecret', $told, $where);
            $walked++;
        }
        self::assertGreaterThan(50, $walked);
        self::assertSame($before, $this->everything(), 'what is the first account’s is as it was');
    }

    public function test_nobody_who_is_not_signed_in_reaches_anything(): void
    {
        $this->post('/sign-out');
        $before = $this->everything();
        foreach ($this->routes() as [$method, $uri]) {
            if (! in_array(ltrim($uri, '/'), self::OPEN, true)) {
                self::assertSame(401, $this->json($method, $uri, $this->hostile())->status(), "$method $uri");
                $this->call($method, $uri)->assertRedirect('/sign-in');
            }
        }
        self::assertSame($before, $this->everything());
    }

    public function test_a_member_who_may_look_clears_and_changes_nothing_else_by_any_route(): void
    {
        $before = $this->everything();
        $looker = $this->user(self::STRANGER);
        $looker->channels()->firstOrFail()->update(['name' => 'Own']);
        Member::query()->forceCreate([
            'channel_id' => $this->places['channel'], 'user_id' => $looker->id, 'role' => Role::Look,
        ]);
        $refused = 0;
        foreach ($this->routes() as [$method, $uri, $models]) {
            // What belongs to the account alone, as where it is signed in, is its own affair.
            if ($method === 'GET' || str_contains($uri, '/leave')) {
                continue;
            }
            foreach (['', "/c/{$this->places['channel']}"] as $at) {
                $this->actingAs($looker);
                $status = $this->json($method, $at.$uri, $this->hostile())->status();
                self::assertLessThan(500, $status, "$method $at$uri");
                $refused += $status === 403 ? 1 : 0;
            }
            self::assertSame($before, $this->everything(), "$method $uri");
        }
        self::assertGreaterThan(80, $refused);
        // What may be looked at is seen, and cleared.
        $this->actingAs($looker);
        $this->get("/batches/{$this->places['batch']}")->assertOk()->assertSee('Secret pile');
        // It is not planned yet, which is another matter than not being allowed to.
        $this->postJson("/shorts/{$this->places['short']}/review", ['do' => 'clear'])->assertStatus(422);
        $this->postJson("/shorts/{$this->places['short']}/review", ['do' => 'mend', 'finding' => 'x'])
            ->assertForbidden();
        $this->post("/channels/{$this->places['channel']}/leave")->assertRedirect('/');
        $this->get("/batches/{$this->places['batch']}")->assertNotFound();
    }

    public function test_somebody_joins_by_a_link_once_edits_and_is_removed(): void
    {
        $at = "/c/{$this->places['channel']}";
        $invite = fn (string $role) => (string) $this->post("/channels/{$this->places['channel']}/invitations", [
            'role' => $role,
        ])->assertRedirect("$at/channels#people")->getSession()->get('link');
        $path = (string) parse_url($invite('edit'), PHP_URL_PATH);
        self::assertSame(0, DB::table('invitations')->where('token', basename($path))->count(), 'Its hash is kept.');
        $this->postJson("/channels/{$this->places['channel']}/invitations", ['role' => 'owner'])->assertStatus(422);
        $this->post('/sign-out');
        $this->get($path)->assertOk()->assertSee('may edit');
        $this->post($path, ['name' => 'E', 'email' => $this->user()->email, 'password' => 'a long password'])
            ->assertSessionHasErrors('email');
        $this->post($path, ['name' => 'Editor', 'email' => 'e@harbour.example', 'password' => 'a long password'])
            ->assertRedirect($at);
        // Used, it leads nowhere.
        $this->get($path)->assertNotFound();
        $editor = User::query()->where('email', 'e@harbour.example')->firstOrFail();
        $this->actingAs($editor);
        $this->get("/batches/{$this->places['batch']}")->assertOk();
        $this->putJson("/scenes/{$this->places['scene']}", ['text' => 'Nobody lit the lamp.'])->assertOk();
        $this->get("$at/channels/log")->assertOk()->assertSee('Editor')->assertSee('Reworded scene');
        // Whom else to let in is not an editor's to say, nor who goes.
        $this->post("/channels/{$this->places['channel']}/invitations", ['role' => 'edit'])->assertNotFound();
        $member = Member::query()->where('user_id', $editor->id)->firstOrFail();
        $this->delete("/members/$member->id")->assertNotFound();
        $this->actingAs($this->user())->delete("/members/$member->id")->assertRedirect("$at/channels#people");
        $this->actingAs($editor)->get("/batches/{$this->places['batch']}")->assertNotFound();
        $this->get("$at/house")->assertNotFound();
        // A link that is over, and one that was withdrawn.
        $this->actingAs($this->user());
        $old = (string) parse_url($invite('look'), PHP_URL_PATH);
        DB::table('invitations')->update(['ends_at' => time() - 1]);
        $this->get($old)->assertNotFound();
        $this->post($old)->assertNotFound();
    }

    public function test_an_account_is_signed_out_from_another_place(): void
    {
        $user = $this->user();
        $user->update(['password' => 'a long password']);
        $this->post('/sign-out');
        $this->withHeader('Accept', 'text/html');
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long password'])->assertRedirect();
        $this->get('/password')->assertOk()->assertSee('<b>here</b>', false);
        $own = SignIn::query()->where('user_id', $user->id)->firstOrFail();
        $other = SignIn::query()->forceCreate([
            'user_id' => $user->id, 'address' => '10.0.0.9', 'with' => '<b>Elsewhere</b>', 'seen_at' => time(),
        ]);
        $this->get('/password')->assertSee('10.0.0.9')->assertDontSee('<b>Elsewhere</b>', false);
        $this->delete("/sign-ins/$other->id")->assertRedirect();
        self::assertTrue($other->refresh()->ended);
        // Signed out there, the next that is asked for leads to the door.
        $own->update(['ended' => true]);
        $this->get('/house')->assertRedirect('/sign-in');
        $this->actingAs($this->user(self::STRANGER))->delete("/sign-ins/$own->id")->assertNotFound();
    }

    public function test_a_forgotten_password_is_given_anew_by_mail_once_and_tells_nobody_who_has_an_account(): void
    {
        $this->post('/sign-out');
        $this->get('/forgotten')->assertNotFound();
        config(['reel.mail' => true, 'mail.default' => 'array', 'mail.from.address' => 'reel@harbour.example']);
        $this->get('/sign-in')->assertSee('Forgotten your password?');
        $known = $this->post('/forgotten', ['email' => strtoupper($this->user()->email)]);
        $unknown = $this->post('/forgotten', ['email' => 'nobody@harbour.example']);
        self::assertSame($known->headers->get('location'), $unknown->headers->get('location'));
        $transport = app('mailer')->getSymfonyTransport();
        assert($transport instanceof ArrayTransport);
        self::assertCount(1, $transport->messages());
        $text = (string) $transport->messages()[0]->getOriginalMessage()->getTextBody();
        self::assertSame(1, preg_match('#(/forgotten/\S+)#', $text, $found));
        $link = $found[1];
        $this->get($link)->assertOk();
        $this->get(str_replace('signature=', 'signature=0', $link))->assertNotFound();
        $this->post($link, ['password' => 'short'])->assertSessionHasErrors('password');
        $this->post($link, ['password' => 'a wholly new one'])->assertRedirect('/sign-in');
        $this->get($link)->assertNotFound();
        $this->post('/sign-in', ['email' => $this->user()->email, 'password' => 'a wholly new one'])
            ->assertRedirect('/');
    }

    public function test_who_came_by_no_link_is_no_guest_signed_in_or_not(): void
    {
        foreach ([true, false] as $isSignedIn) {
            $isSignedIn || $this->post('/sign-out');
            $id = $this->places['short'];
            foreach (['/guest', '/guest/state', "/guest/shorts/$id/look", "/guest/shorts/$id/file.mp4"] as $uri) {
                $this->getJson($uri)->assertForbidden();
            }
            $this->postJson("/guest/shorts/$id/look", ['do' => 'back', 'note' => 'x'])->assertForbidden();
            $this->getJson('/guest/in/'.str_repeat('b', 40))->assertForbidden();
        }
    }

    public function test_a_channel_of_the_same_account_keeps_its_own_and_chooses_only_what_is_shared(): void
    {
        $this->post('/channels', ['name' => 'Second light'])->assertRedirect();
        $second = Channel::query()->where('name', 'Second light')->firstOrFail();
        $this->get("/c/$second->id")->assertOk()->assertDontSee('Secret pile');
        self::assertSame(0, Footage::query()->where('channel_id', $second->id)->count());
    }

    /** @return iterable<array{string, string, bool}> method, address, and whether it names something of an account's */
    private function routes(): iterable
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $uri = '/'.ltrim($route->uri(), '/');
            if (in_array(ltrim($uri, '/'), self::OPEN, true) || str_starts_with($uri, '/sign-out')
                || str_starts_with($uri, '/guest/') || $uri === '/guest' || str_starts_with($uri, '/join/')
                || str_starts_with($uri, '/forgotten')) {
                continue;
            }
            $names = $route->parameterNames();
            foreach ($names as $name) {
                self::assertArrayHasKey($name, $this->places, "$uri: nobody says what {{$name}} is");
                $uri = str_replace("{{$name}}", (string) $this->places[$name], $uri);
            }
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                yield [$method, $uri, array_diff($names, ['voice', 'token', 'path', 'style']) !== []];
            }
        }
    }

    /** @return array<string, mixed> a body that names what is the first account's */
    private function hostile(): array
    {
        return [
            'channel' => $this->places['channel'],
            'batch' => $this->places['batch'],
            'ids' => [$this->places['short']],
            'level' => 'short',
            'key' => 'speed',
            'value' => '70',
            'footage' => $this->places['footage'],
            'music' => $this->places['music'],
            'shorts' => [$this->places['short']],
            'name' => 'Mine',
            'text' => 'Two words.',
            'do' => 'remove',
            'at' => 1,
            'act' => 'delete',
        ];
    }

    private function everything(): string
    {
        $rows = [];
        $owner = $this->channel()->id;
        foreach (['shorts', 'scenes', 'shots', 'readings', 'exports'] as $table) {
            $rows[$table] = DB::table($table)->orderBy('id')->get()->all();
        }
        // Whoever tries may change what is his own.
        $rows['edits'] = DB::table('edits')->where('channel_id', $owner)->orderBy('id')->get()->all();
        $rows['batches'] = DB::table('batches')->where('channel_id', $owner)->get()->all();
        $rows['channel'] = DB::table('channels')->where('id', $owner)->get()->all();
        $rows['footage'] = DB::table('footage')->where('channel_id', $owner)->get()->all();

        return (string) json_encode($rows);
    }
}
