<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish;

use DateTimeImmutable;
use DateTimeZone;

/** When a short is to be published, read from what an operator writes into a table. */
final class PublishTime
{
    private const FORMATS = [
        '!Y-m-d H:i', '!Y-m-d H:i:s', '!Y-m-d\TH:i', '!Y-m-d\TH:i:s', '!Y-m-d\TH:i:sP', '!Y-m-d\TH:i:sp', '!Y-m-d',
        '!j.n.Y H:i', '!j.n.Y', '!j M Y H:i', '!j M Y', '!j F Y H:i', '!j F Y',
    ];

    /**
     * ISO 8601, or day before month where a point or a word makes that plain; "03/04/2026" could be either and is
     * neither.
     *
     * @return DateTimeImmutable|null in UTC where no zone is given; null where it is no date of the calendar
     */
    public static function read(string $written): ?DateTimeImmutable
    {
        $plain = trim((string) preg_replace('/\s+/u', ' ', $written));
        foreach (self::FORMATS as $format) {
            $moment = DateTimeImmutable::createFromFormat($format, $plain, new DateTimeZone('UTC'));
            $errors = DateTimeImmutable::getLastErrors();
            if ($moment !== false && ($errors === false || $errors['warning_count'] + $errors['error_count'] === 0)) {
                return $moment->setTimezone(new DateTimeZone('UTC'));
            }
        }

        return null;
    }
}
