<?php

declare(strict_types=1);

namespace App\Media;

use RuntimeException;
use Symfony\Component\Process\Process;

/** An outside program that did not do its work; keeps what it said. */
final class ToolFailed extends RuntimeException
{
    public static function from(Process $process, string $doing): self
    {
        $said = trim($process->getErrorOutput());
        $last = mb_strimwidth((string) preg_replace('/\s+/', ' ', mb_scrub(substr($said, -600))), 0, 400, '…');

        return new self(
            sprintf(
                '%s failed (exit %s)%s',
                $doing,
                $process->getExitCode() ?? 'by signal',
                $last === '' ? '.' : ": $last",
            ),
        );
    }
}
