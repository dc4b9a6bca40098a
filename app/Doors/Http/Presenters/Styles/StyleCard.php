<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Styles;

/** A caption style with a sample of it. */
final readonly class StyleCard
{
    /**
     * @param  string  $script  the sample as ASS; its words are all seen after a second
     * @param  list<string>  $faces  addresses of the faces that draw it
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $isOwn,
        public bool $isUsed,
        public string $script,
        public array $faces,
    ) {
    }
}
