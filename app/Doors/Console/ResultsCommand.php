<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Outbox\OutletDesk;
use App\Desks\Results\ChannelResults;
use App\Desks\Results\ResultsDesk;
use App\Desks\Results\ResultsImport;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Post;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\Factor;
use RapidReel\Making\Publish\Results\Group;

/** What posts brought: asked for, read from a table, and what works. */
final class ResultsCommand extends Command
{
    use Answers;
    use NamesChannel;
    use NamesOutlet;

    protected $signature = 'reel:results {--channel= : a channel, by name or number}
        {--outlet= : one of its outlets, by name or number; all of them where none is named}
        {--ask : asks the outlets first}
        {--csv= : a table of results that is taken in first}';

    protected $description = 'Tells what posts brought, and which hooks, lengths, voices… work';

    public function handle(ResultsDesk $desk, ResultsImport $import, ChannelResults $results): int
    {
        return $this->guarded(function () use ($desk, $import, $results): int {
            $channel = $this->channel() ?? Channel::query()->orderBy('id')->first()
                ?? throw new Refusal('There is no channel yet.');
            $named = self::written($this->option('outlet'));
            $outlet = $named === '' ? null : $this->outlets($channel)[0];
            $failed = false;
            foreach ((bool) $this->option('ask') ? OutletDesk::of($channel) : [] as $one) {
                try {
                    $desk->ask($one);
                } catch (Refusal $problem) {
                    $this->tell($problem->getMessage());
                    $failed = true;
                }
            }
            $file = self::written($this->option('csv'));
            if ($file !== '') {
                $bytes = @file_get_contents($file, length: ResultsImport::MOST_BYTES + 1);
                $table = $import->table($bytes !== false ? $bytes : throw new Refusal("“{$file}” cannot be read."));
                $report = $import->take($channel, $table, $import->columns($channel, $table), $outlet);
                array_map($this->tell(...), [$report->says(), ...$report->leftOut()]);
            }
            $posts = $results->posts($channel, $outlet);
            $works = $results->works($posts);
            $this->printJson([
                'posts' => $posts->map(static fn (Post $post): array => [
                    'short' => $post->short->title, 'outlet' => $post->outlet->name, 'address' => $post->address,
                    'posted' => gmdate(DATE_ATOM, (int) $post->posted_at),
                    'views' => $post->series()->last()?->views, 'likes' => $post->series()->last()?->likes,
                ])->all(),
                'compared_at_days' => ChannelResults::AGE_DAYS,
                'works' => array_combine(
                    array_column(Factor::cases(), 'value'),
                    array_map(static fn (Factor $factor): array => array_map(
                        static fn (Group $group): array => [
                            'name' => $group->name, 'number' => $group->spread->count,
                            'median' => $group->spread->median,
                            'interval' => [$group->spread->sure->from, $group->spread->sure->to],
                            'says' => $group->says(),
                        ], $works->by($factor),
                    ), Factor::cases()),
                ),
            ]);

            return $failed ? self::FAILURE : self::SUCCESS;
        });
    }
}
