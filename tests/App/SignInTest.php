<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Models\Batch;
use App\Shelves\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;

final class SignInTest extends AppTestCase
{
    /** @return array<string, array{string, string}> */
    public static function guarded(): array
    {
        return [
            'batches' => ['get', '/'],
            'intake' => ['get', '/intake'],
            'footage' => ['get', '/footage'],
            'a batch' => ['get', '/batches/1'],
            'a short' => ['get', '/shorts/1'],
            'a file' => ['get', '/exports/1/mp4'],
            'a sample' => ['get', '/voices/aldous/sample'],
            'making' => ['post', '/batches'],
        ];
    }

    #[DataProvider('guarded')]
    public function test_everything_but_the_door_needs_a_signed_in_user(string $method, string $path): void
    {
        $this->{$method}($path)->assertRedirect('/sign-in');
    }

    public function test_the_demo_shows_its_account_and_it_opens_the_door(): void
    {
        $this->user();
        $this->get('/sign-in')->assertOk()->assertSee('keeper@lamplight.example')->assertSee('lamplight');
        $this->post('/sign-in', ['email' => 'keeper@lamplight.example', 'password' => 'lamplight'])->assertRedirect(
            '/',
        );
        $this->get('/')->assertOk();
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->get('/')->assertRedirect('/sign-in');
    }

    public function test_what_a_page_is_to_say_is_not_taken_away_by_what_is_asked_in_the_background(): void
    {
        $this->actingAs($this->user())->post('/house/tables')->assertSessionHas('problem', 'Choose a .cube file.');
        $this->getJson('/house/state')->assertOk();
        $this->get('/house/state', ['Accept' => 'image/avif,*/*'])->assertOk();
        $this->get('/house')->assertSee('Choose a .cube file.');
        $this->get('/house')->assertDontSee('Choose a .cube file.');
    }

    public function test_without_the_demo_no_account_is_shown(): void
    {
        config(['reel.demo' => false]);
        $this->get('/sign-in')->assertOk()->assertDontSee('lamplight');
    }

    public function test_wrong_tries_are_told_and_slowed_down(): void
    {
        $user = $this->user();
        self::assertNotSame('lamplight', $user->password);
        for ($i = 0; $i < 5; $i++) {
            $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors([
                'email' => 'This e-mail address and password do not belong together.',
            ]);
        }
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'lamplight'])->assertSessionHasErrors('email');
        $this->get('/')->assertRedirect('/sign-in');
    }

    public function test_nobody_reaches_the_batches_of_another(): void
    {
        $batch = Batch::query()->forceCreate([
            'channel_id' => $this->channel('other@lamplight.example')->id,
            'name' => 'Theirs',
        ]);
        $this->actingAs($this->user());

        $this->get("/batches/{$batch->id}")->assertNotFound();
        $this->post("/batches/{$batch->id}/exports")->assertNotFound();
        $this->get('/')->assertDontSee('Theirs');
    }

    public function test_an_account_is_made_on_the_command_line_with_its_password_hashed(): void
    {
        $this->artisan('reel:account', ['email' => 'new@lamplight.example'])
            ->expectsQuestion('Password', 'short')
            ->assertExitCode(1);
        $this->artisan('reel:account', ['email' => 'new@lamplight.example', '--name' => 'New'])
            ->expectsQuestion('Password', 'a long enough one')
            ->assertExitCode(0);

        self::assertNotSame(
            'a long enough one',
            User::query()->where('email', 'new@lamplight.example')->value('password'),
        );
        $this->post('/sign-in', [
            'email' => 'new@lamplight.example',
            'password' => 'a long enough one',
        ])->assertRedirect('/');
    }

    public function test_pages_load_from_here_alone(): void
    {
        self::assertStringContainsString(
            "default-src 'self'",
            (string) $this->get('/sign-in')
                ->assertHeader('X-Content-Type-Options', 'nosniff')
                ->headers->get('Content-Security-Policy'),
        );
    }
}
