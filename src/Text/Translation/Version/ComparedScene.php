<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

/** A scene of a short beside that of its version. */
final readonly class ComparedScene
{
    /**
     * @param  int|null  $of  id of the one; null where it is not there any more
     * @param  int|null  $scene  id of the other; null where it is not there yet
     * @param  list<VersionRow>  $rows
     */
    public function __construct(
        public ?int $of,
        public ?int $scene,
        public array $rows,
    ) {
    }

    public function isBehind(): bool
    {
        foreach ($this->rows as $row) {
            if ($row->state->isBehind()) {
                return true;
            }
        }

        return false;
    }
}
