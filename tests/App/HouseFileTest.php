<?php

declare(strict_types=1);

namespace Tests\App;

use App\Editing\HouseApplier;
use App\Editing\HouseFile;
use App\Library\FootageImporter;
use App\Library\LogoDesk;
use App\Library\TableDesk;
use App\Models\Channel;
use App\Models\ColourTable;
use App\Models\Footage;
use App\Models\Logo;
use App\Settings\Registrar;
use Illuminate\Http\UploadedFile;
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

        $other = Channel::query()->create(['user_id' => $this->user()->id, 'name' => 'Other']);
        self::assertSame([], app(HouseFile::class)->unpack($other, $file));
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
        $other = Channel::query()->create(['user_id' => $this->user()->id, 'name' => 'Other']);
        self::assertSame([], app(HouseFile::class)->unpack($other, $file));
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
        $file = app(HouseFile::class)->pack($this->channel()->refresh());
        foreach (['look' => 'clear', 'speed' => '90', 'dim' => '20', 'split' => 'words:4-12'] as $key => $value) {
            $this->setting('channel', $this->channel()->id, $key, $value)->assertOk();
        }
        $before = $this->channel()->refresh()->settings->own;
        $this->post('/house/file', ['house' => new UploadedFile($file, 'house.zip', null, null, true)])
            ->assertRedirect('/house')->assertSessionHas('refused', []);
        $after = $this->channel()->refresh()->settings->own;
        self::assertSame(['ink', 110], [$after['look'], $after['speed']]);
        self::assertArrayNotHasKey('dim', $after);

        $this->postJson('/house/undo')->assertOk();
        self::assertEquals($before, $this->channel()->refresh()->settings->own);
    }

    public function test_what_is_no_house_style_is_refused_and_what_is_unknown_in_one_is_told(): void
    {
        $this->actingAs($this->user());
        $zipped = function (array $files): UploadedFile {
            $path = TEST_PLACE.'/odd-house.zip';
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
            foreach ($files as $name => $text) {
                $zip->addFromString($name, $text);
            }
            $zip->close();

            return new UploadedFile($path, 'house.zip', null, null, true);
        };
        $this->post('/house/file')->assertSessionHas('problem');
        $this->post('/house/file', ['house' => UploadedFile::fake()->createWithContent('a.zip', 'no ZIP')])
            ->assertSessionHas('problem', 'This is no house style: a ZIP as “Export” makes it is wanted.');
        $this->post('/house/file', ['house' => $zipped(['a.txt' => 'hello'])])->assertSessionHas('problem');
        $answer = $this->post('/house/file', ['house' => $zipped(['house.json' => json_encode([
            'kind' => 'rapid-reel-house-style', 'version' => 1, 'words' => ['style_words' => ['not a text']],
            'settings' => ['speed' => 900, 'look' => 'ink', 'unheard_of' => 1, 'logo' => '../../etc/passwd'],
            'files' => [['kind' => 'logo', 'id' => 'x', 'name' => 'Gone', 'file' => '../gone.png'], 7],
        ])])])->assertRedirect('/house');

        self::assertCount(4, $answer->getSession()->get('refused'));
        self::assertSame(['look' => 'ink'], $this->channel()->refresh()->settings->own);
    }
}
