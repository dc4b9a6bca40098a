<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Probing\LoudnessMeter;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use Generator;
use RapidReel\Making\Mix\LimitedGain;
use RapidReel\Making\Mix\Loudness;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Plan\Cut\CutEdge;
use Symfony\Component\Process\Process;

/** Brings the sum of a mix to the loudness that the outlet wants, with what stands before and after it, as AAC. */
final readonly class MixEncoder
{
    private const ROUNDS = 4;

    /** In dB below the peak that is allowed: what sampling hides of peaks, and what the encoder adds to them. */
    private const HEADROOM_DB = 1.2;

    public function __construct(
        private MediaTools $tools,
        private LoudnessMeter $meter,
        private Originals $originals,
        private ClipLoudness $clips,
    ) {
    }

    /**
     * Makes mix.m4a of sum.wav. The limiter takes a little of the loudness away, and the encoder adds to the peaks:
     * what was not foreseen of both is put right in the next round.
     *
     * @param  Loudness  $sum  with the peak of its samples
     * @param  string  $folder  both stand in
     * @return Generator<int, Process, Process, array{float, Loudness}> the gain in dB, and what was measured of it
     *
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     */
    public function steps(MixPlan $plan, Loudness $sum, string $folder): Generator
    {
        $target = $plan->target;
        [$gain, $limit] = [$sum->gainTo($target->loudness), $target->truePeak - self::HEADROOM_DB];
        $tried = LimitedGain::tried($sum, $gain, $limit);
        if ($tried !== []) {
            $heard = (yield $this->trial($tried, $limit, $folder))->getErrorOutput();
            $gain = LimitedGain::of($target->loudness, array_map(
                static fn (float $one, int $i): array => [
                    $one, LoudnessMeter::read(LoudnessMeter::of("try$i", $heard))->integrated,
                ],
                $tried,
                array_keys($tried),
            ));
        }
        for ($round = 1; ; $round++) {
            yield $this->encoded($plan, $gain, $limit, $folder);
            $measured = LoudnessMeter::read((yield $this->meter->measuring("$folder/mix.m4a"))->getErrorOutput());
            if ($round === self::ROUNDS || $measured->meets($target->loudness, $target->truePeak)) {
                return [$gain, $measured];
            }
            $gain += $measured->gainTo($target->loudness);
            $limit -= max(0.0, $measured->peak - $target->truePeak + 0.3);
        }
    }

    /**
     * Has meters listen to the sum at several gains at once, limited.
     *
     * @param  non-empty-list<float>  $gains  in dB
     * @param  float  $limit  in dBFS
     */
    private function trial(array $gains, float $limit, string $folder): Process
    {
        $graph = ['[0:a]asplit='.count($gains).implode('', array_map(
            static fn (int $i): string => "[sum$i]",
            array_keys($gains),
        ))];
        $outputs = [];
        foreach ($gains as $i => $gain) {
            $graph[] = "[sum$i]".self::limited($gain, $limit).",ebur128@try$i=framelog=verbose[try$i]";
            $outputs = [...$outputs, '-map', "[try$i]", '-f', 'null', '-'];
        }

        return $this->tools->light(
            ['-nostats', '-i', 'sum.wav', '-filter_complex', implode(';', $graph), ...$outputs], $folder,
        );
    }

    private static function limited(float $gain, float $limit): string
    {
        return sprintf(
            'volume=%.2fdB,alimiter=limit=%.4f:attack=4:release=60:level=disabled', $gain, 10 ** ($limit / 20),
        );
    }

    /**
     * What stands before or after a short sounds as loud as that; what has no sound is silent.
     *
     * @param  float  $gain  that all of it gets afterwards, in dB
     *
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     */
    private function edge(MixGraph $graph, MixPlan $plan, ?CutEdge $edge, float $gain, string $as): string
    {
        if ($edge === null) {
            return '';
        }
        $loudness = $edge->kind === FootageKind::Clip
            ? $this->clips->loudness([$edge->fingerprint])[$edge->fingerprint] ?? null
            : null;

        return $graph->alone(
            $loudness === null ? null : $this->originals->file($edge->fingerprint), $edge->ms / 1000,
            $plan->target->loudness - ($loudness ?? 0.0) - $gain, $as,
        );
    }

    /**
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     */
    private function encoded(MixPlan $plan, float $gain, float $limit, string $folder): Process
    {
        $graph = new MixGraph($this->tools, $this->originals);
        $parts = array_filter([
            $this->edge($graph, $plan, $plan->introOutro->opening, $gain, '[before]'),
            $graph->file('sum.wav', '[short]'),
            $this->edge($graph, $plan, $plan->introOutro->ending, $gain, '[after]'),
        ]);
        $graph->add(sprintf(
            '%s%s,%s,atrim=end=%.5f[o]',
            implode('', $parts),
            count($parts) === 1 ? 'anull' : 'concat=n='.count($parts).':v=0:a=1',
            self::limited($gain, $limit),
            $plan->wholeSeconds(),
        ));

        return $this->tools->light(
            [
                '-nostats', ...$graph->arguments(), '-map', '[o]',
                '-c:a', 'aac', '-aac_coder', 'fast', '-b:a', '160k', '-ar',
                (string) MixGraph::RATE,
                '-ac', '2', '-map_metadata', '-1', 'mix.m4a',
            ],
            $folder,
        );
    }
}
