<?php

declare(strict_types=1);

namespace RapidReel\Text\Arrival;

use RapidReel\Base\Language\Terms;
use RapidReel\Base\Language\TopicTiler;
use RapidReel\Text\Rules\Furniture;
use RapidReel\Text\Rules\Headings;
use RapidReel\Text\Rules\RunKind;
use RapidReel\Text\Rules\ScriptRun;
use RapidReel\Text\Script\Script;

/**
 * Notices that a copied page holds more than one article: topic boundaries (TopicTiler), of which only those count that
 * have a title or a byline above them, or part long passages with hardly a word in common.
 */
final class Articles
{
    /** A shorter passage is a paragraph and no article. */
    private const FEWEST_WORDS = 45;

    /**
     * Passages under a title of their own that are more alike than this (cosine of their words) are parts of one
     * article.
     */
    private const SAME_TOPIC = 0.22;

    /** The same for passages without one, which must be longer too: words of a genre recur. */
    private const SAME_TOPIC_UNTITLED = 0.05;

    private const FEWEST_WORDS_UNTITLED = 120;

    /** @return list<Article> empty where there is but one */
    public static function in(Script $script): array
    {
        $paragraphs = [];
        $lineOf = [];
        foreach ($script->lines as $line => $runs) {
            $text = self::spoken($runs);
            if ($text !== '') {
                $paragraphs[] = $text;
                $lineOf[] = $line;
            }
        }
        $titled = array_filter(
            array_keys($paragraphs),
            static fn (int $i): bool => $i > 0 && self::isTitled($script, $lineOf[$i]),
        );
        if (
            self::words(implode(' ', $paragraphs)) <
            2 * ($titled === [] ? self::FEWEST_WORDS_UNTITLED : self::FEWEST_WORDS)
        ) {
            return [];
        }
        $turns = (new TopicTiler)->boundaries($paragraphs);
        $starts = array_values(array_unique([0, ...$turns, ...$titled]));
        sort($starts);
        $starts = self::merged($starts, $paragraphs, $script, $lineOf);
        if (count($starts) < 2) {
            return [];
        }
        $articles = [];
        foreach ($starts as $i => $start) {
            $first = $i === 0 ? 0 : self::withItsHeading($script, $lineOf[$start]);
            $end = $starts[$i + 1] ?? null;
            $last = $end === null ? count($script->lines) - 1 : self::withItsHeading($script, $lineOf[$end]) - 1;
            $text = implode(' ', array_slice($paragraphs, $start, ($end ?? count($paragraphs)) - $start));
            $articles[] = new Article(self::titleOf($script, $first, $last, $text), $first, $last, self::words($text));
        }

        return $articles;
    }

    /** The script with some of its articles alone, as source text; one that is taken apart stands by itself. */
    public static function text(Script $script, Article $article): string
    {
        $lines = array_slice($script->lines, $article->firstLine, $article->lastLine - $article->firstLine + 1);

        return trim(
            implode(
                "\n",
                array_map(
                    static fn (array $runs): string => implode(
                        '',
                        array_map(static fn (ScriptRun $run): string => $run->text, $runs),
                    ),
                    $lines,
                ),
            ),
        );
    }

    /**
     * Boundaries between passages that are long enough and differ; the weakest is given up first.
     *
     * @param  non-empty-list<int>  $starts
     * @param  list<string>  $paragraphs
     * @param  list<int>  $lineOf  at which line each stands
     * @return non-empty-list<int>
     */
    private static function merged(array $starts, array $paragraphs, Script $script, array $lineOf): array
    {
        while (count($starts) > 1) {
            $passages = [];
            foreach ($starts as $i => $start) {
                $passages[] = implode(
                    ' ',
                    array_slice($paragraphs, $start, ($starts[$i + 1] ?? count($paragraphs)) - $start),
                );
            }
            $weakest = 0;
            $likeness = -1.0;
            for ($i = 1; $i < count($starts); $i++) {
                $titled = self::isTitled($script, $lineOf[$starts[$i]]);
                $words = min(self::words($passages[$i - 1]), self::words($passages[$i]));
                $same =
                    TopicTiler::cosine(
                        array_count_values(Terms::of($passages[$i - 1])),
                        array_count_values(Terms::of($passages[$i])),
                    ) /
                        ($titled ? self::SAME_TOPIC : self::SAME_TOPIC_UNTITLED) +
                    ($words < ($titled ? self::FEWEST_WORDS : self::FEWEST_WORDS_UNTITLED) ? ($titled ? 100 : 200) : 0);
                if ($same > $likeness) {
                    [$weakest, $likeness] = [$i, $same];
                }
            }
            if ($likeness < 1) {
                break;
            }
            array_splice($starts, $weakest, 1);
        }

        return $starts === [] ? [0] : $starts;
    }

    /** Whether a title like the first one, or a byline, stands right above a line. */
    private static function isTitled(Script $script, int $line): bool
    {
        $first = array_merge(...$script->lines)[0] ?? null;
        for ($i = $line - 1; $i > 0 && self::spoken($script->lines[$i] ?? []) === ''; $i--) {
            $run = $script->lines[$i][0] ?? null;
            $sameLevel =
                $run !== null &&
                $run->kind === RunKind::Heading &&
                $first?->kind === RunKind::Heading &&
                Headings::level($run->text) === Headings::level($first->text);
            if (
                $run !== null &&
                (($run->kind === RunKind::Furniture && Furniture::isByline($run->text)) ||
                    ($sameLevel && Headings::says($run->text) !== ''))
            ) {
                return true;
            }
        }

        return false;
    }

    /** The first of the headings, bylines and empty lines right above a line. */
    private static function withItsHeading(Script $script, int $line): int
    {
        $first = $line;
        for ($i = $line - 1; $i > 0; $i--) {
            $runs = $script->lines[$i] ?? [];
            if (self::spoken($runs) !== '') {
                break;
            }
            if ($runs !== [] && in_array($runs[0]->kind, [RunKind::Heading, RunKind::Furniture], true)) {
                $first = $runs[0]->kind === RunKind::Heading ? $i : $first;
            }
        }

        return $first;
    }

    private static function titleOf(Script $script, int $first, int $last, string $text): string
    {
        for ($line = $first; $line <= $last; $line++) {
            $run = $script->lines[$line][0] ?? null;
            if ($run !== null && $run->kind === RunKind::Heading && Headings::says($run->text) !== '') {
                return Headings::says($run->text);
            }
            if ($run !== null && $run->kind->isSpoken()) {
                break;
            }
        }

        return mb_strimwidth($text, 0, 60, '…');
    }

    /** @param  list<ScriptRun>  $runs */
    private static function spoken(array $runs): string
    {
        return trim(
            implode(
                ' ',
                array_map(static fn (ScriptRun $run): string => $run->kind->isSpoken() ? $run->text : '', $runs),
            ),
        );
    }

    private static function words(string $text): int
    {
        return (int) preg_match_all('/\S+/u', $text);
    }
}
