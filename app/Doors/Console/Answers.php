<?php

declare(strict_types=1);

namespace App\Doors\Console;

use Illuminate\Console\Command;
use RapidReel\Base\Refusal;
use Throwable;

/**
 * How commands answer: JSON goes to standard output, everything else to standard error.
 *
 * @mixin Command
 */
trait Answers
{
    /** What was written as an argument or option; nothing where it was left out. */
    private static function written(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    private function tell(string $message): void
    {
        fwrite(STDERR, $message."\n");
    }

    /** @param  array<string, mixed>  $data */
    private function printJson(array $data): void
    {
        $this->output->writeln(
            json_encode(
                $data,
                JSON_THROW_ON_ERROR |
                    JSON_UNESCAPED_UNICODE |
                    JSON_UNESCAPED_SLASHES |
                    JSON_PRETTY_PRINT |
                    JSON_PRESERVE_ZERO_FRACTION,
            ),
            \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
        );
    }

    /**
     * Runs a command's work and tells what the operator can put right in one line.
     *
     * @param  callable(): int  $work
     */
    private function guarded(callable $work): int
    {
        try {
            return $work();
        } catch (Refusal $problem) {
            $this->tell($problem->getMessage());
        } catch (Throwable $problem) {
            report($problem);
            $this->tell('It went wrong: '.$problem->getMessage());
        }

        return Command::FAILURE;
    }
}
