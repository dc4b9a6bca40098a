<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

use RapidReel\Base\Refusal;

/** A script that is to be said another way: its facts and their order stay. */
final readonly class Rewording
{
    public const MOST_SENTENCES = 200;

    public string $audience;

    /**
     * @param  non-empty-list<string>  $sentences  the first is the hook; at most 200
     * @param  int  $seed  another one gives other words; the same one the same
     * @param  list<string>  $hooks  other hooks that go along
     * @param  array<int, list<string>>  $notes  what is to be seen, by the number of the sentence
     *
     * @throws Refusal in the operator's words
     */
    public function __construct(
        public string $title,
        public array $sentences,
        public Tone $tone,
        string $audience,
        public int $seed,
        public array $hooks = [],
        public array $notes = [],
    ) {
        $this->audience = SketchOrder::audienceOf($audience);
        if (count($sentences) > self::MOST_SENTENCES) {
            throw new Refusal(sprintf('A script of more than %d sentences is too long for'
                .' this.', self::MOST_SENTENCES));
        }
    }
}
