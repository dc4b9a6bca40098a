<?php

declare(strict_types=1);

namespace RapidReel\Plan\Source;

use RapidReel\Plan\Settings\Registry;

/**
 * The lines "key: value" that may stand at the head of a script. Only keys known here; anything else is the script's.
 */
final class FrontMatter
{
    private const KEYS = [
        'title' => 'title', 'hook' => 'hook', 'other hook' => 'hooks', 'close' => 'close', 'keywords' => 'keywords',
        'publish_at' => 'publishAt', 'publish at' => 'publishAt', 'tags' => 'tags',
    ];

    /** Before a colon these may as well be labels and notes of a script: alone they make no head. */
    private const LABELS = ['hook', 'close', 'scenes', 'split', 'music', 'motion', 'captions', 'speed', 'pause'];

    /**
     * Reads one script with its head. A key given twice: further hooks are others to try, of the rest the last counts.
     */
    public static function read(string $text): ScriptSource
    {
        [$head, $body] = self::parted(HeadLists::spelledOut(trim($text)));

        return self::source($head, $body);
    }

    /** Whether its first line is a key of ours with a value. */
    public static function beginsLikeOne(string $text): bool
    {
        return preg_match('/^\s*([\p{L}_ -]{3,20}?)\s*:/u', $text, $match) === 1 && self::keyOf($match[1]) !== null;
    }

    /** Whether a text is nothing but a head, as between two lines of hyphens. */
    public static function isHeadAlone(string $text): bool
    {
        [$head, $body] = self::parted(trim($text));

        return $head !== [] && $body === '';
    }

    /**
     * @param  list<array{string, string}>  $cells  key as it is written, and value
     */
    public static function source(array $cells, string $body): ScriptSource
    {
        $values = ['title' => '', 'hook' => '', 'close' => '', 'keywords' => '', 'publishAt' => '', 'tags' => ''];
        $hooks = $settings = [];
        foreach ($cells as [$written, $value]) {
            $key = self::keyOf($written);
            $value = trim($value);
            if ($key === null || $value === '') {
                continue;
            }
            if (Registry::keyNamed($written) === $key) {
                $settings[$key] = $value;
            } elseif ($key === 'hooks' || ($key === 'hook' && $values['hook'] !== '')) {
                $hooks[] = $value;
            } else {
                $values[$key] = $value;
            }
        }
        $text = implode(
            "\n\n",
            array_filter(
                [$values['hook'], trim($body), $values['close']],
                static fn (string $part): bool => $part !== '',
            ),
        );

        return new ScriptSource(
            $text,
            $values['title'],
            $hooks,
            $values['keywords'],
            $settings,
            $values['publishAt'],
            $values['tags'],
        );
    }

    /** What a key or the head of a column stands for, a setting among them; null where it is not one of ours. */
    public static function keyOf(string $written): ?string
    {
        $plain = trim(mb_strtolower((string) preg_replace('/[\s_-]+/u', ' ', $written)));
        $plain = $plain === 'publish at' ? 'publish_at' : $plain;
        if (
            preg_match('/^(?:other |alternative )?hook ?(?:\d+|[b-z])$|^(?:other|alternative) hooks?$/', $plain) === 1
            || $plain === 'hooks'
        ) {
            return 'hooks';
        }

        return self::KEYS[$plain] ?? Registry::keyNamed($plain);
    }

    /** @return array{list<array{string, string}>, string} */
    private static function parted(string $text): array
    {
        $head = [];
        $lines = explode("\n", $text);
        foreach ($lines as $i => $line) {
            // "Hook: …" alone at the top of a script is a label before words that are spoken.
            if (
                preg_match('/^([\p{L}_ -]{3,20}?)\s*:\s*(.*)$/u', trim($line), $match) !== 1 ||
                self::keyOf($match[1]) === null
            ) {
                break;
            }
            $head[] = [$match[1], self::unquoted(trim($match[2]))];
            unset($lines[$i]);
        }
        $keys = array_map(static fn (array $cell): string => trim(mb_strtolower($cell[0])), $head);
        $onlyLabels = array_diff($keys, self::LABELS) === [];

        return $head === [] || $onlyLabels ? [[], $text] : [$head, trim(implode("\n", $lines))];
    }

    /** A value that stands in quotation marks as a whole is what stands between them. */
    private static function unquoted(string $value): string
    {
        return preg_match('/^"([^"]*|".*")"$/us', $value, $match) === 1 ? trim($match[1]) : $value;
    }
}
