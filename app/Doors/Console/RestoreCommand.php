<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Media\Backup\Backup;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use Throwable;

/** Puts a backup into an installation that has nothing yet. */
final class RestoreCommand extends Command
{
    use Answers;

    protected $signature = 'reel:restore
        {folder : where backups are kept}
        {--of= : name of the backup; the last without it}';

    protected $description = 'Puts all of a backup into an empty installation';

    public function handle(Backup $backup): int
    {
        return $this->guarded(function () use ($backup): int {
            if (self::isInUse()) {
                throw new Refusal(
                    'There is an account here already. A backup is put into an empty installation: a folder of its '
                        .'own, as LARAVEL_STORAGE_PATH and DB_DATABASE tell.',
                );
            }
            $name = self::written($this->option('of'));
            DB::purge('sqlite');
            $files = $backup->restore(
                rtrim(self::written($this->argument('folder')), '/'), $name === '' ? null : $name,
            );
            // One of an earlier version is brought to this one.
            Artisan::call('migrate', ['--force' => true]);
            $this->printJson(['files' => $files, 'accounts' => DB::table('users')->count()]);

            return self::SUCCESS;
        });
    }

    private static function isInUse(): bool
    {
        try {
            return DB::table('users')->exists();
        } catch (Throwable) {
            return false;
        }
    }
}
