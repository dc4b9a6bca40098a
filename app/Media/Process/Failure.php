<?php

declare(strict_types=1);

namespace App\Media\Process;

use Symfony\Component\Process\Process;

/** Why an outside program did not do its work. */
enum Failure
{
    /** SIGILL, SIGABRT, SIGBUS, SIGFPE, SIGSEGV */
    private const ITS_OWN = [4, 6, 7, 8, 11];

    /** SIGXCPU, SIGXFSZ */
    private const LIMITS = [24, 25];

    /** Somebody or something ended it: the kernel short of memory, a machine that shuts down. */
    case Killed;
    /** It found no room to write. */
    case NoRoom;
    /** It took more than it may: the same again on any machine. */
    case OverLimits;
    /** It was given up by the clock: on a machine with less to do it may come to its end. */
    case TooSlow;
    /** It says itself that it cannot. */
    case Refused;

    /** @param  bool  $isLimited  whether it ran under limits of ours, which it says it met as if there were no more */
    public static function of(Process $process, bool $isLimited = false): self
    {
        $said = substr($process->getErrorOutput(), -4_000);

        return match (true) {
            str_contains($said, 'No space left on device') => self::NoRoom,
            $isLimited && ($process->hasBeenSignaled() && in_array($process->getTermSignal(), self::LIMITS, true)
                || str_contains($said, 'Cannot allocate memory') || str_contains($said, 'received signal 24')
            ) => self::OverLimits,
            // A program that breaks off by itself does so again.
            $process->hasBeenSignaled() && ! in_array($process->getTermSignal(), self::ITS_OWN, true),
            // By a shell or a guard between.
            in_array($process->getExitCode(), [130, 137, 143], true),
            str_contains($said, 'Cannot allocate memory'),
            // A program that ends its file before it goes.
            preg_match('/received signal (?:2|15)\b/', $said) === 1 => self::Killed,
            default => self::Refused,
        };
    }

    /** How often a program is started again before it is given up. */
    public function patience(): int
    {
        return match ($this) {
            self::Killed => 6,
            self::NoRoom, self::OverLimits, self::TooSlow => 0,
            // The same twice is no accident.
            self::Refused => 1,
        };
    }
}
