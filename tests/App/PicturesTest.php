<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\PictureOrders\PictureDesk;
use App\Doors\Jobs\MakePictures;
use App\Gateways\Painting\Pictures;
use App\Makers\Planning\BriefDesk;
use App\Shelves\Models\Footage;
use App\Shelves\Models\PictureOrder;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\Queue;
use RapidReel\Base\Refusal;

final class PicturesTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        Queue::fake();
    }

    private function make(Short $short): void
    {
        $order = PictureOrder::query()->where('short_id', $short->id)->latest('id')->firstOrFail();
        (new MakePictures($order->id))->handle(app(PictureDesk::class));
    }

    public function test_four_are_made_for_every_shot_one_is_put_there_and_four_more_are_others(): void
    {
        $short = $this->made('The boat came home at night. A bell rang.')->shorts[0];
        $shots = count(app(BriefDesk::class)->of($short));
        $this->postJson(route('briefs.make', $short), ['ids' => []])->assertOk();
        $this->postJson(route('briefs.make', $short), ['ids' => []])->assertStatus(422);
        Queue::assertPushed(MakePictures::class, 1);
        self::assertTrue($this->getJson(route('briefs.made', $short))->json('working'));

        $this->make($short);
        $answer = $this->getJson(route('briefs.made', $short))->assertOk()->json();
        self::assertSame([false, $shots, $shots], [$answer['working'], $answer['done'], $answer['all']]);
        self::assertSame(4 * $shots, substr_count($answer['html'], 'data-footage'));
        self::assertSame($shots, substr_count($answer['html'], 'aria-pressed="true"'));
        $made = Footage::query()->where('origin', Footage::STAND_IN)->get();
        self::assertCount(4 * $shots, $made);
        self::assertSame([1080, 1920], [$made[0]->width, $made[0]->height]);
        self::assertStringContainsString('boat', (string) $made[0]->brief);
        foreach ($short->refresh()->scenes->flatMap(static fn (Scene $scene) => $scene->shots) as $shot) {
            self::assertContains($shot->footage_id, $made->pluck('id')->all());
        }

        $this->postJson(route('briefs.make', $short), ['ids' => [1]])->assertOk();
        $this->make($short);
        self::assertSame(4 * $shots + 4, Footage::query()->where('origin', Footage::STAND_IN)->count());
        self::assertSame(
            $made[0]->brief,
            Footage::query()->where('origin', Footage::STAND_IN)->latest('id')->first()?->brief,
        );
    }

    public function test_pictures_of_a_shot_that_is_gone_by_then_are_left_over(): void
    {
        $short = $this->made('The boat came home at night. A bell rang.')->shorts[0];
        $shots = count(app(BriefDesk::class)->of($short));
        $this->postJson(route('briefs.make', $short), ['ids' => []])->assertOk();
        $this->postJson(route('scenes.change', $short->scenes[1]), ['do' => 'drop'])->assertOk();
        $this->make($short);

        $left = count(app(BriefDesk::class)->of($short->refresh()));
        self::assertLessThan($shots, $left);
        $html = $this->getJson(route('briefs.made', $short))->assertOk()->json('html');
        self::assertSame(4 * $left, substr_count($html, 'data-footage'));
        self::assertStringContainsString('Left over, and in the library', $html);
        self::assertStringContainsString(sprintf('night %02dd', $shots), $html);
    }

    public function test_an_order_taken_up_again_makes_nothing_twice(): void
    {
        $short = $this->made('The boat came home at night. A bell rang.')->shorts[0];
        $real = app(Pictures::class);
        $this->app->instance(Pictures::class, new class($real) implements Pictures
        {
            public int $calls = 0;

            public function __construct(private readonly Pictures $real)
            {
            }

            public function about(): string
            {
                return 'A test.';
            }

            public function isStandIn(): bool
            {
                return false;
            }

            public function make(string $brief, int $seed, string $target): void
            {
                if (++$this->calls === 7) {
                    throw new \RuntimeException('The worker was killed.');
                }
                $this->real->make($brief, $seed, $target);
            }
        });
        app(PictureDesk::class)->order($short);
        try {
            $this->make($short);
            self::fail('Nothing stopped it.');
        } catch (\RuntimeException) {
            // As a worker that is killed leaves it.
        }
        $this->make($short);

        $order = PictureOrder::query()->firstOrFail();
        self::assertFalse($order->open);
        self::assertSame(4 * count($order->briefs), Footage::query()->where('origin', 'made')->count());
    }

    public function test_what_a_service_refuses_is_told_and_can_be_ordered_again(): void
    {
        $short = $this->made('A bell rang.')->shorts[0];
        $this->app->instance(Pictures::class, new class implements Pictures
        {
            public function about(): string
            {
                return 'A test.';
            }

            public function isStandIn(): bool
            {
                return false;
            }

            public function make(string $brief, int $seed, string $target): void
            {
                throw new Refusal('The service draws no bells.');
            }
        });
        app(PictureDesk::class)->order($short);
        $this->make($short);

        self::assertSame('The service draws no bells.', $this->getJson(route('briefs.made', $short))->json('problem'));
        $this->postJson(route('briefs.make', $short), ['ids' => []])->assertOk();
        $this->postJson(route('briefs.make', $short), ['ids' => [99]])->assertStatus(422);
    }

    public function test_pictures_are_ordered_for_many_shorts_at_once(): void
    {
        $batch = $this->made("A bell rang.\n---\nThe fog came.");
        $ids = $batch->shorts->modelKeys();
        $this->postJson(route('batches.act', $batch), ['act' => 'pictures', 'shorts' => $ids])
            ->assertOk()
            ->assertJsonPath('said', 'Pictures are being made for 2 shorts. '.app(PictureDesk::class)->about());
        $this->postJson(route('batches.act', $batch), ['act' => 'pictures', 'shorts' => $ids])->assertStatus(422);
    }
}
