<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Exporting\ExportArchive;
use App\Ground\Work\Folder;
use App\Shelves\Models\Batch;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;

/** Puts the finished files of a batch into a folder, with a list of them. */
final class HandOutCommand extends Command
{
    use Answers;
    use NamesBatch;

    protected $signature = 'reel:hand-out {--batch= : a batch, by name or number}
        {--out= : the folder they go to}
        {--all : drafts and outdated files too, named so}';

    protected $description = 'Puts the finished files of a batch into a folder, with a list of them';

    public function handle(ExportArchive $archive): int
    {
        return $this->guarded(function () use ($archive): int {
            $out = self::written($this->option('out'));
            if ($out === '') {
                throw new Refusal('Say where the files go: --out=FOLDER.');
            }
            $batch = $this->batch();
            $files = $archive->of(array_values($batch->shorts()
                ->with(['latestDone', 'latestFinal', 'otherExports'])->get()
                ->each(static fn ($short) => $short->setRelation('batch', $batch))->all()),
                (bool) $this->option('all'));
            Folder::make($out);
            $files->into($out);
            $this->printJson(['folder' => $out, 'files' => array_map(strval(...), array_keys($files->files))]);

            return self::SUCCESS;
        });
    }
}
