<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** Words of one's own with fields in braces that are filled in. */
final readonly class FieldPattern
{
    /**
     * @param  list<string>  $fields  that can be filled in
     * @param  string  $what  it is, as a refusal says
     *
     * @throws Refusal where it is too long, or a field is none
     */
    public function __construct(
        public string $pattern,
        public array $fields,
        int $most,
        string $what,
    ) {
        if (mb_strlen($pattern) > $most) {
            throw new Refusal(sprintf('A pattern of %s has at most %d letters.', $what, $most));
        }
        foreach ($this->used() as $field) {
            if (! in_array($field, $fields, true)) {
                throw new Refusal(sprintf(
                    'Nothing is filled in for {%s}. There are: {%s}.', mb_strimwidth($field, 0, 30, '…'),
                    implode('}, {', $fields),
                ));
            }
        }
        if (strpbrk((string) preg_replace('/\{[^{}]*\}/', '', $pattern), '{}') !== false) {
            throw new Refusal('A field is written in braces, such as {number}; one of them is open.');
        }
    }

    /** @return list<string> */
    public function used(): array
    {
        preg_match_all('/\{([^{}]*)\}/', $this->pattern, $found);

        return $found[1];
    }

    /** @param  array<string, string>  $values  by field; what is missing is empty */
    public function filled(array $values): string
    {
        return (string) preg_replace_callback(
            '/\{([a-z]+)\}/', static fn (array $found): string => $values[$found[1]] ?? '', $this->pattern,
        );
    }
}
