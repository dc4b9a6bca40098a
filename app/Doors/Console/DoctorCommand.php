<?php

declare(strict_types=1);

namespace App\Doors\Console;

use Illuminate\Console\Command;

final class DoctorCommand extends Command
{
    use Answers;

    protected $signature = 'reel:doctor';

    protected $description = 'Tells what this machine has and lacks, as JSON';

    public function handle(Doctor $doctor): int
    {
        $findings = $doctor->examine();
        $missing = array_filter($findings, static fn (array $finding): bool => ! $finding['ok']);
        $this->printJson(['ok' => $missing === [], 'checks' => $findings]);
        foreach ($missing as $finding) {
            $this->tell("{$finding['check']}: {$finding['found']}");
        }

        return $missing === [] ? self::SUCCESS : self::FAILURE;
    }
}
