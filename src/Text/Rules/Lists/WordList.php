<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/**
 * The words by which one language tells what in a script is not spoken. Each is a list of alternatives of a regular
 * expression, without delimiters, matched whatever its case. Common practice, no published source.
 */
final readonly class WordList
{
    public function __construct(
        public LabelWords $labels,
        public NoteWords $notes,
        public ReplyWords $replies,
        public PageWords $pages,
    ) {
    }
}
