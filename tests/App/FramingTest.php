<?php

declare(strict_types=1);

namespace Tests\App;

use App\Makers\Interest\InterestStore;
use App\Makers\Planning\ShortPlanner;
use App\Media\Making\Maker;
use App\Media\Process\Unwatched;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use RapidReel\Making\Order\Analysis;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Plan\Cut\CutShot;
use Symfony\Component\Process\Process;

final class FramingTest extends AppTestCase
{
    private Footage $walker;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        Queue::fake();
        $this->walker = app(FootageImporter::class)
            ->footage($this->channel(), self::walker(), 'walker.mp4', ['walker']);
    }

    /** A bright box that walks over a dark ground from left to right, 250 pixels of 1280 a second; a cut after 4 s. */
    private static function walker(): string
    {
        return self::media(
            'walker.mp4', '-f', 'lavfi', '-i', 'color=0x203040:s=1280x720:r=30:d=4,drawgrid=w=64:h=64:c=0x304050',
            '-f', 'lavfi', '-i', 'color=white:s=140x200:r=30:d=4', '-f', 'lavfi', '-i',
            'color=0x806020:s=1280x720:r=30:d=2,drawbox=x=900:y=260:w=160:h=200:c=cyan:t=fill', '-filter_complex',
            "[0][1]overlay=x='100+250*t':y=300:shortest=1[a];[a][2]concat=n=2:v=1", '-pix_fmt', 'yuv420p', '-c:v',
            'libx264', '-preset', 'veryfast',
        );
    }

    private function planned(): Short
    {
        $short = $this->made('The walker went over the hill. A bell rang.')->shorts[0];
        $this->plan($short);

        return $short;
    }

    private function plan(Short $short): void
    {
        app(ShortPlanner::class)->plan(
            $short->refresh(),
            app(LibraryShelf::class)->of($this->channel()),
            new Unwatched,
        );
    }

    private static function shot(Short $short): CutShot
    {
        return $short->plannedCut()->scenes[0]->shots[0] ?? self::fail('There is no cut.');
    }

    /** @param  array<string, int|string>  $more */
    private function pin(Scene $scene, string $do, int $ms, array $more = []): void
    {
        $this->postJson(route('framing.pin', [$scene, 0]), ['do' => $do, 'ms' => $ms, ...$more])->assertOk();
    }

    public function test_a_planned_shot_follows_its_subject_and_says_why_it_shows_it(): void
    {
        $shot = self::shot($this->planned());

        self::assertSame((string) $this->walker->id, $shot->source->footage);
        self::assertSame('“walker”', $shot->reason->why);
        foreach ([200, 1_000] as $ms) {
            $middle = (100 + 250 * ($shot->play->inMs + $ms) / 1000 + 70) / 1280;
            self::assertEqualsWithDelta($middle, $shot->view->path->at($ms)->x, 0.08, "at $ms ms");
        }
    }

    public function test_a_pin_is_in_the_plan_exactly_survives_another_look_and_can_be_taken_back(): void
    {
        $short = $this->planned();
        $scene = $short->scenes[0];
        $shot = self::shot($short);
        $this->pin($scene, 'pin', $shot->play->inMs + 500, ['x' => 8_000, 'y' => 5_000, 'close' => 150]);

        // Seen at once on the page, before any worker has planned anew.
        $drawn = $this->getJson(route('framing.state', [$scene, 0]))->assertOk()->json('drawn');
        self::assertSame([['ms' => $shot->play->inMs + 500, 'x' => 0.8, 'y' => 0.5, 'close' => 1.5]], $drawn['pins']);

        $this->plan($short);
        $window = self::shot($short)->view->path->at(500);
        self::assertEqualsWithDelta([0.8, 0.5, 1 / 1.5], [$window->x, $window->y, $window->scale], 0.0005);

        File::deleteDirectory(app('filesystem')->disk('media')->path('interest'));
        $this->plan($short);
        self::assertEqualsWithDelta(0.8, self::shot($short)->view->path->at(500)->x, 0.0005);

        $this->pin($scene, 'unpin', $shot->play->inMs + 500);
        $this->postJson(route('shorts.undo', $short))->assertOk();
        self::assertCount(1, $short->refresh()->scenes[0]->shots[0]->toMark()->pins);
        $late = ['do' => 'pin', 'ms' => 99_000, 'x' => 1, 'y' => 1, 'close' => 100];
        $this->postJson(route('framing.pin', [$scene, 0]), $late)
            ->assertStatus(422)
            ->assertJsonFragment(['message' => 'A pin stands within the clip.']);
    }

    public function test_all_of_a_picture_is_shown_over_a_backdrop_where_that_is_set(): void
    {
        $short = $this->planned();
        $this->setting('shot', $short->scenes[0]->shots[0]->id, 'framing', 'blur')->assertOk();
        $this->plan($short);

        self::assertSame(Backdrop::Blur, self::shot($short)->view->backdrop);
        $this->get(route('framing.show', [$short->scenes[0], 0]))->assertOk()->assertSee('Framing');
    }

    public function test_a_file_is_looked_at_anywhere_by_an_order_in_json(): void
    {
        $fingerprint = $this->walker->fingerprint;
        $known = app(InterestStore::class)->of($fingerprint, self::walker());
        $order = Analysis::interest($fingerprint);
        $kept = app(Maker::class)->file($order);
        $first = (string) file_get_contents($kept);
        unlink($kept);
        self::assertNull(app(InterestStore::class)->known($fingerprint));
        $file = TEST_PLACE.'/look.json';
        file_put_contents($file, $order->toJson());

        self::assertSame(0, Artisan::call('reel:render', ['order' => $file]));
        $told = json_decode(Artisan::output(), true);
        self::assertSame(['analysis', $order->key(), $kept], [$told['kind'], $told['key'], $told['file']]);
        self::assertSame($first, (string) file_get_contents($kept));
        self::assertEquals($known, app(InterestStore::class)->known($fingerprint));

        // What nobody has brought cannot be looked at, and what is damaged is looked at anew.
        file_put_contents($file, Analysis::interest(str_repeat('0', 32))->toJson());
        self::assertNotSame(0, Artisan::call('reel:render', ['order' => $file]));
        file_put_contents($kept, substr($first, 0, -100));
        self::assertEquals($known, app(InterestStore::class)->of($fingerprint, self::walker()));
        self::assertSame($first, (string) file_get_contents($kept));
    }

    public function test_a_cut_within_a_clip_is_found_to_the_frame(): void
    {
        $map = app(InterestStore::class)->of($this->walker->fingerprint, self::walker());

        self::assertCount(2, $map->shots);
        self::assertEqualsWithDelta(4_000, $map->shots[1], 20);
    }

    public function test_the_command_gives_a_path_for_every_frame_and_a_reframed_clip_in_any_aspect(): void
    {
        $folder = TEST_PLACE.'/framed';
        File::ensureDirectoryExists($folder);
        File::put("$folder/pins.json", '[{"ms":1000,"x":0.5,"y":0.5}]');
        foreach (['9:16' => [1080, 1920], '1:1' => [1080, 1080], '16:9' => [1920, 1080]] as $aspect => $size) {
            $process = $this->console(
                'reel:frame',
                self::walker(),
                "--aspect=$aspect",
                "--pins=$folder/pins.json",
                "--render=$folder/out.mp4",
            );
            self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
            $data = json_decode($process->getOutput(), true, 8, JSON_THROW_ON_ERROR);
            self::assertSame(['width', 'height', 'fps', 'aspect', 'path', 'shots'], array_keys($data));
            self::assertCount(180, $data['path']);
            self::assertSame(['ms' => 1000, 'x' => 0.5, 'y' => 0.5], array_slice($data['path'][30], 0, 3));
            $stream = self::probe("$folder/out.mp4")['streams'][0];
            self::assertSame([...$size, '180'], [$stream['width'], $stream['height'], $stream['nb_read_frames']]);
        }
        // The box stands in the middle third of the frame while it is followed.
        $this->console('reel:frame', self::walker(), "--render=$folder/out.mp4");
        $row = (new Process([
            'ffmpeg', '-v', 'error', '-ss', '2.5', '-i', "$folder/out.mp4", '-frames:v', '1', '-vf',
            'crop=1080:2:0:1000,scale=27:1:flags=area,format=gray', '-f', 'rawvideo', '-',
        ]))->mustRun()->getOutput();
        $bright = array_keys(array_filter(str_split($row), static fn (string $byte): bool => ord($byte) > 200));
        self::assertNotSame([], $bright);
        self::assertEqualsWithDelta(13, array_sum($bright) / count($bright), 4);
    }

    public function test_what_cannot_be_framed_is_told_why(): void
    {
        $folder = TEST_PLACE.'/framed';
        File::ensureDirectoryExists($folder);
        File::put("$folder/text.mp4", 'not a clip');
        File::put("$folder/pins.json", '[{"ms":99000,"x":0.5,"y":0.5}]');
        foreach ([
            ["$folder/none.mp4"], ["$folder/text.mp4"], [self::walker(), '--aspect=9by16'],
            [self::walker(), '--aspect=1:9'], [self::oneFrame()],
            [self::walker(), "--pins=$folder/none.json"], [self::walker(), "--pins=$folder/pins.json"],
            [self::walker(), '--render=/nowhere/at/all.mp4'], [self::music()],
        ] as $arguments) {
            $process = $this->console('reel:frame', ...$arguments);
            self::assertNotSame(0, $process->getExitCode(), implode(' ', $arguments));
            self::assertStringNotContainsString('It went wrong', $process->getErrorOutput());
            self::assertSame('', $process->getOutput());
        }
    }

    public function test_numbered_pictures_go_to_the_shots_in_order_and_the_best_are_offered(): void
    {
        $short = $this->planned();
        $importer = app(FootageImporter::class);
        $names = $ids = [];
        $colours = ['01' => 'red', '02a' => 'green', '02b' => 'blue', '77' => 'pink', 'x' => 'lime'];
        foreach ($colours as $number => $colour) {
            $names[] = "$number.png";
            $still = self::still("brought-$number.png", '360x640', $colour);
            $ids[] = $importer->footage($this->channel(), $still, "$number.png", [])->id;
        }
        $html = $this->postJson(route('briefs.bring', $short), ['names' => implode("\n", $names), 'ids' => $ids])
            ->assertOk()->json('html');

        self::assertStringContainsString('Left over, and in the library: 77.png, x.png', html_entity_decode($html));
        $shots = $short->refresh()->scenes->flatMap(static fn (Scene $scene) => $scene->shots);
        self::assertSame([$ids[0], $ids[1]], [$shots[0]->footage_id, $shots[1]->footage_id]);
        self::assertTrue($shots[0]->locked);
        $this->postJson(route('shorts.undo', $short))->assertOk();
        self::assertNotSame($ids[0], $short->refresh()->scenes[0]->shots[0]->footage_id);

        $this->get(route('scenes.best', [$short->scenes[0], 0]))->assertOk()->assertSee('<kbd>1</kbd>', false);
        $this->postJson(route('briefs.bring', $short), ['names' => "a.png\nb.png", 'ids' => [$ids[3]]])
            ->assertStatus(422);
    }

    private static function oneFrame(): string
    {
        return self::media(
            'one-frame.mp4', '-f', 'lavfi', '-i', 'testsrc2=s=320x240:rate=30', '-frames:v', '1', '-pix_fmt', 'yuv420p',
        );
    }
}
