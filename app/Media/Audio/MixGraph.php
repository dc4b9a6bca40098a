<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Process\MediaTools;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use RapidReel\Making\Mix\ClipSound;
use RapidReel\Making\Mix\LevelLine;
use RapidReel\Making\Mix\MixPlan;

/** The filters that put a mix together: voice, effects and clips to one, the music under them to the other. */
final class MixGraph
{
    public const RATE = 48_000;

    /** Points of a level line in a second, as they are multiplied with. */
    public const LINE_RATE = 1_000;

    /** Rumble out, and loud syllables a little nearer to soft ones. */
    public const VOICE = 'highpass=f=75,acompressor=threshold=0.1:ratio=2.5:attack=6:release=90:knee=4';

    public const STEREO = 'aresample=48000,aformat=sample_fmts=fltp:channel_layouts=stereo';

    /** @var list<string> */
    private array $inputs = [];

    /** @var list<string> */
    private array $parts = [];

    private int $count = 0;

    public function __construct(
        private readonly MediaTools $tools,
        private readonly Originals $originals,
    ) {
    }

    /** The voice at a loudness of its own, on both sides alike: together they are as loud as one was. */
    public function voice(string $file, float $gain): string
    {
        $at = $this->input('-i', $file);
        $this->parts[] = sprintf(
            '[%d:a]%s,volume=%.2fdB,aresample=%d,aformat=sample_fmts=fltp:channel_layouts=mono,'
                .'pan=stereo|c0=0.7071*c0|c1=0.7071*c0[v]',
            $at, self::VOICE, $gain, self::RATE,
        );

        return '[v]';
    }

    /**
     * @return list<string> what is heard of effects
     *
     * @throws StrangePlace
     */
    public function effects(MixPlan $plan): array
    {
        $by = [];
        foreach ($plan->effects as $effect) {
            $by[$effect->fingerprint][] = $effect;
        }
        $heard = [];
        foreach ($by as $fingerprint => $effects) {
            $at = $this->input(...$this->tools->input($this->originals->file((string) $fingerprint)));
            $names = array_map(static fn (int $i): string => "[e{$at}x$i]", array_keys($effects));
            $this->parts[] = sprintf('[%d:a:0]%s,asplit=%d%s', $at, self::STEREO, count($names), implode('', $names));
            foreach ($effects as $i => $effect) {
                $this->parts[] = sprintf(
                    '%svolume=%.2fdB,adelay=%d:all=1[f%dx%d]',
                    $names[$i], $plan->target->loudness - $effect->under - $effect->loudest, $effect->atMs, $at, $i,
                );
                $heard[] = "[f{$at}x$i]";
            }
        }

        return $heard;
    }

    /**
     * What is heard of clips, each under its line.
     *
     * @param  list<ClipSound>  $clips
     * @param  array<string, float>  $loudness  of each clip, in LUFS, by fingerprint
     * @param  array<int, string>  $lines  files of levels, by how far under the voice they are for
     * @return list<string>
     *
     * @throws StrangePlace
     */
    public function clips(MixPlan $plan, array $clips, array $loudness, array $lines): array
    {
        $by = [];
        foreach ($clips as $clip) {
            if (! isset($loudness[$clip->fingerprint])) {
                continue;
            }
            $at = $this->input(
                '-ss', sprintf('%.3f', $clip->inMs / 1000),
                '-t', sprintf('%.3f', $clip->lengthMs * $clip->speed / 1000),
                ...$this->tools->input($this->originals->file($clip->fingerprint)),
            );
            $edge = min(ClipSound::EDGE_MS, intdiv($clip->lengthMs, 2)) / 1000;
            $long = $clip->lengthMs / 1000;
            $this->parts[] = sprintf(
                '[%d:a:0]%s%s,volume=%.2fdB,apad,atrim=end=%.4f,afade=t=in:d=%.3f,afade=t=out:st=%.4f:d=%.3f,'
                    .'adelay=%d:all=1[c%d]',
                $at, self::tempo($clip->speed), self::STEREO,
                $plan->target->loudness - $loudness[$clip->fingerprint],
                $long, $edge, $long - $edge, $edge, $clip->atMs, $at,
            );
            $by[$clip->under][] = "[c$at]";
        }
        $heard = [];
        foreach ($by as $under => $names) {
            $this->mixed($names, "[k$under]");
            $heard[] = $this->levelled("[k$under]", $lines[$under], "[l$under]");
        }

        return $heard;
    }

    /** In steps, as a filter halves a tempo at the most. */
    private static function tempo(float $speed): string
    {
        $filters = '';
        for (; $speed < 0.5; $speed /= 0.5) {
            $filters .= 'atempo=0.5,';
        }

        return $speed === 1.0 ? $filters : $filters.sprintf('atempo=%.5f,', $speed);
    }

    /** A sound at a level that changes: multiplied with it. */
    public function levelled(string $sound, string $line, string $as): string
    {
        $at = $this->input('-f', 'f32le', '-ar', (string) self::LINE_RATE, '-ac', '1', '-i', $line);
        $this->parts[] = sprintf('[%d:a]aresample=%d,pan=stereo|c0=c0|c1=c0,aformat=sample_fmts=fltp[g%d]',
            $at, self::RATE, $at);
        $this->parts[] = "{$sound}[g$at]amultiply$as";

        return $as;
    }

    public function file(string $file, string $as): string
    {
        $at = $this->input('-i', $file);
        $this->parts[] = "[$at:a]".self::STEREO.$as;

        return $as;
    }

    /**
     * The begin of a file, and silence where it ends before; silence alone without one.
     *
     * @param  float  $gain  in dB
     */
    public function alone(?string $file, float $seconds, float $gain, string $as): string
    {
        $edge = min(ClipSound::EDGE_MS / 1000, $seconds / 2);
        $end = sprintf('apad,atrim=end=%.5f', $seconds);
        if ($file === null) {
            $this->parts[] = 'anullsrc=r='.self::RATE.':cl=stereo,aformat=sample_fmts=fltp:channel_layouts=stereo,'
                .sprintf('atrim=end=%.5f', $seconds).$as;

            return $as;
        }
        $at = $this->input(...$this->tools->input($file));
        $this->parts[] = sprintf(
            '[%d:a:0]%s,volume=%.2fdB,%s,afade=t=in:d=%.3f,afade=t=out:st=%.4f:d=%.3f%s',
            $at, self::STEREO, $gain, $end, $edge, $seconds - $edge, $edge, $as,
        );

        return $as;
    }

    /** @param  list<string>  $names */
    public function mixed(array $names, string $as): string
    {
        $this->parts[] = count($names) === 1
            ? "{$names[0]}anull$as"
            : implode('', $names).sprintf('amix=inputs=%d:duration=longest:normalize=0%s', count($names), $as);

        return $as;
    }

    public function add(string $part): void
    {
        $this->parts[] = $part;
    }

    /** @return list<string> */
    public function arguments(): array
    {
        return [...$this->inputs, '-filter_complex', implode(';', $this->parts)];
    }

    /** The levels of a line, as they are read by levelled(). */
    public static function line(LevelLine $line, float $seconds): string
    {
        $bytes = '';
        $gains = $line->gains((int) ceil($seconds * self::LINE_RATE) + 1, self::LINE_RATE);
        foreach (array_chunk($gains, 8_192) as $chunk) {
            $bytes .= pack('g*', ...$chunk);
        }

        return $bytes;
    }

    /** @return int its number */
    private function input(string ...$arguments): int
    {
        array_push($this->inputs, ...array_values($arguments));

        return $this->count++;
    }
}
