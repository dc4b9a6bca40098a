<?php

declare(strict_types=1);

namespace App\Media;

use Closure;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\ExecutableFinder;
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

    private const PROBE_SECONDS = 30.0;

    /** Bytes that a program which only looks into a file may take. */
    private const PROBE_BYTES = 4 * 1024 ** 3;

    private ?string $guard = null;

    private ?string $limit = null;

    public function __construct(
        private readonly string $ffmpeg,
        private readonly string $ffprobe,
        private readonly string $fontConfig,
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
        return $this->process([$this->ffmpeg, '-hide_banner', '-nostdin', '-y', ...$arguments], $folder);
    }

    /**
     * What ffprobe says, which may be that it cannot.
     *
     * @param  list<string>  $arguments
     *
     * @throws ToolFailed when it was stopped again and again
     */
    public function probe(array $arguments): Process
    {
        $process = $this->ffprobe($arguments);
        // What does not tell what it is within that is made to keep whoever asks.
        $process->setTimeout(self::PROBE_SECONDS);

        return self::toItsEnd($process, 'Looking into the file');
    }

    /** @param  list<string>  $arguments */
    public function ffprobe(array $arguments): Process
    {
        $this->limit ??= (new ExecutableFinder)->find('prlimit') ?? '';

        return $this->process([
            ...$this->limit === '' ? [] : [$this->limit, '--as='.self::PROBE_BYTES],
            $this->ffprobe, '-hide_banner', ...$arguments,
        ], null);
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
     * @param  float|null  $seconds  after which it is given up
     *
     * @throws ToolFailed when it was stopped again and again, found no room, or took too long
     */
    public function attempt(
        array $arguments,
        string $doing,
        ?string $folder = null,
        ?Closure $listen = null,
        ?float $seconds = null,
    ): Process {
        $process = $this->ffmpeg($arguments, $folder);
        $process->setTimeout($seconds);

        return self::toItsEnd($process, $doing, $listen);
    }

    /**
     * Runs a program to its own end, which being killed is not.
     *
     * @param  string  $doing  what it does, as the begin of a sentence
     * @param  Closure(string, string): void|null  $listen
     *
     * @throws ToolFailed
     */
    public static function toItsEnd(Process $process, string $doing, ?Closure $listen = null): Process
    {
        for ($failures = 1; ; $failures++) {
            try {
                $process->run($listen);
            } catch (ProcessSignaledException) {
                // Seen below.
            } catch (ProcessTimedOutException) {
                throw ToolFailed::tookTooLong($doing);
            }
            if ($process->isSuccessful() || Failure::of($process) === Failure::Refused) {
                return $process;
            }
            $process = self::again($process, $failures, $doing);
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
    public static function again(Process $failed, int $failures, string $doing): Process
    {
        $failure = Failure::of($failed);
        if ($failures > $failure->patience()) {
            throw ToolFailed::from($failed, $doing);
        }
        if ($failure === Failure::Killed) {
            // A machine short of memory has more a moment later.
            usleep(min(2_000_000, 50_000 * 2 ** $failures));
        }

        return clone $failed;
    }

    /** @param  list<string>  $command */
    private function process(array $command, ?string $folder): Process
    {
        // Where it can be had, the kernel ends the program with the worker that started it.
        $this->guard ??= (new ExecutableFinder)->find('setpriv') ?? '';
        $guarded = $this->guard === '' ? $command : [$this->guard, '--pdeathsig', 'KILL', ...$command];
        $process = new Process($guarded, $folder, [
            'FONTCONFIG_FILE' => $this->fontConfig,
            'LC_ALL' => 'C.UTF-8',
            ...self::KEEPS_ITS_MEMORY,
        ]);
        $process->setTimeout(null);

        return $process;
    }
}
