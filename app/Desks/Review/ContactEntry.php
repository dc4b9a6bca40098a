<?php

declare(strict_types=1);

namespace App\Desks\Review;

/** A short on a contact sheet. */
final readonly class ContactEntry
{
    /**
     * @param  list<string>  $pictures  hook, middle and close, as JPEG; none where nothing is made of it yet
     * @param  list<string>  $findings  what speaks against it, in a word or two, those that stop it first
     */
    public function __construct(
        public int $number,
        public string $title,
        public string $length,
        public array $pictures,
        public array $findings,
        public bool $isStopped,
    ) {
    }

    /** @return list<string> pictures as addresses that hold them */
    public function sources(): array
    {
        return array_map(
            static fn (string $jpeg): string => 'data:image/jpeg;base64,'.base64_encode($jpeg), $this->pictures,
        );
    }
}
