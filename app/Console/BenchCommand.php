<?php

declare(strict_types=1);

namespace App\Console;

use App\Bench\ExportBench;
use App\Shorts\ProblemForOperator;
use Illuminate\Console\Command;

final class BenchCommand extends Command
{
    use ReadsScripts;

    protected $signature = 'reel:bench {--pairs=3 : how often the full export and the bare encode are measured in turn}';

    protected $description = 'Measures exports against a bare encode of the same frames';

    public function handle(ExportBench $bench): int
    {
        return $this->guarded(function () use ($bench): int {
            $pairs = max(1, (int) $this->option('pairs'));
            $rows = $bench->run($pairs, $this->tell(...));
            $this->table(['what', 'measured', 'bound', ''], array_map(static fn (array $row): array => [$row['what'], $row['measured'], $row['bound'], $row['met'] ? 'met' : 'NOT MET'], $rows));
            if (array_filter($rows, static fn (array $row): bool => ! $row['met']) !== []) {
                throw new ProblemForOperator('Not every bound is met.');
            }

            return self::SUCCESS;
        });
    }
}
