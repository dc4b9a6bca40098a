<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use RapidReel\Base\Target\Target;
use RapidReel\Making\Render\Quality;

/** How a short stands for another target than the one that it is planned for. */
final readonly class OtherTarget
{
    /**
     * @param  Export|null  $export  the order that was given last
     * @param  Export|null  $done  the video that was made last
     */
    private function __construct(
        public string $label,
        public string $state,
        public ?Export $export,
        public ?Export $done,
    ) {
    }

    public static function of(Short $short, Target $target): self
    {
        $exports = $short->otherExports->where('target', $target->id);
        /** @var Export|null $last */
        $last = $exports->first();
        /** @var Export|null $done */
        $done = $exports->firstWhere('state', ExportState::Done);
        $isFresh = $done !== null && $short->isOf($done);

        return new self($target->label, match (true) {
            $last === null => 'not exported',
            $last->state === ExportState::Queued => 'waiting',
            $last->state === ExportState::Running => "{$last->percent} %",
            $last->state === ExportState::Cancelling => 'stopping',
            $last->state === ExportState::Cancelled => 'stopped',
            $last->state === ExportState::Failed => 'failed',
            ! $isFresh => 'edited since',
            $done->quality === Quality::Draft => 'draft ready',
            default => 'ready',
        }, $last, $done);
    }

    public function isOpen(): bool
    {
        return $this->export?->state->isOpen() === true;
    }

    public function isFailed(): bool
    {
        return $this->export?->state === ExportState::Failed;
    }
}
