<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Tidying\DiskKeeper;
use App\Desks\Tidying\DiskRules;
use App\Ground\Work\DiskAct;
use App\Ground\Work\Orders;
use App\Media\Disk\DiskKind;
use App\Media\Disk\DiskMeter;
use App\Media\Disk\FinishedDepot;
use App\Shelves\Models\Batch;
use Illuminate\Console\Command;

/** What fills the disk, and what keeps it from getting full. */
final class DiskCommand extends Command
{
    use Answers;

    protected $signature = 'reel:disk
        {--tidy : keeps the budget and moves what is old, now}
        {--order : has a worker do so, as the scheduler does every hour}
        {--move= : the finished files of a batch, by its number, to the other disk}
        {--bring= : them back}';

    protected $description = 'Tells what fills the media disk, by batch and kind; tidies it';

    public function handle(DiskKeeper $keeper, DiskMeter $meter, Orders $orders, FinishedDepot $other): int
    {
        return $this->guarded(function () use ($keeper, $meter, $orders, $other): int {
            if ($this->option('order')) {
                $orders->tidyDisk(DiskAct::Tidy);

                return self::SUCCESS;
            }
            $use = null;
            foreach ([
                [DiskAct::Tidy, (int) $this->option('tidy')],
                [DiskAct::Move, (int) self::written($this->option('move'))],
                [DiskAct::Bring, (int) self::written($this->option('bring'))],
            ] as [$act, $batch]) {
                while ($batch > 0 && $keeper->act($act, $batch, '')) {
                    $this->tell($act->doing().'…');
                }
                // An act ends with a measurement, and with what came of it.
                $use = $batch > 0 ? $meter->last() : $use;
            }
            $use ??= $keeper->measure();
            $rules = DiskRules::read();
            $names = Batch::query()->pluck('name', 'id')->all();
            $this->printJson([
                'bytes' => $use->whole(), 'database' => $use->database, 'made_again' => $use->madeAgain(),
                'budget' => $rules->budget(), 'moved_after_days' => $rules->days, 'other_disk' => $other->told(),
                'said' => $use->said,
                'kinds' => array_map(static fn (DiskKind $kind): array => [
                    'kind' => $kind->value, 'files' => $use->files($kind), 'bytes' => $use->bytes($kind),
                ], DiskKind::cases()),
                'batches' => array_map(static fn (int $id, array $bytes): array => [
                    'batch' => $id, 'name' => $names[$id] ?? null, 'bytes' => $bytes,
                ], array_keys($use->batches), $use->batches),
            ]);

            return self::SUCCESS;
        });
    }
}
