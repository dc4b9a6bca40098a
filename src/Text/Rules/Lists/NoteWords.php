<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** What tells a note to the maker from what is said. */
final readonly class NoteWords
{
    /**
     * @param  string  $directions  what makes a bracket a note to the maker
     * @param  string  $verbs  finite verbs that such notes do not have
     * @param  string  $spokenColumns  heads of a table's column that is spoken
     */
    public function __construct(
        public string $directions,
        public string $verbs,
        public string $spokenColumns,
    ) {
    }
}
