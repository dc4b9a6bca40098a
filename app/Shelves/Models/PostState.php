<?php

declare(strict_types=1);

namespace App\Shelves\Models;

/** Where a short is on its way to an outlet. */
enum PostState: string
{
    /** Texts or a cover were set; nobody said when. */
    case Open = 'open';
    case Planned = 'planned';
    /** A worker has it, or had when it ended. */
    case Sending = 'sending';
    /** It did not work, and is tried again by itself. */
    case Waiting = 'waiting';
    /** All of it is there; the outlet works on it. */
    case Processing = 'processing';
    /** Its hour went by while nothing ran, and somebody is asked. */
    case Late = 'late';
    /** Somebody has to do something before it can leave. */
    case Stopped = 'stopped';
    case Posted = 'posted';

    /** @return list<self> those that leave by themselves when it is time */
    public static function due(): array
    {
        return [self::Planned, self::Sending, self::Waiting, self::Processing];
    }

    /** @return list<self> those that stand on a day to come */
    public static function ahead(): array
    {
        return [self::Planned, self::Waiting, self::Late, self::Stopped];
    }

    public function isAtWork(): bool
    {
        return $this === self::Sending || $this === self::Processing;
    }

    public function label(): string
    {
        return match ($this) {
            self::Open => 'not planned',
            self::Planned => 'planned',
            self::Sending => 'being sent',
            self::Waiting => 'waits',
            self::Processing => 'being processed there',
            self::Late => 'missed its hour',
            self::Stopped => 'stopped',
            self::Posted => 'posted',
        };
    }
}
