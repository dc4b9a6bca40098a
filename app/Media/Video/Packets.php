<?php

declare(strict_types=1);

namespace App\Media\Video;

/** What a file holds, packet by packet, as ffmpeg's framehash tells it. */
final readonly class Packets
{
    /** The output that tells it (murmur3, 128 bits). */
    public const LISTED = ['-f', 'framehash', '-hash', 'murmur3', '-'];

    /** Pictures are joined with their parameters before them, and stored with the length of each part. */
    public const AS_JOINED = ['-bsf:v', 'h264_mp4toannexb'];

    public const VIDEO = 'video';

    public const SOUND = 'audio';

    /**
     * @param  array<string, list<string>>  $hashes  of all packets, by kind of stream
     * @param  array<string, float>  $seconds  until when they last, by kind of stream
     */
    private function __construct(
        private array $hashes,
        private array $seconds,
    ) {
    }

    /** @param  string  $listed  what an output of LISTED told */
    public static function read(string $listed): self
    {
        preg_match_all('~^#tb (\d+): (\d+)/(\d+)$~m', $listed, $bases, PREG_SET_ORDER);
        preg_match_all('~^#media_type (\d+): (\w+)$~m', $listed, $kinds);
        $of = array_combine($kinds[1], $kinds[2]);
        $units = [];
        foreach ($bases as [, $stream, $over, $under]) {
            $units[$stream] = (int) $over / max(1, (int) $under);
        }
        $hashes = [];
        $seconds = [];
        // Stream, DTS, PTS, duration, size, hash.
        preg_match_all('~^(\d+), *-?\d+, *(-?\d+), *(\d+), *(\d+), *(\w+)~m', $listed, $packets, PREG_SET_ORDER);
        foreach ($packets as [, $stream, $from, $duration, $size, $hash]) {
            $kind = $of[$stream] ?? '';
            $hashes[$kind][] = "$size $hash";
            $until = ((int) $from + (int) $duration) * ($units[$stream] ?? 0.0);
            $seconds[$kind] = max($seconds[$kind] ?? 0.0, $until);
        }
        // Which stream has the first packet tells nothing.
        ksort($hashes);

        return new self($hashes, $seconds);
    }

    public function count(string $kind): int
    {
        return count($this->hashes[$kind] ?? []);
    }

    public function seconds(string $kind): float
    {
        return $this->seconds[$kind] ?? 0.0;
    }

    /** Whether all packets are the same, in the same order in each stream. */
    public function holdsTheSameAs(self $other): bool
    {
        return $this->hashes === $other->hashes;
    }
}
