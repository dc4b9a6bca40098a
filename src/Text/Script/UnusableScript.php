<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Base\Refusal;

/** A script that no short can be made of; the message is in the operator's words. */
final class UnusableScript extends Refusal
{
    public static function isEmpty(): self
    {
        return new self('This script is empty.');
    }

    public static function isEmptyFile(string $name): self
    {
        return new self(sprintf('“%s” is empty.', $name));
    }

    public static function hasNothingSpoken(): self
    {
        return new self('Nothing in this script is spoken: it holds only headings, notes or symbols.');
    }

    public static function isTooLong(int $words, int $most): self
    {
        return new self(
            sprintf(
                'This script has %s words; a short takes at most %s. Split it into several scripts with a line of --- '
                    .'between them.',
                number_format($words),
                number_format($most),
            ),
        );
    }

    public static function hasAScenelessLength(int $characters, int $most): self
    {
        return new self(sprintf(
            'One sentence of this script has %s characters; a scene takes at most %s. Put full stops into it.',
            number_format($characters),
            number_format($most),
        ));
    }

    public static function isTooShortToCondense(): self
    {
        return new self('There is too little to condense: bring a source of at least three sentences.');
    }

    public static function isNotText(string $name): self
    {
        return new self(
            sprintf(
                '“%s” is not a text file. Scripts come as .txt, .md, .csv, .srt or .vtt files, or as a .zip of them.',
                $name,
            ),
        );
    }

    public static function isTooLargeUnpacked(string $name, int $most): self
    {
        return new self(sprintf('“%s” holds more text than fits in one batch (%d MB).', $name, $most));
    }

    public static function holdsNoScripts(string $name): self
    {
        return new self(sprintf('“%s” holds no script: no .txt, .md, .csv, .srt or .vtt file.', $name));
    }

    public static function hasTooManyScenes(int $scenes, int $most): self
    {
        return new self(sprintf(
            'This script falls into %d scenes; a short takes at most %d. Part it by a line of ---, or choose longer '
                .'scenes.',
            $scenes,
            $most,
        ));
    }

    public static function hasTooManyRows(string $name, int $rows, int $most): self
    {
        return new self(
            sprintf(
                '“%s” has %s scripts; a batch takes at most %s. Split the file and bring in one part after the other. '
                    .'Nothing was taken from it.',
                $name,
                number_format($rows),
                number_format($most),
            ),
        );
    }

    public static function csvWithoutScripts(string $name): self
    {
        return new self(
            sprintf(
                '“%s” has no column named “script”. Name the column that holds the scripts “script” in its first line.',
                $name,
            ),
        );
    }
}
