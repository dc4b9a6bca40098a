<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Makers\Planning\BriefDesk;
use App\Media\Process\ToolFailed;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use App\Shelves\Models\Short;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Brief\Brief;
use RapidReel\Plan\Brief\NumberedFiles;

/** Pictures that came back for the briefs of a short, put to its shots in their order. */
final readonly class PicturePlacing
{
    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private BriefDesk $briefs,
    ) {
    }

    /**
     * Puts the first of what came for every shot there, as one step; the others stay to be chosen.
     *
     * @param  list<array{string, int}>  $files  names as they came, each with its footage
     * @param  (Closure(Brief, string|null): bool)|null  $may  told the brief of a shot and the footage that is chosen
     *   for it; whether what came is put there
     * @return array{
     *     candidates: array<int, non-empty-list<Footage>>, missing: list<int>, left: list<string>
     * } by number of the shot, from 1
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function bring(Short $short, array $files, ?Closure $may = null): array
    {
        $briefs = $this->briefs->of($short);
        $found = NumberedFiles::of(array_column($files, 0), count($briefs));
        if ($found->candidates === []) {
            throw new Refusal(
                'None of these files has the number of a shot. Name them 01, 02, … as the briefs are numbered.',
            );
        }
        /** @var array<string, int> $ids */
        $ids = array_column($files, 1, 0);
        $rows = Footage::at($short->batch->channel)
            ->where('state', FootageState::Ready)
            ->findMany(array_values($ids))
            ->keyBy('id');
        $candidates = [];
        $missing = $found->missing;
        foreach ($found->candidates as $number => $names) {
            $own = array_values(array_filter(array_map(
                static fn (string $name): ?Footage => $rows->get($ids[$name]),
                $names,
            )));
            if ($own === []) {
                $missing[] = $number;
            } else {
                $candidates[$number] = $own;
            }
        }
        sort($missing);
        $this->edits->change($short->batch, 'uploaded pictures for the briefs', [$short], function (Short $short) use (
            $briefs,
            $candidates,
            $may,
        ): void {
            $now = $short->manuscript();
            foreach ($candidates as $number => [$footage]) {
                $shot = $briefs[$number - 1]->shot;
                $own = $now->scenes[$shot->scene]->own;
                $chosen = $own->shotAt($shot->word)->footage;
                if ($may !== null && ! $may($briefs[$number - 1], $chosen)) {
                    continue;
                }
                $now = $now->withOwn($shot->scene, $own->shot([
                    $own->shotAt($shot->word)->withFootage((string) $footage->id),
                    ...$own->shots,
                ]));
            }
            $this->writer->write($short, $now);
        });
        foreach ($candidates as $number => $own) {
            // So that they are found for this shot again.
            Footage::query()
                ->whereKey(array_map(static fn (Footage $one): int => $one->id, $own))
                ->whereNull('brief')
                ->update(['brief' => mb_strimwidth($briefs[$number - 1]->text, 0, 400, '…')]);
        }

        return ['candidates' => $candidates, 'missing' => $missing, 'left' => $found->left];
    }
}
