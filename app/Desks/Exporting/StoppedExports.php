<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Makers\Reviewing\Judge;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Quality;

/** Which shorts are not ordered for publishing, as something stops them. Drafts are made of whatever there is. */
final readonly class StoppedExports
{
    private const TOLD = 3;

    public function __construct(private Judge $reviews)
    {
    }

    /**
     * @param  list<Short>  $shorts  of the batch
     * @return array{list<Short>, string} those that may be made, and why the others are not; empty where all may
     *
     * @throws Refusal
     */
    public function of(Batch $batch, array $shorts, Quality $quality): array
    {
        if ($quality !== Quality::Final) {
            return [$shorts, ''];
        }
        $reviews = $this->reviews->all($batch, $shorts);
        $may = $why = [];
        foreach ($shorts as $short) {
            $stops = $reviews[$short->id]->stopping();
            if ($stops === []) {
                $may[] = $short;
            } else {
                $why[] = sprintf('%02d: %s', $short->number, $stops[0]->finding->message);
            }
        }

        return [$may, $why === [] ? '' : sprintf(
            'Not exported, as something stops %s. %s%s Mend it or ignore it in the review; a draft can be made as it '
                .'is.',
            count($why) === 1 ? 'it' : 'them', implode(' ', array_slice($why, 0, self::TOLD)),
            count($why) > self::TOLD ? sprintf(' And %d more.', count($why) - self::TOLD) : '',
        )];
    }
}
