<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Jobs\MakeExport;
use App\Doors\Jobs\PlanShort;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Music;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\ResultPoint;
use App\Shelves\Models\User;
use App\Shelves\Models\VersionOrder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;

final class DemoCommandTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        DB::table('footage')->delete();
        DB::table('music')->delete();
        $folder = TEST_PLACE.'/drawn';
        File::deleteDirectory($folder);
        File::ensureDirectoryExists($folder);
        File::copy(self::clip('boat.mp4'), "$folder/boat-crosses.mp4");
        File::put("$folder/boat-crosses.json", '{"tags":["boat","bay"],"frames":[]}');
        File::copy(self::still('bell.png'), "$folder/bell.png");
        File::put("$folder/bell.json", '{"tags":["bell"]}');
        File::copy(self::music(), "$folder/tune.wav");
        File::put("$folder/tune.json", '{"mood":"calm"}');
        config(['reel.demo_footage' => $folder]);
        Queue::fake();
    }

    public function test_the_demo_is_put_in_place_once_and_leaves_alone_what_was_changed(): void
    {
        Artisan::call('reel:demo');
        self::assertSame([1, 2, 1], [User::query()->count(), Footage::query()->count(), Music::query()->count()]);
        self::assertSame(
            ['Boat crosses', 'boat, bay'],
            [
                Footage::query()->where('kind', 'clip')->value('name'),
                Footage::query()->where('kind', 'clip')->value('tags'),
            ],
        );
        self::assertSame('calm', Music::query()->value('mood'));
        $channel = Channel::query()->sole();
        self::assertSame('Lamplight Log', $channel->name);
        self::assertStringContainsString('amber', $channel->style_words);
        self::assertNotSame('', $channel->figures);
        $channel->update(['style_words' => 'mine']);

        Footage::query()->where('kind', 'clip')->update(['tags' => 'mine']);
        $password = User::query()->value('password');
        Artisan::call('reel:demo');
        self::assertSame([1, 2, 1], [User::query()->count(), Footage::query()->count(), Music::query()->count()]);
        self::assertSame(
            ['mine', 'mine', $password],
            [
                $channel->refresh()->style_words,
                Footage::query()->where('kind', 'clip')->value('tags'),
                User::query()->value('password'),
            ],
        );
    }

    public function test_the_newcomer_finds_all_demo_scripts_being_planned_and_drafted(): void
    {
        Artisan::call('reel:demo');
        [$batch, $past] = Batch::query()->orderBy('id')->get()->all();

        self::assertCount(13, $batch->shorts);
        Queue::assertPushed(PlanShort::class, 13 + 21);
        Queue::assertPushed(MakeExport::class, 13);
        self::assertSame(
            ['de', 'es', 'ar'],
            VersionOrder::query()->where('short_id', $batch->shorts[2]->id)->orderBy('id')->pluck('language')->all(),
        );
        // Three weeks lie behind it, and a week is planned.
        self::assertCount(21, $past->shorts);
        self::assertSame(21, Post::query()->where('state', PostState::Posted)->count());
        self::assertSame(6, Post::query()->where('state', PostState::Planned)->count());
        self::assertGreaterThan(100, ResultPoint::query()->count());
        Artisan::call('reel:demo');
        self::assertSame(2, Batch::query()->count());
    }

    public function test_its_account_opens_the_door_and_finds_the_library(): void
    {
        Artisan::call('reel:demo');
        $this->post('/sign-in', ['email' => 'keeper@lamplight.example', 'password' => 'lamplight'])->assertRedirect(
            '/',
        );
        $this->get('/footage')->assertOk()->assertSee('Boat crosses')->assertSee('Bell');
        $this->get('/footage/picker?search=bell')->assertOk()->assertSee('Bell')->assertDontSee('Boat crosses');
        $this->get('/')->assertSee('Lights, bells and harbours')->assertDontSee('No batch yet');
    }
}
