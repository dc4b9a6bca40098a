<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** How files that are handed out are called: words of one's own, and fields that are filled in. */
final readonly class NamePattern
{
    public const USUAL = '{number}-{slug}';

    /** What can be filled in */
    public const FIELDS = ['number', 'slug', 'target', 'batch', 'channel', 'date', 'quality', 'language'];

    public const MOST = 120;

    /** Bytes of a name without its extension: file systems take 255 with it. */
    private const LONGEST = 150;

    /** @throws Refusal where files would be called alike, or a field is none */
    public function __construct(public string $pattern = self::USUAL)
    {
        $used = (new FieldPattern($pattern, self::FIELDS, self::MOST, 'names'))->used();
        if (array_intersect(['number', 'slug'], $used) === []) {
            throw new Refusal('Files would all be called alike: put {number} or {slug} into the pattern.');
        }
    }

    /**
     * The name for another target than the first, which stands in it wherever that is.
     *
     * @param  array<string, string|int>  $fields  by name; the target is one of them
     *
     * @throws Refusal
     */
    public function otherName(array $fields): string
    {
        return str_contains($this->pattern, '{target}')
            ? $this->name($fields)
            : FileName::forTarget($this->name($fields), (string) $fields['target']);
    }

    /**
     * A version in another language has that in its name, whether the pattern says so or not.
     *
     * @param  array<string, string|int>  $fields  by name; what is missing is empty
     * @return string in small letters, digits, hyphens, dots and underlines
     *
     * @throws Refusal
     */
    public function name(array $fields): string
    {
        $pattern = match (true) {
            ($fields['language'] ?? '') === '' || str_contains($this->pattern, '{language}') => $this->pattern,
            str_contains($this->pattern, '{number}') => str_replace(
                '{number}', '{number}-{language}', $this->pattern,
            ),
            default => "$this->pattern-{language}",
        };
        $named = (new FieldPattern($pattern, self::FIELDS, 2 * self::MOST, 'names'))->filled(array_map(
            static fn (string|int $value): string => is_int($value) ? sprintf('%02d', $value)
                : FileName::plain($value, ''),
            $fields,
        ));
        $plain = FileName::plain($named, 'short', self::LONGEST, '._');

        // Never hidden, and with no field that was empty hanging at its ends.
        return trim((string) preg_replace('/([-._])[-._]+/', '$1', $plain), '-._') ?: 'short';
    }
}
