<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

/** Who and what comes again in a channel's shorts, and how each looks: told in the same words every time. */
final readonly class Figures
{
    /** @param  array<string, string>  $looks  by name */
    public function __construct(public array $looks = [])
    {
    }

    /** @param  string  $text  a line each: name = how it looks */
    public static function read(string $text): self
    {
        $looks = [];
        foreach (explode("\n", $text) as $line) {
            [$name, $look] = array_pad(array_map(trim(...), explode('=', $line, 2)), 2, '');
            if ($name !== '' && $look !== '') {
                $looks[$name] = rtrim($look, '.,; ');
            }
        }
        // A longer name is looked for first: "the keeper's daughter" before "the keeper".
        uksort($looks, static fn (string $one, string $other): int => mb_strlen($other) <=> mb_strlen($one));

        return new self($looks);
    }

    /** The same text with the looks of all figures in it, each once. */
    public function shownIn(string $text): string
    {
        /** @var array<string, array{string, string}> $kept */
        $kept = [];
        foreach ($this->looks as $name => $look) {
            $bare = (string) preg_replace('/^(?:the|an?)\s+/iu', '', $name);
            $pattern = '/(?<![\p{L}\p{N}])(?:the\s+|an?\s+)?'.self::written($bare).'(?![\p{L}\p{N}\'’])/iu';
            /** @param  array<string>  $found */
            $tell = static function (array $found) use ($look, &$kept): string {
                $said = is_string($found[0] ?? null) ? $found[0] : '';
                $mark = "\x01".count($kept)."\x02";
                // Only the first time; after that the name is enough.
                $kept[$mark] = in_array($look, array_column($kept, 1), true)
                    ? [$said, '']
                    : ["$said ($look)", $look];

                return $mark;
            };
            $text = (string) preg_replace_callback($pattern, $tell, $text);
        }

        return strtr($text, array_map(static fn (array $one): string => $one[0], $kept));
    }

    /**
     * A name as an expression. Between two of its names there may be others: "Captain Harlow" is Captain Siobhan
     * Harlow.
     */
    private static function written(string $name): string
    {
        $words = preg_split('/\s+/u', $name) ?: [$name];
        $written = preg_quote($words[0], '/');
        foreach (array_slice($words, 1) as $i => $word) {
            $areNames = preg_match('/^\p{Lu}/u', $words[$i]) === 1 && preg_match('/^\p{Lu}/u', $word) === 1;
            $written .= ($areNames ? '(?-i:(?:\s+\p{Lu}[\p{L}.\'’-]*){0,2})' : '').'\s+'.preg_quote($word, '/');
        }

        return $written;
    }
}
