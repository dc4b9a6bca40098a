<?php

declare(strict_types=1);

namespace RapidReel\Demo;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Plays pieces: sums of partials, written as raw sound and given a little room by ffmpeg. */
final class Band
{
    private const RATE = 24_000;

    private const SECONDS = 60;

    /** @var array<int, float> */
    private array $sound = [];

    public function __construct(
        private readonly string $work,
        private readonly string $out,
    ) {
    }

    public function play(Piece $piece): void
    {
        $this->sound = array_fill(0, self::RATE * self::SECONDS, 0.0);
        $bar = $piece->step * count($piece->figure);
        for ($at = 0.0, $number = 0; $at < self::SECONDS - 1; $at += $bar, $number++) {
            $chord = $piece->chords[intdiv($number, 2) % count($piece->chords)];
            foreach (array_slice($chord, 1) as $note) {
                $this->tone($at, $bar * 1.25, $note, $piece->padGain, $piece->padSound, $bar * 0.3, $bar);
            }
            $this->tone($at, $bar, $chord[0] - 12, $piece->bassGain, [1, 0.3, 0.1], 0.02, $bar * 0.8);
            foreach ($piece->figure as $i => $step) {
                if ($step !== null) {
                    $note = $chord[$step % count($chord)] + 12 * (1 + intdiv($step, count($chord)));
                    // Strong and weak steps, and every other pair of bars a little softer, so that it breathes.
                    $gain = $piece->figureGain * ($i % 2 === 0 ? 1 : 0.72) * ($number % 4 < 2 ? 1 : 0.8);
                    $this->tone(
                        $at + $i * $piece->step,
                        $piece->ring * 2,
                        $note,
                        $gain,
                        $piece->figureSound,
                        0.006,
                        $piece->ring,
                    );
                }
            }
        }
        $this->write($piece);
    }

    /**
     * Adds a tone: every partial a turning pointer, rising over the attack and falling by half in a third of the decay.
     *
     * @param  list<float>  $partials
     */
    private function tone(
        float $at,
        float $long,
        int $note,
        float $gain,
        array $partials,
        float $attack,
        float $decay,
    ): void {
        $first = (int) ($at * self::RATE);
        $last = min(count($this->sound), $first + (int) ($long * self::RATE));
        $fall = exp(-log(2) * 3 / ($decay * self::RATE));
        $rise = max(1, $attack * self::RATE);
        $release = 0.12 * self::RATE;
        foreach ($partials as $i => $strength) {
            $turn = 2 * M_PI * 440 * 2 ** (($note - 69) / 12) * ($i + 1) * (1 + 0.0004 * $i) / self::RATE;
            if ($turn > 2.6) {
                continue;
            }
            $twice = 2 * cos($turn);
            [$now, $before] = [0.0, -sin($turn)];
            $level = $gain * $strength;
            for ($n = $first; $n < $last; $n++) {
                $next = $twice * $now - $before;
                $before = $now;
                $now = $next;
                $played = $n - $first;
                $edge = $played < $rise ? $played / $rise : ($last - $n < $release ? ($last - $n) / $release : 1.0);
                $this->sound[$n] += $level * $edge * $now;
                $level *= $fall;
            }
        }
    }

    private function write(Piece $piece): void
    {
        $raw = '';
        foreach (array_chunk($this->sound, 4096) as $chunk) {
            $raw .= pack('g*', ...$chunk);
        }
        file_put_contents("{$this->work}/{$piece->name}.raw", $raw);
        $end = self::SECONDS - 3;
        $process = new Process(
            [
                'ffmpeg', '-hide_banner', '-nostdin', '-loglevel', 'error', '-y', '-f', 'f32le', '-ar',
                (string) self::RATE,
                '-ac', '1', '-i', "{$piece->name}.raw", '-af',
                'aresample=48000,pan=stereo|c0=c0|c1=c0,aecho=0.9:0.8:43|97|171:0.28|0.2|0.13,adelay=0|11,'
                    ."lowpass=f=7500,volume=0.8,afade=t=out:st=$end:d=3,atrim=end=".self::SECONDS,
                '-c:a', 'flac', '-sample_fmt', 's16', '-map_metadata', '-1', '-fflags', '+bitexact',
                "{$piece->name}.flac",
            ],
            $this->work,
            timeout: 120,
        );
        $process->run();
        if (! $process->isSuccessful()) {
            throw new RuntimeException('The music could not be written: '.$process->getErrorOutput());
        }
        rename("{$this->work}/{$piece->name}.flac", "{$this->out}/{$piece->name}.flac");
        file_put_contents(
            "{$this->out}/{$piece->name}.json",
            json_encode(['mood' => $piece->mood], JSON_THROW_ON_ERROR),
        );
    }
}
