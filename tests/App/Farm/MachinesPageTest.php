<?php

declare(strict_types=1);

namespace Tests\App\Farm;

use App\Desks\Machines\MachinesDesk;
use App\Doors\Console\Doctor;
use App\Media\Farm\MakerReport;
use App\Media\Farm\Roll;
use App\Media\Farm\Toolprint;
use App\Shelves\Models\LeftOutMachine;
use App\Shelves\Models\User;

/** What whoever keeps the machine sees of others that make for it. */
final class MachinesPageTest extends FarmCase
{
    private function reports(string $machine, string $doing = '', string $why = '', ?Toolprint $tools = null): void
    {
        app(Roll::class)->answer(new MakerReport(
            $machine, 1, $tools ?? app(Toolprint::class), $doing, $why, made: 4, failed: $why === '' ? 0 : 1,
        ));
    }

    public function test_machines_are_shown_with_what_they_do_and_how_fast_they_are(): void
    {
        $this->reports('attic', 'A shot of 2.0 s');
        $this->reports('cellar', why: 'The disk is full.');
        $this->reports('shed', tools: new Toolprint('older', 'x', 'ffmpeg 4'));
        app(Roll::class)->worked('main', 8_000_000, 1.0);
        app(Roll::class)->worked('attic', 6_000_000, 1.0);
        app(Roll::class)->failed('cellar', 'A shot', '<b>No room</b>');
        $page = $this->actingAs($this->user())->get('/machine/helpers')->assertOk();
        $page->assertSee('A shot of 2.0 s')->assertSee('0.75 ×')->assertSee('The disk is full.')
            ->assertSee('another version of Rapid Reel')->assertSee('&lt;b&gt;No room&lt;/b&gt;', false);
        $state = $this->get('/machine/helpers/state')->assertOk();
        self::assertTrue($state->json('working'));
        self::assertStringContainsString('A shot of 2.0 s', $state->json('rows'));
    }

    public function test_one_is_left_out_for_good_and_taken_in_again(): void
    {
        $this->actingAs($this->user());
        $this->put('/machine/helpers/attic', ['makes' => '0'])->assertRedirect('/machine/helpers');
        self::assertTrue(app(Roll::class)->isLeftOut('attic'));
        // Redis begins anew, and knows of nothing.
        app(Roll::class)->leaveOut([]);
        app(MachinesDesk::class)->tell();
        self::assertTrue(app(Roll::class)->isLeftOut('attic'));
        $this->get('/machine/helpers')->assertSee('it is left out')->assertSee('Take in');
        $this->put('/machine/helpers/attic', ['makes' => '1']);
        self::assertFalse(app(Roll::class)->isLeftOut('attic'));
        self::assertSame(0, LeftOutMachine::query()->count());
        $this->putJson('/machine/helpers/main', ['makes' => '0'])->assertStatus(422);
        $this->put('/machine/helpers/'.str_repeat('a', 60), ['makes' => '0'])->assertNotFound();
    }

    public function test_nobody_but_the_keeper_sees_or_changes_them(): void
    {
        $this->user();
        $other = User::query()->create(['name' => 'O', 'email' => 'o@example.test', 'password' => 'a long password']);
        $this->actingAs($other)->get('/machine/helpers')->assertNotFound();
        $this->get('/machine/helpers/state')->assertNotFound();
        $this->put('/machine/helpers/attic', ['makes' => '0'])->assertNotFound();
        self::assertSame(0, LeftOutMachine::query()->count());
    }

    public function test_a_wrong_password_is_said_on_the_page_and_by_the_doctor(): void
    {
        config(['reel.farm.redis' => $this->address('wrong')]);
        $this->joins();
        $this->actingAs($this->user())->get('/machine/helpers')->assertOk()->assertSee('Redis refuses the password')
            ->assertDontSee('wrong@');
        $checks = array_column(app(Doctor::class)->examine(false), null, 'check');
        self::assertFalse($checks['orders for other machines']['ok']);
        self::assertStringContainsString('refuses the password', $checks['orders for other machines']['found']);
    }

    public function test_the_doctor_tells_who_is_there_and_who_cannot(): void
    {
        $this->reports('attic');
        $this->reports('left', why: MakerReport::LEFT_OUT);
        $checks = static fn (): array => array_column(app(Doctor::class)->examine(false), null, 'check');
        self::assertStringContainsString('attic', $checks()['orders for other machines']['found']);
        self::assertTrue($checks()['other machines']['ok']);
        $this->reports('shed', why: 'It has another version of Rapid Reel.');
        self::assertFalse($checks()['other machines']['ok']);
        config(['reel.farm.redis' => '']);
        $this->joins();
        self::assertArrayNotHasKey('other machines', $checks());
        $this->actingAs($this->user())->get('/machine/helpers')->assertSee('makes everything itself');
    }
}
