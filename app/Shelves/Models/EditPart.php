<?php

declare(strict_types=1);

namespace App\Shelves\Models;

use Illuminate\Database\Eloquent\Builder as Eloquent;
use Illuminate\Database\Query\Builder as Query;

/** What of a channel a change was of, beside its settings. */
enum EditPart: string
{
    /** What it is called and how it speaks. */
    case Words = 'words';

    /** Its footage; it has a history of its own. */
    case Library = 'library';

    /** Texts, covers, days and hours of what is to leave; a history of its own too. */
    case Outbox = 'outbox';

    /** Whether it is undone by itself, and not with what is set. */
    public function hasOwnHistory(): bool
    {
        return $this !== self::Words;
    }

    /**
     * Edits that stand in one history with what is set.
     *
     * @template T of Eloquent|Query
     *
     * @param  T  $edits
     * @return T
     */
    public static function amongSettings(Eloquent|Query $edits): Eloquent|Query
    {
        $edits->whereNull('part')->orWhere('part', self::Words->value);

        return $edits;
    }
}
