<?php

declare(strict_types=1);

namespace App\Media\Backup;

use App\Ground\Work\Folder;
use App\Media\Disk\DiskKind;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use JsonException;
use RapidReel\Base\Refusal;
use RuntimeException;
use SQLite3;

/**
 * Backups of an installation in a folder: each has the database as it was at one moment (SQLite's own online backup,
 * while others write) and all files that cannot be made again. What two of them have in common is there once, by its
 * content; a backup is there once its list is.
 */
final readonly class Backup
{
    private const NAME = '/^\d{8}-\d{6}(?:-\d+)?$/D';

    /** Whole seconds are all that a file tells of when it was touched. */
    private const SETTLED_SECONDS = 2;

    /** @param  string  $database  the file */
    public function __construct(
        private MediaStore $store,
        private string $database,
    ) {
    }

    /**
     * @param  string  $name  of the backup, by which they are in order: a day and a time
     * @param  callable(string): void  $tell
     * @return array{files: int, bytes: int, copied: int, name: string}
     *
     * @throws Refusal
     * @throws StrangePlace
     * @throws JsonException
     */
    public function make(string $folder, string $name, callable $tell): array
    {
        Folder::make("$folder/objects");
        Folder::make("$folder/lists");
        for ($more = 1; is_file("$folder/lists/$name.json"); $more++) {
            $name = preg_replace('/-\d+$|$/D', "-$more", $name, 1) ?? $name;
        }
        $last = self::names($folder) === [] ? [] : self::list($folder, null)->files;
        $before = $this->files($folder, $last, $tell);
        $database = $this->database($folder);
        // What came while the database was read, it may know of already.
        $files = [...$before['files'], ...($after = $this->files($folder, $before['files'], $tell))['files']];
        ksort($files);
        $written = "$folder/lists/.$name";
        if (file_put_contents($written, (new BackupList($database, $files))->toJson()) === false) {
            throw new Refusal("The list of the backup could not be written to $folder.");
        }
        rename($written, "$folder/lists/$name.json");

        return [
            'name' => $name, 'files' => count($files), 'bytes' => array_sum(array_column($files, 'size')),
            'copied' => $before['copied'] + $after['copied'],
        ];
    }

    /**
     * Puts all of a backup into an installation that has nothing yet.
     *
     * @param  string|null  $name  null for the last
     * @return int how many files
     *
     * @throws Refusal when something is there, or the backup is not whole
     * @throws StrangePlace when a name in it is none of ours
     */
    public function restore(string $folder, ?string $name): int
    {
        $list = self::list($folder, $name);
        // Looked at first: half of an installation helps nobody.
        $this->check($folder, $name);
        foreach (array_keys($list->files) as $file) {
            $this->store->path($file);
        }
        foreach ($list->files as $file => $one) {
            $this->store->keep(self::object($folder, $one['hash']), $this->store->path($file));
        }
        Folder::make(dirname($this->database));
        $new = "{$this->database}.restored";
        if (! @copy(self::object($folder, $list->database), $new) || ! rename($new, $this->database)) {
            throw new Refusal('The database could not be put in its place.');
        }

        return count($list->files);
    }

    /**
     * @return list<string> what is wrong with a backup; nothing where it is whole
     *
     * @throws Refusal
     */
    public function problems(string $folder, ?string $name): array
    {
        $list = self::list($folder, $name);
        $problems = [];
        // The same content may stand there under several names.
        foreach (array_unique([...array_column($list->files, 'hash'), $list->database]) as $hash) {
            if (@hash_file('xxh128', self::object($folder, $hash)) !== $hash) {
                $problems[] = $hash;
            }
        }

        return $problems;
    }

    /** @throws Refusal when it is not whole */
    public function check(string $folder, ?string $name): void
    {
        $problems = count($this->problems($folder, $name));
        if ($problems > 0) {
            throw new Refusal("$problems files of this backup are gone or damaged. Take an earlier one.");
        }
    }

    /** @return list<string> names of the backups in a folder, the first first */
    public static function names(string $folder): array
    {
        $names = array_map(
            static fn (string $file): string => basename($file, '.json'), glob("$folder/lists/*.json") ?: [],
        );

        return array_values(array_filter($names, static fn (string $one): bool => preg_match(self::NAME, $one) === 1));
    }

    /** @throws Refusal when there is none */
    private static function list(string $folder, ?string $name): BackupList
    {
        $names = self::names($folder);
        $name ??= $names === [] ? '' : $names[count($names) - 1];
        if (! in_array($name, $names, true)) {
            throw new Refusal(
                $names === [] ? "There is no backup in $folder." : "There is no backup $name in $folder.",
            );
        }

        return BackupList::fromJson((string) file_get_contents("$folder/lists/$name.json"));
    }

    private static function object(string $folder, string $hash): string
    {
        return "$folder/objects/".substr($hash, 0, 2)."/$hash";
    }

    /**
     * @param  array<string, array{hash: string, size: int, mark: string}>  $known
     * @param  callable(string): void  $tell
     * @return array{files: array<string, array{hash: string, size: int, mark: string}>, copied: int}
     *
     * @throws StrangePlace
     * @throws Refusal
     */
    private function files(string $folder, array $known, callable $tell): array
    {
        $files = [];
        $copied = 0;
        foreach ($this->found() as $name => $file) {
            $stat = @stat($file);
            if ($stat === false) {
                continue;
            }
            $mark = "{$stat['size']} {$stat['mtime']} {$stat['ctime']} {$stat['ino']}";
            $isSettled = $stat['ctime'] < time() - self::SETTLED_SECONDS;
            $hash = $isSettled && ($known[$name]['mark'] ?? '') === $mark ? $known[$name]['hash']
                : (string) @hash_file('xxh128', $file);
            if ($hash === '') {
                // Taken away meanwhile.
                continue;
            }
            if (! is_file(self::object($folder, $hash))) {
                $this->copy($file, $folder, $hash);
                $copied++;
                $copied % 500 === 0 && $tell("$copied files are copied…");
            }
            $files[$name] = ['hash' => $hash, 'size' => $stat['size'], 'mark' => $mark];
        }

        return ['files' => $files, 'copied' => $copied];
    }

    /** @throws Refusal */
    private function copy(string $file, string $folder, string $hash): void
    {
        $object = self::object($folder, $hash);
        Folder::make(dirname($object));
        $half = "$object.".bin2hex(random_bytes(4));
        // What is written is read again: a copy that is not the same is none.
        if (! @copy($file, $half) || hash_file('xxh128', $half) !== $hash) {
            @unlink($half);

            throw new Refusal(
                "A file could not be copied to $folder as it is. Is there room, and does the disk keep it?",
            );
        }
        rename($half, $object);
    }

    /**
     * @return iterable<string, string> files that cannot be made again, by their names
     *
     * @throws StrangePlace
     */
    private function found(): iterable
    {
        foreach ($this->store->files() as $place => $file) {
            $name = $this->store->name($place);
            $room = (string) strtok($name, '/');
            if (DiskKind::isSaved($room)) {
                yield $name => $place;
            }
        }
    }

    /**
     * @return string the hash of its copy
     *
     * @throws Refusal
     */
    private function database(string $folder): string
    {
        $half = "$folder/objects/.database-".bin2hex(random_bytes(4));
        try {
            $from = new SQLite3($this->database, SQLITE3_OPEN_READONLY);
            $from->busyTimeout(20_000);
            $to = new SQLite3($half);
            $isMade = $from->backup($to);
            $isWhole = $to->querySingle('pragma quick_check') === 'ok';
            $to->close();
            $from->close();
            if (! $isMade || ! $isWhole) {
                throw new RuntimeException('Its copy is not whole.');
            }
            $hash = (string) hash_file('xxh128', $half);
            is_file(self::object($folder, $hash)) || $this->copy($half, $folder, $hash);
        } catch (\Exception $problem) {
            throw $problem instanceof Refusal ? $problem
                : new Refusal('The database could not be copied: '.$problem->getMessage(), previous: $problem);
        } finally {
            array_map(static fn (string $end): bool => @unlink($half.$end), ['', '-wal', '-shm', '-journal']);
        }

        return $hash;
    }
}
