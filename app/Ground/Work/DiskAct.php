<?php

declare(strict_types=1);

namespace App\Ground\Work;

/** What a worker does to what fills the disk. */
enum DiskAct: string
{
    /** What is to be done every hour: the budget, and what is old. */
    case Tidy = 'tidy';
    case Measure = 'measure';
    /** A kind of what can be made again, all of it. */
    case EmptyKind = 'empty-kind';
    /** What can be made again of a batch. */
    case EmptyBatch = 'empty-batch';
    /** Finished files that later ones of the same short took the place of, or whose short was deleted. */
    case Replaced = 'replaced';
    /** Finished files of a batch, to the other disk. */
    case Move = 'move';
    /** And back. */
    case Bring = 'bring';
    /** Finished files that no export knows of. */
    case Strays = 'strays';

    /** What it is called while it waits or is done. */
    public function doing(): string
    {
        return match ($this) {
            self::Tidy => 'The disk is being tidied',
            self::Measure => 'The disk is being measured',
            self::EmptyKind, self::EmptyBatch => 'What can be made again is being deleted',
            self::Replaced => 'Replaced files are being deleted',
            self::Move => 'Finished files are being moved to the other disk',
            self::Bring => 'Finished files are being brought back',
            self::Strays => 'Files that nothing knows of are being deleted',
        };
    }
}
