<?php

declare(strict_types=1);

namespace RapidReel\Base;

/** How files that are handed out are called: words of one's own, and fields that are filled in. */
final readonly class NamePattern
{
    public const USUAL = '{number}-{slug}';

    /** What can be filled in */
    public const FIELDS = ['number', 'slug', 'target', 'batch', 'channel', 'date', 'quality'];

    public const MOST = 120;

    /** Bytes of a name without its extension: file systems take 255 with it. */
    private const LONGEST = 150;

    /** @throws Refusal where files would be called alike, or a field is none */
    public function __construct(public string $pattern = self::USUAL)
    {
        if (mb_strlen($pattern) > self::MOST) {
            throw new Refusal(sprintf('A pattern of names has at most %d letters.', self::MOST));
        }
        preg_match_all('/\{([^{}]*)\}/', $pattern, $found);
        foreach ($found[1] as $field) {
            if (! in_array($field, self::FIELDS, true)) {
                throw new Refusal(sprintf(
                    'Nothing is filled in for {%s}. There are: {%s}.', mb_strimwidth($field, 0, 30, '…'),
                    implode('}, {', self::FIELDS),
                ));
            }
        }
        if (array_intersect(['number', 'slug'], $found[1]) === []) {
            throw new Refusal('Files would all be called alike: put {number} or {slug} into the pattern.');
        }
        if (strpbrk((string) preg_replace('/\{[^{}]*\}/', '', $pattern), '{}') !== false) {
            throw new Refusal('A field is written in braces, such as {number}; one of them is open.');
        }
    }

    /**
     * The name for another target than the first, which stands in it wherever that is.
     *
     * @param  array<string, string|int>  $fields  by name; the target is one of them
     */
    public function otherName(array $fields): string
    {
        return str_contains($this->pattern, '{target}')
            ? $this->name($fields)
            : FileName::forTarget($this->name($fields), (string) $fields['target']);
    }

    /**
     * @param  array<string, string|int>  $fields  by name; what is missing is empty
     * @return string in small letters, digits, hyphens, dots and underlines
     */
    public function name(array $fields): string
    {
        $named = (string) preg_replace_callback('/\{([a-z]+)\}/', static function (array $found) use ($fields): string {
            $value = $fields[$found[1]] ?? '';

            return is_int($value) ? sprintf('%02d', $value) : FileName::plain($value, '');
        }, $this->pattern);
        $plain = FileName::plain($named, 'short', self::LONGEST, '._');

        // Never hidden, and with no field that was empty hanging at its ends.
        return trim((string) preg_replace('/([-._])[-._]+/', '$1', $plain), '-._') ?: 'short';
    }
}
