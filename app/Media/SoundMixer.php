<?php

declare(strict_types=1);

namespace App\Media;

use Generator;
use RapidReel\Align\Resampler;
use RapidReel\Sound\Loudness;
use RapidReel\Sound\MixPlan;
use RapidReel\Voice\Pcm;
use Symfony\Component\Process\Process;

/**
 * Mixes a short's sound once, for its whole length: the takes at their places, the music well under them, and the sum
 * brought to the loudness that the outlet wants.
 */
final readonly class SoundMixer
{
    private const RATE = 48_000;

    /** Rumble out, and loud syllables a little nearer to soft ones. */
    private const VOICE = 'highpass=f=75,acompressor=threshold=0.1:ratio=2.5:attack=6:release=90:knee=4';

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private TakeFiles $takes,
        private LoudnessMeter $meter,
        private KeptFiles $kept,
    ) {
    }

    /** Where the finished sound of a plan stands, AAC in an MP4 container. */
    public function file(MixPlan $plan): string
    {
        return $this->store->keyed('mixes', $plan->key(), 'm4a');
    }

    /** Whether it was mixed before and is still as it was. */
    public function isThere(MixPlan $plan): bool
    {
        return $this->kept->isRight($this->file($plan));
    }

    /** @param  string|null  $music  file of the plan's piece */
    public function work(MixPlan $plan, ?string $music): EncoderWork
    {
        return new EncoderWork(
            $plan->key(),
            'Mixing the sound',
            fn (): bool => $this->isThere($plan),
            fn (): Generator => $this->steps($plan, $music),
        );
    }

    /**
     * @return Generator<int, Process, Process, mixed>
     *
     * @throws ToolFailed
     */
    private function steps(MixPlan $plan, ?string $music): Generator
    {
        $folder = $this->store->workFolder();
        try {
            $this->store->write("$folder/voice.wav", WavFile::encode($this->voiceTrack($plan)));
            $voice = LoudnessMeter::read((yield $this->measured($folder))->getErrorOutput());
            $mixed = LoudnessMeter::read((yield $this->summed($plan, $voice, $music, $folder))->getErrorOutput());

            // The limiter takes a little of the loudness away, and the encoder adds to the peaks: both are put right in
            // the next round, if one is needed.
            [$gain, $limit] = [$mixed->gainTo($plan->loudness), $plan->truePeak - 1.2];
            for ($round = 0; $round < 4; $round++) {
                yield $this->encoded($plan, $gain, $limit, $folder);
                $measured = LoudnessMeter::read((yield $this->meter->measuring("$folder/mix.m4a"))->getErrorOutput());
                if ($measured->meets($plan->loudness, $plan->truePeak)) {
                    break;
                }
                $gain += $measured->gainTo($plan->loudness);
                $limit -= max(0.0, $measured->truePeak - $plan->truePeak + 0.3);
            }
            $this->kept->put("$folder/mix.m4a", $this->file($plan));
        } finally {
            $this->store->discard($folder);
        }
    }

    /** The takes end to end with silence between them, sample for sample at their places. */
    private function voiceTrack(MixPlan $plan): Pcm
    {
        $sounds = array_map(fn (array $one): Pcm => $this->takes->sound($one['take']), $plan->voice);
        // A recording keeps its own rate; what is coarser is brought to it.
        $rate = max([1, ...array_map(static fn (Pcm $sound): int => $sound->rate, $sounds)]);
        $bytes = '';
        foreach ($plan->voice as $i => ['start_ms' => $startMs]) {
            $sound = Resampler::to($sounds[$i], $rate);
            $bytes =
                str_pad(substr($bytes, 0, 2 * $sound->sampleAt($startMs)), 2 * $sound->sampleAt($startMs), "\0").
                $sound->bytes;
        }

        return new Pcm(str_pad($bytes, 2 * (int) ceil($plan->seconds() * $rate), "\0"), $rate);
    }

    private function measured(string $folder): Process
    {
        return $this->tools->ffmpeg(
            ['-nostats', '-i', 'voice.wav', '-af', self::VOICE.',ebur128=framelog=verbose', '-f', 'null', '-'],
            $folder,
        );
    }

    private function summed(MixPlan $plan, Loudness $voice, ?string $music, string $folder): Process
    {
        $seconds = $plan->seconds();
        $graph = sprintf(
            '[0:a]%s,volume=%.2fdB,aresample=%d,aformat=channel_layouts=mono,pan=stereo|c0=c0|c1=c0[v]',
            self::VOICE,
            $voice->gainTo($plan->loudness),
            self::RATE,
        );
        $inputs = ['-i', 'voice.wav'];
        if ($music !== null && $plan->music !== null) {
            $inputs = [...$inputs, '-stream_loop', '-1', ...$this->tools->input($music)];
            $fade = MixPlan::FADE_OUT_MS / 1000;
            $gain = $plan->loudness - $plan->music->under - $plan->music->loudness;
            $graph .= sprintf(
                ';[1:a]aresample=%d,aformat=channel_layouts=stereo,atrim=end=%.4f,volume=%.2fdB,afade=t=in:d=0.4,'
                    .'afade=t=out:st=%.4f:d=%.3f[m];[v][m]amix=inputs=2:duration=first:normalize=0[s]',
                self::RATE, $seconds, $gain, max(0.0, $seconds - $fade), min($fade, $seconds),
            );
        } else {
            $graph .= ';[v]anull[s]';
        }
        $graph .= sprintf(';[s]apad,atrim=end=%.5f,ebur128=framelog=verbose[o]', $seconds);

        return $this->tools->ffmpeg(
            ['-nostats', ...$inputs, '-filter_complex', $graph, '-map', '[o]', '-c:a', 'pcm_f32le', 'sum.wav'],
            $folder,
        );
    }

    /**
     * Limited with room for what the sampling hides of the peaks and for what the encoder adds to them; the meter tells
     * if it was enough.
     */
    private function encoded(MixPlan $plan, float $gain, float $limit, string $folder): Process
    {
        return $this->tools->ffmpeg(
            [
                '-nostats', '-i', 'sum.wav', '-af',
                sprintf(
                    'volume=%.2fdB,alimiter=limit=%.4f:attack=4:release=60:level=disabled,atrim=end=%.5f',
                    $gain,
                    10 ** ($limit / 20),
                    $plan->seconds(),
                ),
                '-c:a', 'aac', '-aac_coder', 'fast', '-b:a', '160k', '-ar',
                (string) self::RATE,
                '-ac', '2', '-map_metadata', '-1', 'mix.m4a',
            ],
            $folder,
        );
    }
}
