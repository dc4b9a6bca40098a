<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Backup\Backup;
use App\Media\Store\MediaStore;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Models\Footage;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PDO;
use RapidReel\Base\Refusal;
use Symfony\Component\Process\Process;

/** What is saved while the application runs, and comes back into an empty one. */
final class BackupTest extends AppTestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = TEST_PLACE.'/backup-'.bin2hex(random_bytes(4));
        app(FootageImporter::class)->footage($this->channel(), self::still('backup.png'), 'Kept', ['lamp']);
        $this->made('The lamp is lit. Nobody sees it.');
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** @return array{files: int, bytes: int, copied: int, name: string} */
    private function backup(string $name): array
    {
        return app(Backup::class)->make($this->folder, $name, static fn (string $line): null => null);
    }

    /**
     * Another installation, with nothing in it.
     *
     * @param  list<string>  $command
     */
    private function elsewhere(array $command): Process
    {
        $place = "{$this->folder}/elsewhere";
        foreach (['framework/views', 'framework/cache/data', 'framework/sessions', 'logs', 'media'] as $room) {
            File::ensureDirectoryExists("$place/$room");
        }
        is_file("$place/reel.sqlite") || touch("$place/reel.sqlite");
        $process = self::typed($command, [
            'LARAVEL_STORAGE_PATH' => $place, 'DB_DATABASE' => "$place/reel.sqlite",
        ])->setTimeout(120);
        $process->run();

        return $process;
    }

    public function test_what_is_saved_comes_back_whole_into_an_empty_installation(): void
    {
        $footage = Footage::query()->firstOrFail();
        $this->backup('20261201-090000');
        $restored = $this->elsewhere(['reel:restore', $this->folder]);
        self::assertTrue($restored->isSuccessful(), $restored->getErrorOutput());

        $other = new PDO("sqlite:{$this->folder}/elsewhere/reel.sqlite");
        foreach (['users', 'channels', 'shorts', 'scenes', 'footage', 'edits'] as $table) {
            self::assertSame(
                DB::table($table)->count(), (int) $other->query("select count(*) from $table")->fetchColumn(), $table,
            );
        }
        self::assertFileEquals(
            app(MediaStore::class)->path($footage->path), "{$this->folder}/elsewhere/media/{$footage->path}",
        );
        $again = $this->elsewhere(['reel:restore', $this->folder]);
        self::assertFalse($again->isSuccessful());
        self::assertStringContainsString('There is an account here already', $again->getErrorOutput());
    }

    public function test_only_what_is_new_is_copied_and_what_can_be_made_again_is_left_out(): void
    {
        app(MediaStore::class)->put(app(MediaStore::class)->path('segments/aa/aa.mp4'), 'made');
        $first = $this->backup('20261201-090000');
        app(FootageImporter::class)->footage(
            $this->channel(), self::still('backup-two.png', colour: 'blue'), 'Second', ['boat'],
        );
        $second = $this->backup('20261202-090000');

        self::assertGreaterThan(1, $first['copied']);
        self::assertGreaterThan(0, $second['copied']);
        self::assertLessThan($first['files'], $second['copied']);
        self::assertGreaterThan($first['files'], $second['files']);
        self::assertSame(['20261201-090000', '20261202-090000'], Backup::names($this->folder));
        $list = (string) file_get_contents("{$this->folder}/lists/20261202-090000.json");
        self::assertStringNotContainsString('segments/', $list);
        self::assertStringContainsString('library/', $list);
    }

    public function test_a_damaged_backup_is_told_and_restores_nothing(): void
    {
        $this->backup('20261201-090000');
        self::assertSame([], app(Backup::class)->problems($this->folder, null));
        $objects = File::allFiles("{$this->folder}/objects");
        File::put($objects[0]->getPathname(), 'another');
        self::assertCount(1, app(Backup::class)->problems($this->folder, null));
        $restored = $this->elsewhere(['reel:restore', $this->folder]);
        self::assertFalse($restored->isSuccessful());
        self::assertStringContainsString('gone or damaged', $restored->getErrorOutput());
        self::assertSame([], File::allFiles("{$this->folder}/elsewhere/media"));
    }

    public function test_a_list_that_names_places_outside_is_refused(): void
    {
        $this->backup('20261201-090000');
        $file = "{$this->folder}/lists/20261201-090000.json";
        $list = json_decode((string) file_get_contents($file), true);
        $list['files'] = ['../../outside.php' => array_values($list['files'])[0]];
        File::put($file, (string) json_encode($list));
        $restored = $this->elsewhere(['reel:restore', $this->folder]);

        self::assertFalse($restored->isSuccessful());
        self::assertFileDoesNotExist("{$this->folder}/outside.php");
        File::put($file, '{"kind": "rapid-reel-backup"');
        $this->expectException(Refusal::class);
        app(Backup::class)->problems($this->folder, null);
    }

    public function test_the_command_saves_checks_and_says_where_there_is_none(): void
    {
        $made = $this->console('reel:backup', $this->folder);
        self::assertTrue($made->isSuccessful(), $made->getErrorOutput());
        self::assertGreaterThan(0, json_decode($made->getOutput(), true)['files']);
        self::assertTrue($this->console('reel:backup', $this->folder, '--check=last')->isSuccessful());
        $none = $this->console('reel:backup', "{$this->folder}/none", '--check=last');
        self::assertFalse($none->isSuccessful());
        self::assertStringContainsString('There is no backup', $none->getErrorOutput());
    }
}
