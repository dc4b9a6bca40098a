<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

/** A part of a sentence that could be a picture: who or what, what they do, and where. */
final readonly class Clause
{
    private const PRONOUNS = '/^(?:he|she|it|they|we|i|you|this|that|these|those|who|which|one|some|others?)$/iu';

    /**
     * @param  string  $who  empty where the words before must tell
     * @param  string  $does  as a picture shows it: "climbing two hundred steps"
     * @param  string  $where  "on the quay"; empty where it is not told
     * @param  list<string>  $words  all that is said in it
     */
    public function __construct(
        public string $who,
        public string $does,
        public string $where,
        public array $words,
    ) {
    }

    public function isPronoun(): bool
    {
        return preg_match(self::PRONOUNS, $this->who)
            === 1;
    }
}
