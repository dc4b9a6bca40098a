<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Listing;

use RapidReel\Base\FieldPattern;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\OutboxSettings;

/** How titles and descriptions of a channel are put together: words of one's own, and fields that are filled in. */
final readonly class ListingPattern
{
    /** @throws Refusal where a field is none */
    public function __construct(public string $pattern)
    {
        new FieldPattern($pattern, OutboxSettings::FIELDS, OutboxSettings::LONGEST_PATTERN, 'texts');
    }

    /**
     * @return string with what stands between " / " on lines of its own, and no empty lines at its ends
     *
     * @throws Refusal
     */
    public function filled(ListingFacts $facts): string
    {
        $scenes = $facts->scenes;
        $last = count($scenes) - 1;
        $values = [
            'hook' => $scenes[0],
            'title' => $facts->title,
            'beats' => implode(' ', $last === 0 ? $scenes : array_slice($scenes, 1, max(1, $last - 1))),
            'close' => $last === 0 ? '' : $scenes[$last],
            'standing' => self::lines($facts->standing),
            'tags' => implode(' ', array_map(
                static fn (string $tag): string => '#'.preg_replace('/[^\p{L}\p{N}_]+/u', '', $tag), $facts->tags,
            )),
            'channel' => $facts->channel,
            'batch' => $facts->batch,
            'number' => (string) $facts->number,
        ];
        $filled = array_map(static fn (string $line): string => trim((new FieldPattern(
            $line, OutboxSettings::FIELDS, OutboxSettings::LONGEST_PATTERN, 'texts',
        ))->filled($values)), explode("\n", self::lines($this->pattern)));

        return trim((string) preg_replace('/\n{3,}/', "\n\n", implode("\n", $filled)));
    }

    /** A setting is one line; a stroke between blanks parts those of a description. */
    public static function lines(string $written): string
    {
        return (string) preg_replace('/\s+\/\s+/u', "\n", $written);
    }
}
