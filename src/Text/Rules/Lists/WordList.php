<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/**
 * The words by which one language tells what in a script is not spoken. Each is a list of alternatives of a regular
 * expression, without delimiters, matched whatever its case. Common practice, no published source.
 */
final readonly class WordList
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
     * @param  string  $directions  what makes a bracket a note to the maker
     * @param  string  $verbs  finite verbs that such notes do not have
     * @param  string  $spokenColumns  heads of a table's column that is spoken
     * @param  string  $opening  how a writer opens a reply
     * @param  string  $offer  how a writer offers more work
     * @param  string  $product  what a writer calls what was written
     * @param  string  $tips  heads of lists of advice at the end
     * @param  string  $menu  words of menus
     * @param  string  $sure  whole lines that are nothing but furniture of a page
     * @param  string  $listHead  heads of lists of other pages, and of comments and references
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
        public string $directions,
        public string $verbs,
        public string $spokenColumns,
        public string $opening,
        public string $offer,
        public string $product,
        public string $tips,
        public string $menu,
        public string $sure,
        public string $listHead,
    ) {
    }
}
