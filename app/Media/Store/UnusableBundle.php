<?php

declare(strict_types=1);

namespace App\Media\Store;

use RapidReel\Base\Refusal;

/** A ZIP that cannot be used, with the reason in the operator's words. */
final class UnusableBundle extends Refusal
{
    private const SHOWN = 80;

    public static function isNone(string $name): self
    {
        return new self("“{$name}” is not a ZIP that can be opened: it is damaged or cut off. Zip it again.");
    }

    public static function isLocked(string $name): self
    {
        return new self("“{$name}” is locked with a password. Zip it again without one.");
    }

    public static function holdsTooMany(string $name, int $count, int $most): self
    {
        return new self(sprintf(
            '“%s” holds %s files; at most %s are opened. Upload it in parts.',
            $name, number_format($count), number_format($most),
        ));
    }

    public static function leadsOut(string $name, string $entry): self
    {
        return new self(sprintf(
            '“%s” holds a file whose name leads out of it (“%s”). Nothing of it was taken; zip it again.',
            $name, self::shown($entry),
        ));
    }

    public static function isNested(string $name, string $entry): self
    {
        return new self(sprintf(
            '“%s” holds another ZIP, “%s”, which is not opened. Unpack that, and upload what was in it.',
            $name, self::shown($entry),
        ));
    }

    public static function namesTwice(string $name, string $entry): self
    {
        return new self(sprintf('“%s” names “%s” more than once.', $name, self::shown($entry)));
    }

    public static function isDamaged(string $name, string $entry): self
    {
        return new self(sprintf('“%s” in “%s” is damaged. Zip it again.', self::shown($entry), $name));
    }

    private static function shown(string $entry): string
    {
        return mb_strimwidth(mb_scrub($entry), 0, self::SHOWN, '…');
    }
}
