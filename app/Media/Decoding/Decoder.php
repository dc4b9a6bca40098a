<?php

declare(strict_types=1);

namespace App\Media\Decoding;

use App\Media\Process\Confinement;
use App\Media\Process\Limits;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use RapidReel\Base\Refusal;
use RuntimeException;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Looks into pictures, drawings and faces that came from outside: never in the process that asks, which may be a web
 * worker, and whose memory a crash would take with it.
 */
final readonly class Decoder
{
    /** SIGXCPU and SIGXFSZ: it took more than its limits. (A web server's PHP knows no names of signals.) */
    private const OVER_ITS_LIMITS = [24, 25];

    /** Of a program that says itself that there was no memory for it. */
    private const NO_MEMORY = '/Allowed memory size|Out of memory|annot allocate memory|memory allocation of/';

    /** @param  string  $svg  the program that makes pictures of drawings */
    public function __construct(
        private Confinement $confinement,
        private string $program,
        private string $svg,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @param  string  ...$paths  of files: what is read, and what is written
     * @return array<string, mixed>|null what was found; null where the file is damaged
     *
     * @throws Refusal with what is wrong with the file, in the operator's words
     * @throws TooMuch
     * @throws TooSlow
     */
    public function ask(Task $task, string $name, string ...$paths): ?array
    {
        $limits = Limits::ofAPicture();
        $process = $this->run($this->confinement->process([
            (new PhpExecutableFinder)->find(false) ?: 'php',
            '-d', 'opcache.enable_cli=0', '-d', 'memory_limit=1G', '-d', 'display_errors=stderr',
            $this->program, $task->value, ...array_values($paths),
        ], $limits), $name, $limits);
        $said = json_decode($process->getOutput(), true);
        if ($process->getExitCode() === Task::REFUSED && is_array($said) && is_string($said['refused'] ?? null)) {
            throw new Refusal($said['refused']);
        }
        /** @var array<string, mixed>|null $said */
        $said = is_array($said) && $process->isSuccessful() ? $said : null;

        return $said;
    }

    /**
     * Draws an SVG as PNG.
     *
     * @param  int  $longest  pixels of its longer side
     * @return string|null the picture; null where it is not a complete SVG
     *
     * @throws TooMuch
     * @throws TooSlow
     */
    public function draw(string $drawing, string $name, int $longest): ?string
    {
        $limits = Limits::ofAPicture();
        $side = (string) $longest;
        $process = $this->run($this->confinement->process(
            [$this->svg, '--format', 'png', '--width', $side, '--height', $side, '--keep-aspect-ratio'],
            $limits,
            input: $drawing,
        ), $name, $limits);

        return $process->isSuccessful() ? $process->getOutput() : null;
    }

    /**
     * @throws TooMuch
     * @throws TooSlow
     */
    private function run(Process $process, string $name, Limits $limits): Process
    {
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw TooSlow::with($name);
        } catch (ProcessSignaledException) {
            // Seen below.
        }
        $signal = $process->hasBeenSignaled() ? $process->getTermSignal() : 0;
        if (in_array($signal, self::OVER_ITS_LIMITS, true)
            || preg_match(self::NO_MEMORY, $process->getErrorOutput()) === 1) {
            throw TooMuch::computing($name, $limits->cpuSeconds);
        }
        // SIGKILL and SIGTERM
        if (in_array($signal, [9, 15], true)) {
            // By the kernel, short of memory, or by somebody.
            throw TooSlow::with($name);
        }
        if ($process->getExitCode() === 127) {
            throw new RuntimeException(
                'A program that opens files is not on this machine: '.$process->getErrorOutput(),
            );
        }

        return $process;
    }
}
