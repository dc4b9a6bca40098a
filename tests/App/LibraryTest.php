<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Probing\Prober;
use App\Media\Store\MediaStore;
use App\Shelves\Library\FolderShelf;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\SoundDesk;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Music;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\FootageKind;
use Symfony\Component\Process\Process;

final class LibraryTest extends AppTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        DB::table('footage')->delete();
        DB::table('music')->delete();
        $this->folder = TEST_PLACE.'/shelf';
        File::deleteDirectory($this->folder);
        File::ensureDirectoryExists("{$this->folder}/deeper");
    }

    public function test_a_folder_is_a_shelf_with_tags_from_a_file_beside_or_from_the_name(): void
    {
        File::copy(self::clip('boat.mp4'), "{$this->folder}/Old_fishing-boat 2.mp4");
        File::copy(self::still('bell.png'), "{$this->folder}/deeper/x.png");
        File::put("{$this->folder}/deeper/x.json", '{"tags": ["bell", 7, "ring"]}');
        File::copy(self::music(), "{$this->folder}/tune.wav");
        File::put("{$this->folder}/notes.txt", 'not footage');
        $shelf = app()->make(FolderShelf::class, ['folder' => $this->folder])->shelf();

        self::assertSame(['Old_fishing-boat 2.mp4', 'deeper/x.png'], array_keys($shelf->footage));
        self::assertSame(['Old', 'fishing', 'boat'], $shelf->footage['Old_fishing-boat 2.mp4']->words->tags);
        self::assertSame(['bell', 'ring'], $shelf->footage['deeper/x.png']->words->tags);
        self::assertSame(FootageKind::Still, $shelf->footage['deeper/x.png']->kind);
        self::assertFileExists($shelf->footagePaths['deeper/x.png']);
        self::assertSame('tune.wav', $shelf->music->piece('tune.wav')?->id);
        self::assertLessThan(-5, $shelf->music->piece('tune.wav')?->loudness);
    }

    public function test_an_empty_or_missing_folder_is_told(): void
    {
        foreach ([$this->folder, '/nowhere'] as $folder) {
            try {
                app()->make(FolderShelf::class, ['folder' => $folder])->shelf();
                self::fail('It should have been refused.');
            } catch (Refusal $problem) {
                self::assertStringContainsString($folder, $problem->getMessage());
            }
        }
    }

    public function test_the_library_is_a_shelf_of_what_was_brought_in(): void
    {
        $importer = app(FootageImporter::class);
        $clip = $importer->footage($this->channel(), self::clip('gull.mp4', 4, '480x480'), 'gull.mp4', ['gull', 'sky']);
        $sounds = app(SoundDesk::class);
        $music = $sounds->music($this->channel(), self::music(), 'slow tune.wav', 'calm');
        self::assertSame($music->id, $sounds->music($this->channel(), self::music(), 'again.wav', 'calm')->id);
        $shelf = app(LibraryShelf::class)->of($this->channel());

        self::assertSame(['gull', 'sky'], $shelf->footage[(string) $clip->id]->words->tags);
        self::assertFileEquals(self::clip('gull.mp4'), $shelf->footagePaths[(string) $clip->id]);
        self::assertSame(
            ['Slow tune', 12_000],
            [Music::query()->firstOrFail()->name, Music::query()->firstOrFail()->duration_ms],
        );
        self::assertFileExists($shelf->music->path((string) $music->id));
    }

    public function test_a_clip_held_upright_is_measured_as_it_is_shown(): void
    {
        $turned = self::media('turned.mp4', '-i', self::clip(), '-c', 'copy', '-metadata:s:v:0', 'rotate=90');
        if (
            ! str_contains(
                (new Process([
                    'ffprobe', '-v', 'error', '-show_entries', 'stream_side_data=rotation', '-of', 'csv', $turned,
                ]))
                    ->mustRun()
                    ->getOutput(),
                '90',
            )
        ) {
            self::fail('The test clip is not turned.');
        }
        $found = app(Prober::class)->probe($turned, 'turned.mp4');

        self::assertSame([360, 640], [$found->width, $found->height]);
    }

    /** @return array<string, array{string, list<string>}> */
    public static function formats(): array
    {
        return [
            'WebM' => ['a.webm', ['-f', 'lavfi', '-i', 'testsrc2=size=320x240:rate=25:duration=1', '-c:v', 'libvpx']],
            'Matroska' => [
                'a.mkv',
                ['-f', 'lavfi', '-i', 'testsrc2=size=320x240:rate=25:duration=1', '-c:v', 'libx264'],
            ],
            'QuickTime' => [
                'a.mov',
                ['-f', 'lavfi', '-i', 'testsrc2=size=320x240:rate=25:duration=1', '-c:v', 'libx264'],
            ],
            'JPEG' => ['a.jpg', ['-f', 'lavfi', '-i', 'testsrc2=size=320x240', '-frames:v', '1']],
            'WebP' => ['a.webp', ['-f', 'lavfi', '-i', 'testsrc2=size=320x240', '-frames:v', '1']],
        ];
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('formats')]
    public function test_common_formats_are_taken(string $name, array $arguments): void
    {
        $one = app(FootageImporter::class)->footage($this->channel(), self::media($name, ...$arguments), $name, [
            'test',
        ]);

        self::assertSame([320, 240], [$one->width, $one->height]);
        self::assertFileExists(app(MediaStore::class)->path($one->path));
        self::assertFileExists(app(MediaStore::class)->path($one->thumbnail));
        self::assertSame(
            $one->kind === FootageKind::Still ? 'png' : pathinfo($name, PATHINFO_EXTENSION),
            pathinfo($one->path, PATHINFO_EXTENSION),
        );
    }

    public function test_a_search_takes_its_signs_as_they_are(): void
    {
        foreach (['100%_sure' => 'a', 'plain' => 'b\\c', "o'brien" => 'd'] as $name => $tag) {
            Footage::query()->forceCreate([
                'channel_id' => $this->channel()->id,
                'name' => $name,
                'kind' => FootageKind::Still,
                'path' => 'x',
                'thumbnail' => 'x',
                'fingerprint' => $name,
                'width' => 9,
                'height' => 9,
                'duration_ms' => 0,
                'tags' => $tag,
            ]);
        }
        $found = fn (string $words): array => Footage::search($this->channel(), $words)->pluck('name')->all();

        self::assertSame(['100%_sure'], $found('%'));
        self::assertSame(['100%_sure'], $found('0%_S'));
        self::assertSame(['plain'], $found('\\'));
        self::assertSame(["o'brien"], $found("o'b d"));
        self::assertCount(3, $found('  '));
    }

    public function test_a_file_appears_whole_or_not_at_all_and_old_leavings_are_swept(): void
    {
        $store = app(MediaStore::class);
        $store->put($store->path('rooms/a/b.txt'), 'whole');
        self::assertSame('whole', file_get_contents($store->path('rooms/a/b.txt')));

        // A process that was killed at its work, and one that is alive.
        $killed = (new Process(['php', '-r', 'require "vendor/autoload.php"; (require "bootstrap/app.php")
            ->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            echo app(App\Media\Store\MediaStore::class)->workFolder();
            posix_kill(getmypid(), SIGKILL);'], base_path()));
        $killed->start();
        while ($killed->isRunning()) {
            usleep(10_000);
        }
        $left = $killed->getOutput();
        $fresh = $store->workFolder();
        self::assertDirectoryExists($left);
        self::assertSame(1, $store->sweep());
        self::assertDirectoryDoesNotExist($left);
        self::assertDirectoryExists($fresh);
        $store->discard($fresh);
    }
}
