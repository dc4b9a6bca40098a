<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Outbox\CalendarFile;
use App\Desks\Outbox\Outbox;
use App\Desks\Results\BestFirst;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;

/** Deals a batch over the days of its outlets. */
final class ScheduleCommand extends Command
{
    use Answers;
    use NamesBatch;
    use NamesOutlet;

    protected $signature = 'reel:schedule {--batch= : a batch, by name or number}
        {--outlet= : one of its outlets, by name or number; all of them where none is named}
        {--from= : the day it begins at, as 2026-12-01; now where none is named}
        {--best : those that are likely to be watched most come first}
        {--ics= : a file that gets the calendar as iCalendar}';

    protected $description = 'Deals a batch over the days of its outlets';

    public function handle(Outbox $outbox, BestFirst $best): int
    {
        return $this->guarded(function () use ($outbox, $best): int {
            $batch = $this->batch();
            $outlets = $this->outlets($batch->channel);
            $shorts = array_values($batch->shorts()->with(['scenes', 'latestDone', 'latestFinal'])->get()
                ->each(static fn ($short) => $short->setRelation('batch', $batch))->all());
            $from = self::written($this->option('from'));
            $count = $outbox->deal(
                (bool) $this->option('best') ? $best->of($batch->channel, $shorts) : $shorts, $outlets,
                $from === '' ? null : $outbox->clock($batch->channel)->moment("$from 00:00"),
            );
            $posts = Post::query()->whereIn('outlet_id', array_map(static fn (Outlet $one): int => $one->id, $outlets))
                ->whereIn('short_id', $batch->shorts()->select('id'))->with(['short', 'outlet'])
                ->orderBy('due_at')->get();
            $file = self::written($this->option('ics'));
            if ($file !== '' && @file_put_contents($file, CalendarFile::of($batch->channel)) === false) {
                throw new Refusal("“{$file}” cannot be written.");
            }
            $this->printJson(['dealt' => $count, 'posts' => $posts->map(self::told(...))->all()]);

            return self::SUCCESS;
        });
    }
}
