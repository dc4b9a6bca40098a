<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules\Lists;

/** What a writer says around a script that was asked for. */
final readonly class ReplyWords
{
    /**
     * @param  string  $opening  how a writer opens a reply
     * @param  string  $offer  how a writer offers more work
     * @param  string  $product  what a writer calls what was written
     * @param  string  $tips  heads of lists of advice at the end
     */
    public function __construct(
        public string $opening,
        public string $offer,
        public string $product,
        public string $tips,
    ) {
    }
}
