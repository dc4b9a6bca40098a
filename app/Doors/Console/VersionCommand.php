<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Translating\SentenceTimes;
use App\Desks\Translating\VersionBook;
use App\Desks\Translating\VersionDesk;
use App\Desks\Translating\VersionUpdate;
use App\Shelves\Models\Short;
use Illuminate\Console\Command;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Version\VersionWay;

/** Makes versions of a short in other languages, tells what of them is behind, and brings them up to date. */
final class VersionCommand extends Command
{
    use Answers;
    use NamesShort;

    protected $signature = 'reel:version {id : number of a short, as in the address of its page}
        {--to= : languages by their tags, as de,ar,pt-BR: what is not there yet is made}
        {--way=voice : voice, pictures, length or captions: how its times come about}
        {--update : brings the sentences that are behind up to date}';

    protected $description = 'Makes versions of a short in other languages, or tells of those that there are, as JSON';

    public function handle(VersionDesk $desk, VersionBook $book, VersionUpdate $update, SentenceTimes $times): int
    {
        return $this->guarded(function () use ($desk, $book, $update, $times): int {
            $short = $this->short(Short::query()->with(['batch.channel', 'scenes.shots', 'notes', 'readings']));
            $way = VersionWay::tryFrom(self::written($this->option('way'))) ?? throw new Refusal(
                'The way is one of: '.implode(', ', array_column(VersionWay::cases(), 'value')).'.',
            );
            $languages = array_filter(array_map(trim(...), explode(',', self::written($this->option('to')))));
            foreach ($languages as $language) {
                if (! $short->versions()->where('language', WrittenAs::tag($language))->exists()) {
                    $desk->make($short, $language, $way);
                }
            }
            $versions = [];
            foreach ($short->versions()->get() as $version) {
                $brought = $this->option('update') ? $update->bring($version) : 0;
                $version->refresh();
                $versions[] = [
                    'id' => $version->id, 'language' => $version->language, 'title' => $version->title,
                    'way' => $version->way->value, 'brought' => $brought, 'behind' => $book->behind($version),
                    'too_long' => $times->tooLong($version, $book->compared($version)),
                    'name' => $version->fileName(),
                ];
            }
            $this->printJson(['short' => $short->id, 'versions' => $versions]);

            return self::SUCCESS;
        });
    }
}
