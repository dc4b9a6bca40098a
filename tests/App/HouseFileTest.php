<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\House\HouseApplier;
use App\Desks\Editing\House\HouseImportDesk;
use App\Desks\Editing\House\HousePacker;
use App\Doors\Jobs\OrphanSweep;
use App\Doors\Jobs\TakeHouseFile;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LogoDesk;
use App\Shelves\Library\TableDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Footage;
use App\Shelves\Models\HouseImport;
use App\Shelves\Models\HouseImportState;
use App\Shelves\Models\Logo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/** A house style goes from one channel to another as a file. */
final class HouseFileTest extends AppTestCase
{
    private function dressed(): Channel
    {
        $this->actingAs($this->user());
        $svg = TEST_PLACE.'/house-logo.svg';
        file_put_contents($svg, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><rect width="9" height="9" '
            .'fill="#0B7A3B"/></svg>');
        $cube = TEST_PLACE.'/house.cube';
        file_put_contents($cube, "TITLE \"Plain\"\nLUT_3D_SIZE 2\n".implode("\n", array_map(
            static fn (int $i): string => implode(' ', [$i & 1, ($i >> 1) & 1, ($i >> 2) & 1]),
            range(0, 7),
        )));
        $logo = app(LogoDesk::class)->bring($this->channel(), $svg, 'Beacon.svg');
        app(TableDesk::class)->bring($this->channel(), $cube, 'plain.cube');
        foreach ([
            'look' => 'ink', 'logo' => $logo->picture, 'look_table' => 'Plain', 'speed' => '110', 'music_level' => '20',
            'caption_accent' => '0B7A3B', 'split' => 'words:4-12',
        ] as $key => $value) {
            $this->setting('channel', $this->channel()->id, $key, $value)->assertOk();
        }
        $this->channel()->update(['style_words' => 'ink and lamplight', 'forbidden' => 'alcohol']);

        return $this->channel()->refresh();
    }

    public function test_what_is_exported_makes_another_channel_the_same(): void
    {
        $first = $this->dressed();
        $answer = $this->get('/house/file')->assertOk();
        $file = TEST_PLACE.'/house-style.zip';
        copy($answer->baseResponse->getFile()->getPathname(), $file);

        $other = $this->user()->channels()->create(['name' => 'Other']);
        self::assertSame([], $this->brought($other, $file)->problems);
        $other->refresh();
        self::assertEquals($first->settings->own, $other->settings->own);
        self::assertSame(['ink and lamplight', 'alcohol', 'Other'], [
            $other->style_words, $other->forbidden, $other->name,
        ]);
        self::assertSame(1, Logo::query()->where('channel_id', $other->id)->count());
        self::assertSame(1, ColourTable::query()->where('channel_id', $other->id)->count());
    }

    public function test_the_opening_goes_with_it_and_the_style_is_made_to_hold_for_a_batch_in_one_step(): void
    {
        $this->actingAs($this->user());
        $this->library();
        $opening = app(FootageImporter::class)->footage($this->channel(), self::media(
            'house-opening.png', '-f', 'lavfi', '-i', 'color=c=red:s=360x640', '-frames:v', '1',
        ), 'Hello.png', ['opening']);
        app(Registrar::class)->forget();
        $channel = $this->channel()->id;
        $this->setting('channel', $channel, 'opening', (string) $opening->id)->assertOk();
        $file = TEST_PLACE.'/house-opening.zip';
        copy($this->get('/house/file')->assertOk()->baseResponse->getFile()->getPathname(), $file);
        $other = $this->user()->channels()->create(['name' => 'Other']);
        self::assertSame([], $this->brought($other, $file)->problems);
        $brought = Footage::query()->where('channel_id', $other->id)->sole();
        self::assertSame((string) $brought->id, (string) $other->refresh()->settings->own['opening']);
        self::assertContains('opening', $brought->tagList());

        $batch = $this->made("# One\nThe lamp burned.\n---\n# Two\nThe bell rang.", name: 'Own looks');
        [$one, $two] = [$batch->shorts[0], $batch->shorts[1]];
        $this->setting('short', $one->id, 'look', 'ink')->assertOk();
        $this->setting('short', $one->id, 'speed', '90')->assertOk();
        $reach = app(HouseApplier::class)->reach($this->channel());
        self::assertSame([1, 0, 2], [$reach[0]['shorts'], $reach[0]['exports'], $reach[0]['of']]);
        $this->postJson(route('house.apply', $batch))->assertOk();
        // How it looks follows, how it is read stays.
        self::assertSame(['speed' => 90], $one->refresh()->settings->own);
        self::assertSame([], $two->refresh()->settings->own);
        self::assertSame([], app(HouseApplier::class)->reach($this->channel()));
        $this->postJson(route('batches.undo', $batch))->assertOk();
        self::assertSame(['look' => 'ink', 'speed' => 90], $one->refresh()->settings->own);
    }

    public function test_bringing_one_is_one_step_that_can_be_undone(): void
    {
        $this->dressed();
        $file = app(HousePacker::class)->pack($this->channel()->refresh());
        foreach (['look' => 'clear', 'speed' => '90', 'dim' => '20', 'split' => 'words:4-12'] as $key => $value) {
            $this->setting('channel', $this->channel()->id, $key, $value)->assertOk();
        }
        $before = $this->channel()->refresh()->settings->own;
        $this->post('/house/file', ['house' => new UploadedFile($file, 'house.zip', null, null, true)])
            ->assertRedirect('/house');
        $this->get('/house')->assertSee('“house.zip” is being taken over.', false);
        self::assertTrue($this->getJson('/house/state')->json('bringing'));
        $this->work();
        self::assertFalse($this->getJson('/house/state')->json('bringing'));
        $this->get('/house')->assertSee('The house style is that of “house.zip” now.', false);
        // Told once.
        $this->get('/house')->assertDontSee('The house style is that of “house.zip” now.', false);
        $after = $this->channel()->refresh()->settings->own;
        self::assertSame(['ink', 110], [$after['look'], $after['speed']]);
        self::assertArrayNotHasKey('dim', $after);

        $this->postJson('/house/undo')->assertOk();
        self::assertEquals($before, $this->channel()->refresh()->settings->own);
    }

