<?php

declare(strict_types=1);

namespace App\Console;

use App\Gateways\Voices\VoiceBook;
use App\Intake\ScriptFiles;
use App\Scripts\LengthDesk;
use App\Scripts\PlannedScript;
use App\Scripts\ScriptChoices;
use App\Shorts\ProblemForOperator;
use Illuminate\Console\Command;
use InvalidArgumentException;
use RapidReel\Intake\ScriptSource;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\SplitRule;
use RapidReel\Script\UnusableScript;
use Throwable;

/**
 * What commands over scripts share: JSON goes to standard output, everything else to standard error.
 *
 * @mixin Command
 */
trait ReadsScripts
{
    /** @return list<ScriptSource> */
    private function scripts(ScriptFiles $files): array
    {
        return $files->fromPath((string) $this->argument('scripts'));
    }

    private function choices(VoiceBook $voices): ScriptChoices
    {
        try {
            $split = SplitRule::parse((string) $this->option('split'));
        } catch (InvalidArgumentException $problem) {
            throw new ProblemForOperator($problem->getMessage());
        }

        return new ScriptChoices($voices->get((string) $this->option('voice')), $this->profile(), $split);
    }

    /** Shortened to its target where that was asked for. */
    private function fitted(PlannedScript $planned): PlannedScript
    {
        return $this->option('fit')
            ? $planned->saying(app(LengthDesk::class)->planFor($planned->drafts(), $planned->profile->longestMs())->scenes)
            : $planned;
    }

    /** @param  list<string>  $warnings */
    private function warnOf(int $script, array $warnings): void
    {
        foreach ($warnings as $warning) {
            $this->tell("Script $script: $warning");
        }
    }

    private function profile(): TargetProfile
    {
        $id = (string) $this->option('profile');

        return TargetProfile::tryFrom($id) ?? throw new ProblemForOperator(
            "There is no profile “{$id}”. There are: ".implode(', ', array_column(TargetProfile::cases(), 'value')).'.',
        );
    }

    private function tell(string $message): void
    {
        fwrite(STDERR, $message."\n");
    }

    /** @param  array<string, mixed>  $data */
    private function printJson(array $data): void
    {
        $this->output->writeln(json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION), \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);
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
        } catch (ProblemForOperator|UnusableScript $problem) {
            $this->tell($problem->getMessage());
        } catch (Throwable $problem) {
            $this->tell('It went wrong: '.$problem->getMessage());
        }

        return Command::FAILURE;
    }
}
