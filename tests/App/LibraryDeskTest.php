<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Jobs\MendFootage;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\MendDesk;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Pictures\Footage\Mend;
use Symfony\Component\Process\Process;

final class LibraryDeskTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->actingAs($this->user());
        $this->library();
    }

    /** @return list<int> */
    private function ids(string ...$names): array
    {
        return array_map(
            static fn (string $name): int => (int) Footage::query()->where('tags', $name)->value('id'),
            $names,
        );
    }

    /** @return array<int> */
    private function found(string $query): array
    {
        preg_match_all('/card-footage" data-id="(\d+)"/', (string) $this->get("/footage?$query")->getContent(), $ids);

        return array_map(intval(...), $ids[1]);
    }

    private function piece(string $id, int $offset, string $bytes): TestResponse
    {
        return $this->call('PATCH', "/uploads/$id", server: [
            'HTTP_UPLOAD_OFFSET' => (string) $offset,
            'CONTENT_TYPE' => 'application/offset+octet-stream',
            'HTTP_ACCEPT' => 'application/json',
        ], content: $bytes);
    }

    public function test_a_file_comes_in_pieces_and_goes_on_where_it_was(): void
    {
        $bytes = (string) file_get_contents(self::still('pieces.png', '300x500', 'purple'));
        $half = intdiv(strlen($bytes), 2);
        $begun = $this->call('POST', '/uploads', server: [
            'HTTP_UPLOAD_LENGTH' => (string) strlen($bytes),
            'HTTP_UPLOAD_METADATA' => 'filename '.base64_encode('old_pier-at dusk.png'),
        ])->assertStatus(201);
        $id = basename((string) $begun->headers->get('Location'));

        $this->piece($id, 0, substr($bytes, 0, $half))
            ->assertStatus(204)
            ->assertHeader('Upload-Offset', (string) $half);
        // A piece that belongs elsewhere is not taken, and nothing is spoiled by it.
        $this->piece($id, 3, 'xxx')->assertStatus(409);
        $said = $this->postJson('/footage', ['upload' => $id])->assertStatus(422)->json('message');
        self::assertSame('A file did not arrive whole. Upload it again: it goes on where it was.', $said);
        $this->call('HEAD', "/uploads/$id")->assertOk()->assertHeader('Upload-Offset', (string) $half);
        $this->piece($id, $half, substr($bytes, $half))->assertStatus(204);

        $whole = ['upload' => $id, 'folder' => 'Harbour/north_mole'];
        $added = $this->postJson('/footage', $whole)->assertOk()->json('ids');
        $footage = Footage::query()->findOrFail($added[0]);
        self::assertSame(['old', 'pier', 'at', 'dusk', 'harbour', 'north', 'mole'], $footage->tagList());
        self::assertSame('Harbour', $footage->collection);
        $this->call('HEAD', "/uploads/$id")->assertNotFound();

        foreach (['99999999999', '0', 'x'] as $length) {
            $this->call('POST', '/uploads', server: [
                'HTTP_UPLOAD_LENGTH' => $length, 'HTTP_ACCEPT' => 'application/json',
            ])->assertStatus(422);
        }
    }

    public function test_another_account_has_no_part_in_an_upload(): void
    {
        $begun = $this->call('POST', '/uploads', server: ['HTTP_UPLOAD_LENGTH' => '10']);
        $id = basename((string) $begun->headers->get('Location'));
        $this->actingAs($this->user('other@harbour.example'));

        $this->call('HEAD', "/uploads/$id")->assertNotFound();
        $this->piece($id, 0, 'x')->assertNotFound();
        $this->delete("/uploads/$id")->assertNotFound();
        $this->postJson('/footage', ['upload' => $id])->assertStatus(422);
    }

    public function test_the_library_is_filtered_by_shape_length_use_and_collection(): void
    {
        [$fog, $boat, $lamp] = $this->ids('fog', 'boat', 'lamp');
        self::assertContains($fog, $this->found('shape=upright'));
        self::assertNotContains($boat, $this->found('shape=upright'));
        self::assertContains($boat, $this->found('shape=wide&length=middle'));
        self::assertNotContains($lamp, $this->found('length=middle'));

        $short = $this->made('The lamp went out.')->shorts[0];
        DB::table('shots')->insert(['scene_id' => $short->scenes[0]->id, 'word' => 0, 'footage_id' => $lamp]);
        self::assertSame([$lamp], $this->found('use=used'));
        self::assertNotContains($lamp, $this->found('use=never'));
        $this->get('/footage?use=used')->assertSee('in 1 short');

        $this->postJson('/footage/act', ['do' => 'collect', 'ids' => [$fog, $boat], 'value' => 'Weather'])->assertOk();
        self::assertEqualsCanonicalizing([$fog, $boat], $this->found('collection=Weather'));
    }

    public function test_many_are_tagged_and_deleted_at_once_and_all_of_it_can_be_taken_back(): void
    {
        [$fog, $boat, $lamp] = $this->ids('fog', 'boat', 'lamp');
        $short = $this->made('The lamp went out.')->shorts[0];
        DB::table('shots')->insert(['scene_id' => $short->scenes[0]->id, 'word' => 0, 'footage_id' => $lamp]);

        $act = fn (string $do, array $ids = [], string $value = ''): TestResponse => $this->postJson(
            '/footage/act',
            ['do' => $do, 'ids' => $ids, 'value' => $value],
        );
        $act('tag', [$fog, $boat], 'Sea, grey')->assertOk();
        self::assertSame(['fog', 'sea', 'grey'], Footage::query()->findOrFail($fog)->tagList());
        $act('untag', [$fog], 'sea')->assertOk();
        self::assertSame(['fog', 'grey'], Footage::query()->findOrFail($fog)->tagList());

        // What a short shows is not taken away.
        $act('delete', [$fog, $boat, $lamp])->assertOk()
            ->assertJsonFragment(['said' => 'Deleted 2 pieces. 1 stay, as shorts show them.']);
        self::assertNull(Footage::query()->find($fog));
        self::assertNotNull(Footage::query()->find($lamp));
        $act('delete', [$lamp])->assertStatus(422);

        foreach (range(1, 3) as $step) {
            $act('undo')->assertOk();
        }
        self::assertSame(['fog'], Footage::query()->findOrFail($fog)->tagList());
        self::assertNotNull(Footage::query()->find($boat));
        $act('undo')->assertStatus(422);
        $this->get('/footage')->assertSee('Do again: tagged 2 pieces');
        foreach (range(1, 3) as $step) {
            $act('redo')->assertOk();
        }
        self::assertNull(Footage::query()->find($fog));
        $act('redo')->assertStatus(422);
        $act('undo')->assertOk()->assertJsonFragment(['said' => 'Undone: deleted 2 pieces.']);
        self::assertSame(['fog', 'grey'], Footage::query()->findOrFail($fog)->tagList());
        // Another change is the end of what was undone; what was set for the channel has a history of its own.
        $act('collect', [$fog], 'Weather')->assertOk();
        $act('redo')->assertStatus(422);
        $this->postJson('/house/undo')->assertStatus(422);
        $act('tag', [], 'x')->assertStatus(422);
        $act('tag', [$fog], ' ')->assertStatus(422);
    }

    public function test_the_same_file_and_nearly_the_same_picture_are_noticed(): void
    {
        $importer = app(FootageImporter::class);
        $draw = static fn (string $name, string $size): string => self::media(
            $name, '-f', 'lavfi', '-i', "mandelbrot=size=$size:rate=1", '-frames:v', '1',
        );
        $first = $importer->footage($this->channel(), $draw('near-one.png', '640x360'), 'first.png', []);
        $smaller = $importer->footage($this->channel(), $draw('near-two.png', '320x180'), 'smaller.png', []);

        self::assertSame($first->id, $smaller->near_id);
        $this->get('/footage')->assertSee('nearly “First”', false);
        self::assertSame(
            $first->id,
            $importer->footage($this->channel(), $draw('near-one.png', '640x360'), 'again.png', [])->id,
        );
        // Deleted and brought again, it is there again.
        $this->postJson('/footage/act', ['do' => 'delete', 'ids' => [$smaller->id]])->assertOk();
        self::assertSame(
            $smaller->id,
            $importer->footage($this->channel(), $draw('near-two.png', '320x180'), 'smaller.png', [])->id,
        );
        self::assertNotNull(Footage::query()->find($smaller->id));
    }

    public function test_five_thousand_pieces_are_searched_with_as_few_questions_as_fifty(): void
    {
        $row = Footage::query()->firstOrFail()->getAttributes();
        foreach (array_chunk(range(1, 5_000), 500) as $some) {
            DB::table('footage')->insert(array_map(static fn (int $i): array => [
                ...array_diff_key($row, ['id' => 0]), 'fingerprint' => "many-$i", 'name' => "Piece $i",
                'tags' => 'tag'.($i % 97).', many',
            ], $some));
        }
        $this->get('/footage')->assertOk()->assertSee('5009 clips and stills');
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/footage?search=tag5+many&use=never&shape=wide')->assertOk();
        self::assertLessThan(15, count(DB::getQueryLog()), 'queries do not grow with what is found');
        Footage::query()->where('name', 'like', 'Piece %')->forceDelete();
    }

    /** @return array<string, array{list<string>}> */
    public static function unusualClips(): array
    {
        return [
            'odd sides' => [['-pix_fmt', 'yuv444p', '-vf', 'crop=321:181', 'odd.mp4']],
            'an odd height, as screens are recorded' => [['-c:v', 'libvpx', '-vf', 'crop=320:179', 'odd.webm']],
            'ten bits, no sound' => [['-pix_fmt', 'yuv420p10le', '-vf', 'crop=320:180', 'deep.mp4']],
            'half a second' => [['-vf', 'crop=320:180', '-t', '0.5', 'brief.mp4']],
            'pictures at odd times' => [['-vf', "crop=320:180,select='mod(n,5)'", '-fps_mode', 'vfr', 'uneven.mkv']],
        ];
    }

    /** @param  list<string>  $how */
    #[DataProvider('unusualClips')]
    public function test_noise_and_shake_are_mended_whatever_the_clip_is(array $how): void
    {
        $name = (string) array_pop($how);
        $clip = app(FootageImporter::class)->footage($this->channel(), self::media(
            $name, '-f', 'lavfi', '-i', 'testsrc2=s=400x240:rate=15:duration=1', ...$how,
        ), $name, []);
        foreach ([Mend::Noise, Mend::Steady] as $mend) {
            $this->postJson('/footage/act', ['do' => 'mend', 'ids' => [$clip->id], 'value' => $mend->value])
                ->assertOk();
            $copy = Footage::query()->latest('id')->firstOrFail();
            (new MendFootage($copy->id))->handle(app(MendDesk::class));
            self::assertSame('ready', $copy->refresh()->state->value, (string) $copy->refused);
            self::assertEqualsWithDelta($clip->width, $copy->width, 1);
        }
    }

    public function test_clips_are_mended_once_beside_the_untouched_one(): void
    {
        $importer = app(FootageImporter::class);
        $boxed = $importer->footage($this->channel(), self::media(
            'boxed.mp4', '-f', 'lavfi', '-i',
            'testsrc2=s=480x270:rate=15:duration=2,eq=brightness=0.1,pad=640:360:80:45',
            '-pix_fmt', 'yuv420p',
        ), 'boxed.mp4', ['boxed']);
        $before = hash_file('xxh128', app('filesystem')->disk('media')->path($boxed->path));

        $mends = array_filter(Mend::cases(), static fn (Mend $mend): bool => $mend !== Mend::Animate);
        $order = fn (int $id, string $how): TestResponse => $this->postJson(
            '/footage/act',
            ['do' => 'mend', 'ids' => [$id], 'value' => $how],
        );
        foreach ($mends as $mend) {
            $order($boxed->id, $mend->value)->assertOk();
            $copy = Footage::query()->latest('id')->firstOrFail();
            $this->get('/footage')->assertSee('being mended: 0 %');
            (new MendFootage($copy->id))->handle(app(MendDesk::class));
            $copy->refresh();
            self::assertSame('ready', $copy->state->value, (string) $copy->refused);
            self::assertSame("Boxed, {$mend->suffix()}", $copy->name);
            $stream = self::probe(app('filesystem')->disk('media')->path($copy->path))['streams'][0];
            match ($mend) {
                Mend::Borders => self::assertSame([480, 270], [$stream['width'], $stream['height']]),
                Mend::Edges => self::assertSame([450, 252], [$stream['width'], $stream['height']]),
                Mend::Smooth => self::assertSame('30/1', $stream['r_frame_rate']),
                Mend::Slow => self::assertEqualsWithDelta(4.0, (float) $stream['duration'], 0.3),
                default => self::assertSame([640, 360, '30'], [
                    $stream['width'], $stream['height'], $stream['nb_read_frames'],
                ]),
            };
            // Made once.
            $order($boxed->id, $mend->value)->assertStatus(422);
        }
        self::assertSame($before, hash_file('xxh128', app('filesystem')->disk('media')->path($boxed->path)));

        // What has no borders says so, and its row can be dismissed without harm to the other.
        [$boat] = $this->ids('boat');
        $order($boat, 'borders')->assertOk();
        $copy = Footage::query()->latest('id')->firstOrFail();
        (new MendFootage($copy->id))->handle(app(MendDesk::class));
        $this->get('/footage')->assertSee('No black borders were found.');
        $this->delete(route('footage.dismiss', $copy))->assertRedirect();
        $this->get(route('footage.thumbnail', $boat))->assertOk();
        $this->get(route('footage.file', $boat))->assertOk();
        // One of an earlier version, which had the file of the other for its own.
        $copy = Footage::query()->findOrFail($boat)->replicate()->forceFill([
            'fingerprint' => 'mending-so', 'state' => FootageState::Refused, 'mended_of' => $boat,
        ]);
        $copy->save();
        $this->delete(route('footage.dismiss', $copy))->assertRedirect();
        $this->get(route('footage.file', $boat))->assertOk();
        $this->get(route('footage.thumbnail', $boat))->assertOk();
        $order($this->ids('lamp')[0], 'slow')->assertStatus(422);
    }

    public function test_a_still_is_made_to_move_and_stays_as_it_is(): void
    {
        [$tower, $boat] = $this->ids('tower', 'boat');
        $animate = ['do' => 'mend', 'value' => 'animate'];
        $this->postJson('/footage/act', [...$animate, 'ids' => [$boat]])->assertStatus(422);
        $this->postJson('/footage/act', [...$animate, 'ids' => [$tower]])->assertOk();
        $clip = Footage::query()->latest('id')->firstOrFail();
        (new MendFootage($clip->id))->handle(app(MendDesk::class));
        $clip->refresh();

        self::assertSame(['ready', 'clip', 3_000], [$clip->state->value, $clip->kind->value, $clip->duration_ms]);
        self::assertSame(['tower'], $clip->tagList());
        self::assertSame('still', Footage::query()->findOrFail($tower)->kind->value);
        // Its frames differ from each other: it moves.
        $frame = static fn (string $at): string => (new Process([
            'ffmpeg', '-v', 'error', '-ss', $at, '-i', app('filesystem')->disk('media')->path($clip->path), '-frames:v',
            '1', '-vf', 'scale=64:64,format=gray', '-f', 'rawvideo', '-',
        ]))->mustRun()->getOutput();
        self::assertNotSame($frame('0.1'), $frame('2.5'));
    }
}
