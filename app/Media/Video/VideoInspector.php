<?php

declare(strict_types=1);

namespace App\Media\Video;

use App\Media\Probing\NotAsPlanned;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\Findings;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;

/** Compares a finished video with its plan and with what it was joined of, before anybody is told that it is done. */
final readonly class VideoInspector
{
    /** The sound's last packet may end a little after the picture, and its first begins a little before (AAC). */
    private const SOUND_SLACK = 0.06;

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private SegmentList $list,
        private Findings $findings,
    ) {
    }

    /**
     * All packets are read. Of each segment, once by its content, the pictures are decoded that others are told from;
     * what stands between is as its encoder wrote it, by its seal. Sound was decoded when it was mixed.
     *
     * @param  list<array{string, int}>  $segments  files with their frames
     * @param  float  $seconds  of its sound
     * @param  Packets|null  $joined  what was put in; null where all of it was drawn anew and is to be decoded
     *
     * @throws NotAsPlanned
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function compare(string $file, array $segments, int $fps, float $seconds, ?Packets $joined): void
    {
        $new = $joined === null ? [] : $this->undecoded($segments);
        $folder = $this->store->workFolder();
        try {
            $decoded = match (true) {
                $joined === null => $this->tools->input($file),
                $new === [] => [],
                default => $this->list->input(array_values($new), $fps, $folder),
            };
            $look = $this->tools->attempt([
                '-loglevel', 'fatal', '-xerror', ...$this->tools->input($file),
                ...$decoded === []
                    ? []
                    : ['-err_detect', 'explode', '-skip_frame', 'nokey', '-threads', '1', ...$decoded],
                '-map', '0', '-c', 'copy', ...$joined === null ? [] : Packets::AS_JOINED, ...Packets::LISTED,
                ...$decoded === [] ? [] : ['-map', '1', '-f', 'null', '-'],
            ], 'Looking through the finished video');
        } finally {
            $this->store->discard($folder);
        }
        if (! $look->isSuccessful()) {
            throw NotAsPlanned::because('it cannot be decoded to its end');
        }
        $found = Packets::read($look->getOutput());
        $frames = array_sum(array_column($segments, 1));
        if ($found->count(Packets::VIDEO) !== $frames) {
            throw NotAsPlanned::because("{$found->count(Packets::VIDEO)} of $frames frames");
        }
        if (abs($found->seconds(Packets::SOUND) - $seconds) > self::SOUND_SLACK) {
            throw NotAsPlanned::because(
                sprintf('%.2f s of sound for %.2f s', $found->seconds(Packets::SOUND), $seconds),
            );
        }
        if ($joined !== null && ! $found->holdsTheSameAs($joined)) {
            throw NotAsPlanned::because('it does not hold what was put in');
        }
        foreach (array_keys($new) as $content) {
            $this->findings->keep(Findings::DECODED, (string) $content, ['is' => true]);
        }
    }

    /**
     * @param  list<array{string, int}>  $segments
     * @return array<string, array{string, int}> by content
     *
     * @throws StrangePlace
     */
    private function undecoded(array $segments): array
    {
        $new = [];
        foreach ($segments as [$file, $frames]) {
            $content = KeptFiles::hashOf(KeptFiles::sealOf($file));
            if (! isset($new[$content]) && $this->findings->known(Findings::DECODED, $content) === null) {
                $new[$content] = [$file, $frames];
            }
        }

        return $new;
    }
}
