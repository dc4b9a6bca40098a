<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Shelves\Models\Short;
use RapidReel\Base\Language\Readability;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Rules\ScriptNote;
use RapidReel\Text\Script\TrimPlan;

final readonly class PanelView
{
    /** How it lies to what is allowed, behind its seconds */
    public string $fit;

    /**
     * @param  TrimPlan|null  $trim  where it is too long
     * @param  list<Flag>  $flags
     */
    public function __construct(
        public Short $short,
        public CutSummary $summary,
        public HookView $hook,
        public ?TrimPlan $trim,
        public Readability $readability,
        public Manuscript $manuscript,
        public array $flags,
    ) {
        $length = $summary->limits->length;
        $this->fit = match (true) {
            $summary->isOver() => sprintf('of %d, over', intdiv($length->longestMs ?? 0, 1000)),
            $summary->isUnder() => sprintf('under %d', intdiv($length->shortestMs, 1000)),
            $length->longestMs === null => 'fits',
            default => sprintf('of %d, fits', intdiv($length->longestMs, 1000)),
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
