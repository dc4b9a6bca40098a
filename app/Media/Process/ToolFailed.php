<?php

declare(strict_types=1);

namespace App\Media\Process;

use RuntimeException;
use Symfony\Component\Process\Process;

/** An outside program that did not do its work. The message is for the operator; what it said is for the log. */
final class ToolFailed extends RuntimeException
{
    private function __construct(
        string $message,
        public readonly Failure $failure,
        public readonly string $said,
    ) {
        parent::__construct($message);
    }

    /** @param  string  $doing  what it was to do, as the begin of a sentence */
    public static function from(Process $process, string $doing): self
    {
        return self::because($process, $doing, Failure::of($process));
    }

    public static function because(Process $process, string $doing, Failure $failure): self
    {
        return new self(
            match ($failure) {
                Failure::Killed => "$doing was stopped again and again by the machine, which may be short of memory.",
                Failure::NoRoom => "$doing found no room on the disk.",
                Failure::OverLimits => "$doing takes more computing or memory than it may.",
                Failure::TooSlow => "$doing took too long: the machine is too busy. Try again.",
                Failure::Refused => "$doing failed twice in the same way. What the program said is in the log.",
            },
            $failure,
            sprintf(
                'exit %s: %s',
                $process->getExitCode() ?? 'by signal',
                mb_scrub(substr(trim($process->getErrorOutput()), -2_000)),
            ),
        );
    }

    public static function isShort(string $doing, int $made, int $planned): self
    {
        return new self(
            sprintf('%s gave %d frames where %d were planned.', $doing, $made, $planned),
            Failure::Refused,
            '',
        );
    }

    public static function leftNothing(string $doing): self
    {
        return new self("$doing left nothing that can be read.", Failure::Refused, '');
    }

    /** @return array<string, string> goes into the log with it */
    public function context(): array
    {
        return ['said' => $this->said];
    }
}
