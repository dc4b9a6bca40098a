<?php

declare(strict_types=1);

namespace App\Media\Process;

use Closure;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Starts ffmpeg and ffprobe: argument arrays only, local files only, known container formats only, our fonts only.
 */
final class MediaTools
{
    /**
     * Containers that hold pictures or sound themselves; playlists and other formats that fetch further files are not
     * here.
     */
    private const FORMATS = 'mov,mp4,m4a,3gp,3g2,mj2,matroska,webm,avi,mpegts,png_pipe,jpeg_pipe,webp_pipe,image2,wav,'
        .'mp3,ogg,flac,aac';

    /**
     * For the memory allocator of the GNU C library: frames are large, and giving the memory of each back to the
     * system, to ask for it again at the next, takes a twentieth of the time; large pages save as much again. Other
     * libraries take no notice.
     */
    private const KEEPS_ITS_MEMORY = [
        'MALLOC_TRIM_THRESHOLD_' => '1073741824',
        'MALLOC_MMAP_THRESHOLD_' => '1073741824',
        'GLIBC_TUNABLES' => 'glibc.malloc.hugetlb=1',
    ];

    public function __construct(
        private readonly string $ffmpeg,
        private readonly string $ffprobe,
        private readonly string $fontConfig,
        private readonly Confinement $confinement,
    ) {
    }

    /** @return list<string> how an input file is named, with what may be opened for it */
    public function input(string $path): array
    {
        return ['-protocol_whitelist', 'file', '-format_whitelist', self::FORMATS, '-i', $path];
    }

    /** @param  list<string>  $arguments */
    public function ffmpeg(array $arguments, ?string $folder = null): Process
    {
        return $this->process($this->ffmpegCommand($arguments), $folder);
    }

    /**
     * One that takes little, and leaves others what it can.
     *
     * @param  list<string>  $arguments
     */
    public function light(array $arguments, ?string $folder = null): Process
    {
        return $this->process($this->ffmpegCommand($arguments), $folder, isLight: true);
    }

    /**
     * What ffprobe says, which may be that it cannot.
     *
     * @param  list<string>  $arguments
     * @param  string  $name  what the operator calls the file
     *
     * @throws ToolFailed when it was stopped again and again
     * @throws TooMuch
     * @throws TooSlow
     */
    public function probe(array $arguments, string $name = 'The file'): Process
    {
        $limits = Limits::ofAGlance();

        return $this->confined(
            $this->process([$this->ffprobe, '-hide_banner', ...$arguments], null, $limits), $name, $limits,
        );
    }

    /**
     * Has ffmpeg open what came from outside, within limits: whoever calls looks how it ended.
     *
     * @param  list<string>  $arguments
     * @param  string  $name  what the operator calls the file
     * @param  Closure(string, string): void|null  $listen  told what it prints as it comes
     * @param  array<string, string>  $environment
     *
     * @throws ToolFailed when it was stopped again and again, or found no room
     * @throws TooMuch
     * @throws TooSlow
     */
    public function open(
        array $arguments,
        string $name,
        Limits $limits,
        ?string $folder = null,
        ?Closure $listen = null,
        array $environment = [],
    ): Process {
        $process = $this->process($this->ffmpegCommand($arguments), $folder, $limits);
        $process->setEnv([...$process->getEnv(), ...$environment]);

        return $this->confined($process, $name, $limits, $listen);
    }

    /**
     * @param  Closure(string, string): void|null  $listen
     *
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function confined(Process $process, string $name, Limits $limits, ?Closure $listen = null): Process
    {
        try {
            return self::toItsEnd($process, 'Looking into the file', $listen, true);
        } catch (ToolFailed $problem) {
            throw match ($problem->failure) {
                Failure::OverLimits => TooMuch::computing($name, $limits->cpuSeconds),
                Failure::TooSlow => TooSlow::with($name),
                default => $problem,
            };
        }
    }

    /**
     * @param  list<string>  $arguments
     * @param  string  $doing  what this does, as the begin of a sentence
     *
     * @throws ToolFailed
     */
    public function run(array $arguments, string $doing, ?string $folder = null): Process
    {
        $process = $this->attempt($arguments, $doing, $folder);
        if (! $process->isSuccessful()) {
            $process = self::toItsEnd(self::again($process, 1, $doing), $doing);
        }

        return $process->isSuccessful() ? $process : throw ToolFailed::from($process, $doing);
    }

    /**
     * Has ffmpeg try something that it may find it cannot do: whoever calls looks how it ended.
     *
     * @param  list<string>  $arguments
     * @param  Closure(string, string): void|null  $listen  told what it prints as it comes
     *
     * @throws ToolFailed when it was stopped again and again, or found no room
     */
    public function attempt(
        array $arguments,
        string $doing,
        ?string $folder = null,
        ?Closure $listen = null,
    ): Process {
        return self::toItsEnd($this->ffmpeg($arguments, $folder), $doing, $listen);
    }

    /**
     * Runs a program to its own end, which being killed is not. One that was started before, beside others, is waited
     * for.
     *
     * @param  string  $doing  what it does, as the begin of a sentence
     * @param  Closure(string, string): void|null  $listen
     * @param  bool  $isLimited  whether it runs under limits of ours
     *
     * @throws ToolFailed
     */
    public static function toItsEnd(
        Process $process,
        string $doing,
        ?Closure $listen = null,
        bool $isLimited = false,
    ): Process {
        for ($failures = 1; ; $failures++) {
            try {
                $process->isStarted() && $failures === 1 ? $process->wait($listen) : $process->run($listen);
            } catch (ProcessSignaledException) {
                // Seen below.
            } catch (ProcessTimedOutException) {
                throw ToolFailed::because($process, $doing, Failure::TooSlow);
            }
            if ($process->isSuccessful() || Failure::of($process, $isLimited) === Failure::Refused) {
                return $process;
            }
            $process = self::again($process, $failures, $doing, $isLimited);
        }
    }

    /**
     * The same program once more, not started yet, after one that failed: a killed one is tried some times, one that
     * says itself that it cannot, once.
     *
     * @param  int  $failures  how often it has failed now
     *
     * @throws ToolFailed when that is enough
     */
    public static function again(Process $failed, int $failures, string $doing, bool $isLimited = false): Process
    {
        $failure = Failure::of($failed, $isLimited);
        if ($failures > $failure->patience()) {
            throw ToolFailed::because($failed, $doing, $failure);
        }
        if ($failure === Failure::Killed) {
            // A machine short of memory has more a moment later.
            usleep(min(2_000_000, 50_000 * 2 ** $failures));
        }

        return clone $failed;
    }

    /**
     * @param  list<string>  $arguments
     * @return non-empty-list<string>
     */
    private function ffmpegCommand(array $arguments): array
    {
        return [$this->ffmpeg, '-hide_banner', '-nostdin', '-y', ...$arguments];
    }

    /** @param  non-empty-list<string>  $command */
    private function process(
        array $command,
        ?string $folder,
        ?Limits $limits = null,
        bool $isLight = false,
    ): Process {
        $process = new Process($this->confinement->command($command, $limits, $isLight), $folder, [
            'FONTCONFIG_FILE' => $this->fontConfig,
            'LC_ALL' => 'C.UTF-8',
            ...self::KEEPS_ITS_MEMORY,
        ]);
        $process->setTimeout($limits?->wallSeconds);

        return $process;
    }
}
