<?php

declare(strict_types=1);

namespace App\Media\Process;

use App\Ground\Work\Urgency;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Programs that decode what came from outside, each in a process of its own: it ends with whoever started it, and takes
 * no more than its limits.
 */
final class Confinement
{
    /** After the signal that says so, a program has as long to end itself. */
    private const GRACE_SECONDS = 2;

    /** How much programs that nobody waits for leave to others (nice). */
    private const BACKGROUND = '12';

    /** The same of those that are done long before what they stand beside, and would only hold that up. */
    private const LIGHT = '5';

    /** @var array<string, string> where programs are, by name */
    private array $found = [];

    public function __construct(private readonly Urgency $urgency = new Urgency)
    {
    }

    /**
     * @param  non-empty-list<string>  $command
     * @param  bool  $isLight  whether it leaves others what it can, unless somebody sits before it
     * @return non-empty-list<string>
     */
    public function command(array $command, ?Limits $limits, bool $isLight = false): array
    {
        // Where it can be had, the kernel ends the program with the worker that started it.
        $guard = $this->find('setpriv');
        $guarded = $guard === '' ? $command : [$guard, '--pdeathsig', 'KILL', ...$command];
        $leaves = match (true) {
            $this->urgency->isBackground() => self::BACKGROUND,
            $isLight && ! $this->urgency->isLooked() => self::LIGHT,
            default => null,
        };
        if ($leaves !== null && $this->find('nice') !== '') {
            $guarded = [$this->find('nice'), '-n', $leaves, ...$guarded];
        }
        $limiter = $this->find('prlimit');
        if ($limits === null || $limiter === '') {
            return $guarded;
        }

        return [
            $limiter,
            "--as={$limits->bytes}",
            sprintf('--cpu=%d:%d', $limits->cpuSeconds, $limits->cpuSeconds + self::GRACE_SECONDS),
            "--fsize={$limits->fileBytes}",
            '--core=0',
            ...$guarded,
        ];
    }

    /**
     * @param  non-empty-list<string>  $command
     * @param  array<string, string>  $environment
     * @param  string|null  $input  what it reads
     */
    public function process(
        array $command,
        Limits $limits,
        ?string $folder = null,
        array $environment = [],
        ?string $input = null,
    ): Process {
        // As many threads on every machine, each of which is given memory: a verdict is the same everywhere.
        $environment += ['MALLOC_ARENA_MAX' => '2', 'RAYON_NUM_THREADS' => '2'];

        return new Process($this->command($command, $limits), $folder, $environment, $input, $limits->wallSeconds);
    }

    private function find(string $program): string
    {
        return $this->found[$program] ??= (new ExecutableFinder)->find($program) ?? '';
    }
}
