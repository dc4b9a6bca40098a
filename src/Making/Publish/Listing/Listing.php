<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Listing;

/** The texts that go with a short: what is read beside it, and what it is found by. */
final readonly class Listing
{
    /** @param  list<string>  $tags */
    public function __construct(
        public string $title,
        public string $description = '',
        public array $tags = [],
        public string $language = 'en',
    ) {
    }

    /** @return array<string, string> as they are typed, by field */
    public function toArray(): array
    {
        return [
            'title' => $this->title,
            'description' => $this->description,
            'tags' => implode(', ', $this->tags),
            'language' => $this->language,
        ];
    }

    /**
     * What is typed instead of what was proposed; a field that is not there stays.
     *
     * @param  array<array-key, mixed>  $own
     */
    public function with(array $own): self
    {
        $text = static fn (string $field, string $else): string => is_string($own[$field] ?? null)
            ? $own[$field]
            : $else;

        return new self(
            $text('title', $this->title),
            $text('description', $this->description),
            is_string($own['tags'] ?? null) ? self::tags($own['tags']) : $this->tags,
            $text('language', $this->language),
        );
    }

    /** @return list<string> each once, whatever its case */
    public static function tags(string $written): array
    {
        $tags = [];
        foreach (preg_split('/[,;\n#]+/u', $written) ?: [] as $tag) {
            $plain = trim((string) preg_replace('/\s+/u', ' ', $tag));
            if ($plain !== '') {
                $tags[mb_strtolower($plain)] ??= $plain;
            }
        }

        return array_values($tags);
    }
}
