<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** A posted short with what it brought at the age at which shorts are compared. */
final readonly class Seen
{
    /**
     * @param  int  $id  of its post
     * @param  array<string, list<string>>  $traits  what it is in each `Factor`; several where several hold
     * @param  int|null  $variantOf  the short whose script it tries in another way; its own id for that
     */
    public function __construct(
        public int $id,
        public string $title,
        public int $views,
        public array $traits,
        public ?int $variantOf = null,
    ) {
    }
}
