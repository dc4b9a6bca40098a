<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** The words before a colon: what a line that begins with one of them is. */
final readonly class LabelWords
{
    /**
     * @param  string  $parts  names of a script's parts; what stands after them is spoken
     * @param  string  $counted  those of them that come with a number
     * @param  string  $voices  who speaks where it is no name
     * @param  string  $pictures  fields that say what is seen
     * @param  string  $sounds  fields that say what is heard beside the voice
     * @param  string  $fields  other fields of production
     * @param  string  $either  a part of the script where a sentence follows, a field where not
     * @param  string  $statements  kinds of statement and ways to address the viewer: before a colon they are spoken
     */
    public function __construct(
        public string $parts,
        public string $counted,
        public string $voices,
        public string $pictures,
        public string $sounds,
        public string $fields,
        public string $either,
        public string $statements,
    ) {
    }
}
