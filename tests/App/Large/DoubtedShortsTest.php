<?php

declare(strict_types=1);

namespace Tests\App\Large;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\SettingsDesk;
use App\Desks\Editing\Settler;
use App\Doors\Bench\Large\LargeChannel;
use App\Doors\Jobs\OrphanSweep;
use App\Doors\Jobs\PlanShort;
use App\Shelves\Models\KeptCut;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Plan\Settings\Level;
use Tests\App\AppTestCase;

/** What is changed for thousands of shorts is marked at once, and worked off in pieces. */
final class DoubtedShortsTest extends AppTestCase
{
    private const SHORTS = 120;

    protected function setUp(): void
    {
        parent::setUp();
        LargeChannel::in($this->channel(), $this->user())->grow(self::SHORTS, 3, 0);
        self::assertTrue(Settler::areMany(Short::query()));
    }

    private function set(string $key, ?string $value): string
    {
        return app(SettingsDesk::class)->set(
            $this->channel()->refresh(), Level::Channel, [$this->channel()->id], $key, $value,
        );
    }

    /** With the pictures that it was given. */
    private static function planned(Short $short): Short
    {
        app(Settler::class)->made($short->load(['batch.channel', 'scenes.shots', 'notes', 'readings']));
        $short->update(['planned_inputs' => $short->inputs]);

        return $short;
    }

    private static function fresh(): int
    {
        return Short::query()->get()->filter(static fn (Short $short): bool => $short->isPlanned())->count();
    }

    public function test_all_are_told_as_not_fresh_at_once_and_none_is_settled_before_it_is_its_turn(): void
    {
        self::assertSame(self::SHORTS, self::fresh());
        $cuts = KeptCut::query()->count();
        $said = $this->set('caption_size', '80');

        self::assertStringContainsString(self::SHORTS.' shorts follow', $said);
        self::assertSame(0, self::fresh());
        self::assertSame(self::SHORTS, Short::query()->get()->filter(
            static fn (Short $short): bool => $short->isDoubted(),
        )->count());
        self::assertLessThan(self::SHORTS, DB::table('jobs')->count(), 'the first of them alone are ordered');
        self::assertSame($cuts, KeptCut::query()->count(), 'no plan is thrown away');
    }

    public function test_those_that_it_does_not_reach_are_fresh_again_without_being_planned(): void
    {
        $short = self::planned(Short::query()->latest('id')->firstOrFail());
        $before = $short->inputs;
        $this->set('caption_size', '80');
        $this->set('caption_size', null);
        app()->call([new PlanShort($short->id), 'handle']);

        self::assertSame($before, $short->refresh()->inputs);
        self::assertTrue($short->isPlanned());
        self::assertFalse($short->isDoubted());
    }

    public function test_those_that_it_reaches_are_planned_when_it_is_their_turn(): void
    {
        $short = Short::query()->latest('id')->firstOrFail();
        $this->set('caption_size', '80');
        app(Settler::class)->look($short->refresh());

        self::assertFalse($short->isDoubted());
        self::assertFalse($short->isPlanned());
    }

    public function test_what_nobody_has_in_hand_is_ordered_in_pieces_until_all_is_done(): void
    {
        $this->set('caption_size', '80');
        DB::table('jobs')->delete();
        self::assertSame(100, app(OrphanSweep::class)->order(), 'a piece, so that a worker goes on soon');
        self::assertSame(self::SHORTS - 100, app(OrphanSweep::class)->order());
        self::assertSame(
            array_fill_keys(Short::query()->pluck('id')->all(), 1),
            DB::table('jobs')->pluck('payload')->map(static fn (string $payload): int => (int) explode(
                ':', (string) json_decode($payload, true)['about'],
            )[1])->countBy()->sortKeys()->all(),
        );
        self::assertSame(0, app(OrphanSweep::class)->order(), 'each once');
    }

    public function test_an_undone_change_doubts_them_too_and_leaves_them_as_they_were(): void
    {
        $short = self::planned(Short::query()->oldest('id')->firstOrFail());
        $before = $short->inputs;
        $this->set('caption_size', '80');
        app(EditBook::class)->undo($this->channel()->refresh());
        app(Settler::class)->look($short->refresh());

        self::assertSame($before, $short->inputs);
    }
}
