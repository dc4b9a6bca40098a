<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

/** How a sentence of a version stands to its source. */
enum RowState: string
{
    case Same = 'same';
    /** The source was changed since. */
    case Changed = 'changed';
    /** The source has it, the version does not yet. */
    case Missing = 'missing';
    /** The version has it, the source does not any more. */
    case Gone = 'gone';
    /** It stands as it was: nobody translated it. */
    case Open = 'open';

    /** Whether something is to be done about it before it leaves. */
    public function isBehind(): bool
    {
        return $this !== self::Same;
    }

    public function says(): string
    {
        return match ($this) {
            self::Same => 'as its source',
            self::Changed => 'source changed',
            self::Missing => 'not there yet',
            self::Gone => 'source is gone',
            self::Open => 'not translated',
        };
    }
}
