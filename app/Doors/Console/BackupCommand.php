<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Media\Backup\Backup;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;

/** Saves what cannot be made again, while the application runs. */
final class BackupCommand extends Command
{
    use Answers;

    protected $signature = 'reel:backup
        {folder : where backups are kept: another disk, best on another machine}
        {--check= : whether a backup there is whole, by its name, or “last”; makes none}';

    protected $description = 'Saves the database and all files that cannot be made again; only what is new is copied';

    public function handle(Backup $backup): int
    {
        return $this->guarded(function () use ($backup): int {
            $folder = rtrim(self::written($this->argument('folder')), '/');
            $check = self::written($this->option('check'));
            if ($check !== '') {
                $problems = $backup->problems($folder, $check === 'last' ? null : $check);
                $this->printJson(['whole' => $problems === [], 'damaged' => $problems]);

                return $problems === [] ? self::SUCCESS : self::FAILURE;
            }
            if ($folder === '') {
                throw new Refusal('It is to be told where: reel:backup /mnt/backup');
            }
            $this->printJson($backup->make($folder, date('Ymd-His'), $this->tell(...)));

            return self::SUCCESS;
        });
    }
}
