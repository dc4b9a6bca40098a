<?php

declare(strict_types=1);

namespace App\Ground\Database;

use RuntimeException;
use Throwable;

/** Others write, and it takes too long to wait for all of them. Nothing was changed; it can be asked for again. */
final class Busy extends RuntimeException
{
    public const SENTENCE = 'Many things are being changed at this moment, and this one was not. '
        .'Try again in a moment.';

    private const TOLD = ['database is locked', 'database table is locked'];

    public function __construct()
    {
        parent::__construct(self::SENTENCE);
    }

    /** Whether something went wrong for that reason, by whomever it was told. */
    public static function isNamed(Throwable $problem): bool
    {
        for ($one = $problem; $one !== null; $one = $one->getPrevious()) {
            if ($one instanceof self) {
                return true;
            }
            foreach (self::TOLD as $told) {
                if (str_contains($one->getMessage(), $told)) {
                    return true;
                }
            }
        }

        return false;
    }
}
