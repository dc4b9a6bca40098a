<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Shelves\Models\Short;
use RapidReel\Base\Language\Readability;
use RapidReel\Base\TargetProfile;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Script\TrimPlan;

final readonly class PanelView
{
    /** "fits", "over", or "under" and the shortest time */
    public string $fit;

    /**
     * @param  TrimPlan|null  $trim  where it is too long
     * @param  list<Flag>  $flags
     */
    public function __construct(
        public Short $short,
        public CutSummary $summary,
        public TargetProfile $profile,
        public HookView $hook,
        public ?TrimPlan $trim,
        public Readability $readability,
        public Manuscript $manuscript,
        public array $flags,
    ) {
        $this->fit = match (true) {
            $summary->isOver() => 'over',
            $summary->isUnder() => 'under '.intdiv($profile->shortestMs(), 1000),
            default => 'fits',
        };
    }

    /**
     * @param  bool  $before  those that stand before the scene's words, else those among them
     * @return array<int, ScriptNote> by their numbers
     */
    public function notesOf(int $scene, bool $before): array
    {
        return array_filter(
            $this->manuscript->notes,
            static fn (ScriptNote $note): bool => $note->scene === $scene && ($note->offset === 0) === $before,
        );
    }
}
