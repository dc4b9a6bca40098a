<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

/** A sentence of a short beside that of its version. */
final readonly class VersionRow
{
    /**
     * @param  string  $id  its place among the sentences of the short, as translators are given it; empty where it is
     *   not there any more
     * @param  string  $source  as it is now; empty where it is gone
     * @param  string  $before  as it was when it was translated; empty where it was not
     * @param  string  $target  what the version says; empty where it says nothing of it yet
     */
    public function __construct(
        public string $id,
        public RowState $state,
        public string $source,
        public string $before,
        public string $target,
        public string $told = '',
    ) {
    }

    /** What it would be kept as. */
    public function pair(): Pair
    {
        return new Pair($this->before, $this->target, $this->told, $this->state === RowState::Open);
    }
}
