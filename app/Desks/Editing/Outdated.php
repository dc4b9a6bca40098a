<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Edit;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;

/** A change that was made looking at an older state than there is. */
final class Outdated extends Refusal
{
    public static function since(Short $short, int $revision): self
    {
        /** @var \Illuminate\Support\Collection<int, Edit> $edits */
        $edits = Edit::query()
            ->with('user')
            ->where('short_id', $short->id)
            ->where('revision', '>', $revision)
            ->latest('id')
            ->limit(3)
            ->get();
        $done = $edits
            ->map(
                static fn (Edit $edit): string => sprintf(
                    '%s (%s%s)',
                    $edit->what,
                    $edit->created_at->format('H:i'),
                    $edit->user === null ? '' : ', '.$edit->user->name,
                ),
            )
            ->all();

        return new self(
            sprintf(
                'This short was changed in another window meanwhile%s. Nothing of yours is lost: look at it again, and '
                    .'what you do then counts.',
                $done === [] ? '' : ': '.implode(', ', array_reverse($done)),
            ),
        );
    }
}
