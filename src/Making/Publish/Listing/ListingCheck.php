<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Listing;

use RapidReel\Base\Target\TargetTexts;

/** The texts beside a short against what an outlet takes of them. */
final class ListingCheck
{
    /** @return array<string, string> what is wrong, by field; empty where nothing is */
    public static function problems(Listing $listing, TargetTexts $limits): array
    {
        $problems = [];
        $letters = static fn (string $text): int => Measure::letters($text);
        if ($letters($listing->title) > $limits->title) {
            $problems['title'] = sprintf('%d letters of at most %d', $letters($listing->title), $limits->title);
        } elseif (trim($listing->title) === '') {
            $problems['title'] = 'a title is missing';
        }
        if ($letters($listing->description) > $limits->description) {
            $problems['description'] = sprintf(
                '%d letters of at most %d', $letters($listing->description), $limits->description,
            );
        }
        $long = array_values(array_filter(
            $listing->tags, static fn (string $tag): bool => $letters($tag) > $limits->tag,
        ));
        if (count($listing->tags) > $limits->tags) {
            $problems['tags'] = sprintf('%d tags of at most %d', count($listing->tags), $limits->tags);
        } elseif ($long !== []) {
            $problems['tags'] = sprintf('“%s” is longer than %d letters', $long[0], $limits->tag);
        }
        if (preg_match('/^[A-Za-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/D', $listing->language) !== 1) {
            $problems['language'] = 'a language is written as en, de or pt-BR';
        }

        return $problems;
    }

    /** @return array<string, array{int, int}> how long each field is, and may be */
    public static function counts(Listing $listing, TargetTexts $limits): array
    {
        return [
            'title' => [Measure::letters($listing->title), $limits->title],
            'description' => [Measure::letters($listing->description), $limits->description],
            'tags' => [count($listing->tags), $limits->tags],
        ];
    }
}
