<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use Illuminate\Contracts\Cache\Repository;
use Symfony\Component\Finder\Finder;

/** Finds out what makes on this machine. */
final class ToolprintReader
{
    /** What segments and sound are made with: scaled, graded, drawn over, encoded. */
    private const TRIED = [
        '-loglevel', 'error', '-f', 'lavfi', '-i', 'testsrc2=s=320x180:r=30:d=0.4', '-f', 'lavfi', '-i',
        'sine=f=311:r=48000:d=0.4', '-filter_complex',
        '[0:v]scale=270:480:flags=bicubic,eq=saturation=1.2:brightness=-0.03,ass=tried.ass:fontsdir=faces,'
            .'format=yuv420p[v];[1:a]alimiter=limit=0.8,volume=-3dB[a]',
        '-map', '[v]', '-map', '[a]', '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '20', '-threads', '1',
        '-c:a', 'aac', '-aac_coder', 'fast', '-map_metadata', '-1', '-fflags', '+bitexact', 'tried.mp4',
    ];

    private const LETTERS = "[Script Info]\nScriptType: v4.00+\nPlayResX: 270\nPlayResY: 480\n\n[Events]\n"
        ."Format: Layer, Start, End, Style, Text\n"
        .'Dialogue: 0,0:00:00.00,0:00:01.00,Default,{\fnNoto Sans\fs60\bord3\blur2}Lamp lit';

    private const LAST = 'tools that make';

    private ?Toolprint $known = null;

    /** @param  list<string>  $code  folders of the code that makes */
    public function __construct(
        private readonly MediaTools $tools,
        private readonly MediaStore $store,
        private readonly string $fonts,
        private readonly array $code,
        private readonly Repository $cache,
    ) {
    }

    /**
     * What makes at this moment, tried once for each process.
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function read(): Toolprint
    {
        if ($this->known === null) {
            $this->known = $this->found();
            $this->cache->forever(self::LAST, [$this->known->code, $this->known->print, $this->known->told]);
        }

        return $this->known;
    }

    /**
     * What the last process found that tried: pages have no time to.
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function last(): Toolprint
    {
        $last = $this->cache->get(self::LAST);

        return is_array($last) && array_is_list($last) && count(array_filter($last, is_string(...))) === 3
            ? new Toolprint(...$last) : $this->read();
    }

    /**
     * @throws ToolFailed
     * @throws StrangePlace
     */
    private function found(): Toolprint
    {
        $said = $this->tools->run(['-version'], 'Asking for the version')->getOutput();
        $folder = $this->store->workFolder();
        try {
            $this->store->write("$folder/tried.ass", self::LETTERS);
            mkdir("$folder/faces");
            symlink("{$this->fonts}/NotoSans_900Black.ttf", "$folder/faces/0.ttf");
            $this->tools->run(self::TRIED, 'Trying the tools', $folder);
            $made = (string) hash_file('sha256', "$folder/tried.mp4");
        } finally {
            $this->store->discard($folder);
        }
        // Which instructions a processor has decides how some filters round.
        preg_match('/^(?:flags|Features)\s*:(.*)$/m', (string) @file_get_contents('/proc/cpuinfo'), $flags);
        preg_match_all('/\b(?:ssse3|sse4_\w+|avx\w*|fma|bmi\d|asimd\w*|sve\w*)\b/', $flags[1] ?? '', $able);
        sort($able[0]);

        return new Toolprint(
            $this->code(),
            substr(hash('sha256', "$said\n$made\n".php_uname('m')."\n".implode(' ', $able[0])), 0, 16),
            trim(preg_replace('/ Copyright.*/', '', strtok($said, "\n") ?: 'ffmpeg') ?? '').', '.php_uname('m'),
        );
    }

    /** Of all files that can change what comes out. */
    private function code(): string
    {
        $hashes = [];
        foreach (Finder::create()->files()->name(['*.php', '*.ttf'])->in($this->code)->sortByName() as $file) {
            $hashes[] = $file->getRelativePathname().' '.hash_file('xxh128', $file->getPathname());
        }

        return substr(hash('sha256', implode("\n", $hashes)), 0, 16);
    }
}