    public function test_what_is_no_house_style_is_refused_before_anything_is_done(): void
    {
        $this->actingAs($this->user());
        $this->post('/house/file')->assertSessionHas('problem');
        $this->post('/house/file', ['house' => UploadedFile::fake()->createWithContent('a.zip', 'no ZIP')])
            ->assertSessionHas('problem', 'This is not a house style: a ZIP as “Export” makes it is wanted.');
        $style = ['kind' => 'rapid-reel-house-style', 'version' => 1];
        $logo = ['kind' => 'logo', 'id' => 'a', 'name' => 'n', 'file' => 'logo/a.png'];
        foreach ([
            'holds no house style' => ['a.txt' => 'hello'],
            'cannot be read' => ['house.json' => '{"kind":'],
            'by a later version' => ['house.json' => json_encode([...$style, 'version' => 2])],
            'at “settings”' => ['house.json' => json_encode([...$style, 'settings' => ['a', 'b', 3]])],
            'settings.speed' => ['house.json' => json_encode([...$style, 'settings' => ['speed' => ['x']]])],
            'words.style_words' => ['house.json' => json_encode([...$style, 'words' => ['style_words' => [1]]])],
            'at “files”' => ['house.json' => json_encode([
                ...$style, 'files' => ['../../../../../public/x.php' => $logo],
            ])],
            'files[0].kind' => ['house.json' => json_encode([...$style, 'files' => [['kind' => 'x'] + $logo]])],
            'files[0].file' => ['house.json' => json_encode([
                ...$style, 'files' => [['file' => '../gone.png'] + $logo],
            ])],
            'files[0].id' => ['house.json' => json_encode([...$style, 'files' => [['id' => '../x'] + $logo]])],
            'leads out of it (“../../evil.php”)' => ['house.json' => json_encode($style), '../../evil.php' => '<?php'],
            'holds 3,001 files' => ['house.json' => json_encode($style)] + array_fill(0, 3_000, 'x'),
        ] as $told => $files) {
            $import = $this->brought($this->channel(), self::zipped($files));
            self::assertSame(HouseImportState::Failed, $import->state, $told);
            self::assertStringContainsString($told, $import->problems[0]);
        }
        self::assertSame([], $this->channel()->refresh()->settings->own);
        self::assertSame([], glob(TEST_PLACE.'/storage/media/house/*'));
        self::assertFileDoesNotExist(public_path('x.php'));
    }

    public function test_what_is_unknown_in_one_is_told_and_each_of_its_files_is_read_once(): void
    {
        $this->actingAs($this->user());
        $png = (string) file_get_contents(self::still('house-large.png', '1200x1200'));
        $logo = ['kind' => 'logo', 'name' => 'n', 'file' => 'logo/a.png'];
        $import = $this->brought($this->channel(), self::zipped([
            'house.json' => json_encode([
                'kind' => 'rapid-reel-house-style', 'version' => 1,
                'settings' => ['speed' => 900, 'look' => 'ink', 'unheard_of' => 1, 'logo' => 'gone'],
                'files' => [
                    ...array_map(static fn (int $i): array => [...$logo, 'id' => "a$i"], range(1, 15)),
                    ['kind' => 'logo', 'id' => 'b', 'name' => 'Gone', 'file' => 'logo/b.png'],
                ],
            ]),
            'logo/a.png' => $png,
        ]));

        self::assertSame(HouseImportState::Done, $import->state);
        self::assertCount(14 + 1 + 3, $import->problems);
        self::assertSame(1, Logo::query()->where('channel_id', $this->channel()->id)->count());
        self::assertSame(['look' => 'ink'], $this->channel()->refresh()->settings->own);
    }

    public function test_a_worker_that_dies_over_one_leaves_everything_as_it_was_and_says_so(): void
    {
        $this->actingAs($this->user());
        $file = app(HousePacker::class)->pack($this->dressed());
        $before = $this->channel()->refresh()->settings->own;
        $import = app(HouseImportDesk::class)->bring($this->channel(), $file, 'house.zip');
        // Another one waits until this is over.
        $this->post('/house/file', ['house' => new UploadedFile($file, 'house.zip', null, null, true)])
            ->assertSessionHas('problem');
        DB::table('jobs')->delete();
        self::assertSame(1, app(OrphanSweep::class)->order());
        (new TakeHouseFile($import->id))->failed(null);
        self::assertSame(HouseImportState::Failed, $import->refresh()->state);
        $this->work();
        self::assertEquals($before, $this->channel()->refresh()->settings->own);
        $this->get('/house')->assertSee('Nothing was changed', false);
    }

    private function brought(Channel $channel, string $file): HouseImport
    {
        $import = app(HouseImportDesk::class)->bring($channel, $file, 'house.zip');
        $this->work();

        return $import->refresh();
    }

    /** @param  array<array-key, string>  $files */
    private static function zipped(array $files): string
    {
        $path = TEST_PLACE.'/odd-house.zip';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        foreach ($files as $name => $text) {
            $zip->addFromString((string) $name, $text);
        }
        $zip->close();

        return $path;
    }
}
