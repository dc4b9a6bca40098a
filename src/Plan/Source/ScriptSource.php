<?php

declare(strict_types=1);

namespace RapidReel\Plan\Source;

/** One script as it came, before clean-up, with what came along with it. */
final readonly class ScriptSource
{
    /**
     * @param  string  $text  what is to be cleaned; the hook and the close that came apart are in it already
     * @param  list<string>  $hooks  other first words to try
     * @param  array<string, string>  $settings  by their keys, whatever was written
     * @param  string  $publishAt  whatever was written
     */
    public function __construct(
        public string $text,
        public string $title = '',
        public array $hooks = [],
        public string $keywords = '',
        public array $settings = [],
        public string $publishAt = '',
        public string $tags = '',
    ) {
    }

    public function saying(string $text): self
    {
        return new self(
            $text,
            $this->title,
            $this->hooks,
            $this->keywords,
            $this->settings,
            $this->publishAt,
            $this->tags,
        );
    }

    /** As it is written into a text that holds several scripts, and read again from it. */
    public function asText(): string
    {
        $head = '';
        foreach ([
            'title' => [$this->title],
            'other hook' => $this->hooks,
            'keywords' => [$this->keywords],
            ...array_map(static fn (string $value): array => [$value], $this->settings),
            'publish_at' => [$this->publishAt],
            'tags' => [$this->tags],
        ] as $key => $values) {
            foreach ($values as $value) {
                $value = trim((string) preg_replace('/\s+/u', ' ', $value));
                // Quotation marks around all of it would be taken for ours.
                $value = preg_match('/^".*"$/us', $value) === 1 ? "\"$value\"" : $value;
                $head .= $value === '' ? '' : "$key: $value\n";
            }
        }
        // A line of hyphens would part it in two; what looks like a head would be one, were it
        // not for a backslash before it.
        $text = (string) preg_replace('/^[ \t]*-{3,}[ \t]*$/mu', '***', $this->text);
        $isLikeAHead = FrontMatter::beginsLikeOne($text) &&
            (FrontMatter::read($text)->text !== trim($text) || ScriptParts::isFacts(trim($text)));
        $text = $isLikeAHead ? '\\'.ltrim($text) : $text;

        return $head === '' ? $text : $head."\n".$text;
    }
}
