<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** What belongs to a page and not to the text that was copied from it. */
final readonly class PageWords
{
    /**
     * @param  string  $menu  words of menus
     * @param  string  $sure  whole lines that are nothing but furniture of a page
     * @param  string  $listHead  heads of lists of other pages, and of comments and references
     */
    public function __construct(
        public string $menu,
        public string $sure,
        public string $listHead,
    ) {
    }
}
