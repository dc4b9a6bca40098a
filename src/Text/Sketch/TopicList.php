<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

use RapidReel\Base\PlainText;

/** Topics where scripts were expected: a few words on every line, and no sentence. */
final class TopicList
{
    private const MOST_TOPICS = 20;

    /** A longer line is said, not named. */
    private const MOST_WORDS = 8;

    /** Bullets and numbers before a line. */
    private const MARK = '/^(?:[-*•–]|\d{1,3}[.)])\s+/u';

    /** What a sentence, a heading, a label or a note has, and a topic has not. */
    private const OTHER = '/[.!?…:;。！？؟|#\[\]{}<>*_]|^["“„«(]/u';

    /** @return list<string> empty where it is anything else */
    public static function in(string $text): array
    {
        $topics = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            $topic = trim((string) preg_replace(self::MARK, '', trim($line)));
            if ($topic === '' || preg_match('/^-{3,}$/', trim($line)) === 1) {
                continue;
            }
            if (count(PlainText::words($topic)) > self::MOST_WORDS || preg_match(self::OTHER, $topic) === 1) {
                return [];
            }
            $topics[] = $topic;
        }

        return count($topics) > self::MOST_TOPICS ? [] : $topics;
    }
}
