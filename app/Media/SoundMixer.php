<?php

declare(strict_types=1);

namespace App\Media;

use RapidReel\Sound\Loudness;
use RapidReel\Sound\MixPlan;
use RapidReel\Voice\Pcm;

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
        private TakeStore $takes,
        private LoudnessMeter $meter,
    ) {}

    /**
     * @param  string|null  $music  file of the plan's piece
     * @return string file of the finished sound, AAC in an MP4 container; one that was mixed before is taken as it is
     *
     * @throws ToolFailed
     */
    public function mix(MixPlan $plan, ?string $music): string
    {
        $place = $this->store->keyed('mixes', $plan->key(), 'm4a');
        if (! is_file($place)) {
            $folder = $this->store->workFolder();
            try {
                $this->make($plan, $music, $folder);
                $this->store->publish("$folder/mix.m4a", $place);
            } finally {
                $this->store->discard($folder);
            }
        }

        return $place;
    }

    private function make(MixPlan $plan, ?string $music, string $folder): void
    {
        file_put_contents("$folder/voice.wav", WavFile::encode($this->voiceTrack($plan)));
        $voice = $this->filtered(['-i', 'voice.wav'], self::VOICE, $folder);
        $mixed = $this->sum($plan, $voice, $music, $folder);

        // The limiter takes a little of the loudness away; what is missing is added in the next round.
        $gain = $mixed->gainTo($plan->loudness);
        for ($round = 0; $round < 4; $round++) {
            $this->encode($plan, $gain, $folder);
            $measured = $this->meter->file("$folder/mix.m4a");
            if ($measured->meets($plan->loudness, $plan->truePeak)) {
                return;
            }
            $gain += $measured->gainTo($plan->loudness);
        }
    }

    /** The takes end to end with silence between them, sample for sample at their places. */
    private function voiceTrack(MixPlan $plan): Pcm
    {
        $bytes = '';
        $rate = 0;
        foreach ($plan->voice as ['take' => $key, 'start_ms' => $startMs]) {
            $sound = $this->takes->sound($key);
            $rate = $sound->rate;
            $bytes = str_pad(substr($bytes, 0, 2 * $sound->sampleAt($startMs)), 2 * $sound->sampleAt($startMs), "\0").$sound->bytes;
        }

        return new Pcm(str_pad($bytes, 2 * (int) ceil($plan->seconds() * $rate), "\0"), $rate);
    }

    /** @param list<string> $input */
    private function filtered(array $input, string $filter, string $folder): Loudness
    {
        $process = $this->tools->run(['-nostats', ...$input, '-af', "$filter,ebur128=framelog=quiet", '-f', 'null', '-'], 'Measuring the voice', $folder);

        return LoudnessMeter::read($process->getErrorOutput());
    }

    private function sum(MixPlan $plan, Loudness $voice, ?string $music, string $folder): Loudness
    {
        $seconds = $plan->seconds();
        $graph = sprintf('[0:a]%s,volume=%.2fdB,aresample=%d,aformat=channel_layouts=mono,pan=stereo|c0=c0|c1=c0[v]', self::VOICE, $voice->gainTo($plan->loudness), self::RATE);
        $inputs = ['-i', 'voice.wav'];
        if ($music !== null && $plan->music !== null) {
            $inputs = [...$inputs, '-stream_loop', '-1', ...$this->tools->input($music)];
            $fade = MixPlan::FADE_OUT_MS / 1000;
            $gain = $plan->loudness - MixPlan::MUSIC_UNDER_VOICE - $plan->music->loudness;
            $graph .= sprintf(
                ';[1:a]aresample=%d,aformat=channel_layouts=stereo,atrim=end=%.4f,volume=%.2fdB,afade=t=in:d=0.4,afade=t=out:st=%.4f:d=%.3f[m];[v][m]amix=inputs=2:duration=first:normalize=0[s]',
                self::RATE, $seconds, $gain, max(0.0, $seconds - $fade), min($fade, $seconds),
            );
        } else {
            $graph .= ';[v]anull[s]';
        }
        $graph .= sprintf(';[s]apad,atrim=end=%.5f,ebur128=framelog=quiet[o]', $seconds);
        $process = $this->tools->run(['-nostats', ...$inputs, '-filter_complex', $graph, '-map', '[o]', '-c:a', 'pcm_f32le', 'sum.wav'], 'Mixing the sound', $folder);

        return LoudnessMeter::read($process->getErrorOutput());
    }

    /** Limited at four times the rate, so that peaks between samples are seen too, with room for what AAC adds. */
    private function encode(MixPlan $plan, float $gain, string $folder): void
    {
        $limit = 10 ** (($plan->truePeak - 1.0) / 20);
        $this->tools->run([
            '-nostats', '-i', 'sum.wav', '-af',
            sprintf('volume=%.2fdB,aresample=%d,alimiter=limit=%.4f:attack=4:release=60:level=disabled,aresample=%d,atrim=end=%.5f', $gain, 4 * self::RATE, $limit, self::RATE, $plan->seconds()),
            '-c:a', 'aac', '-b:a', '160k', '-ar', (string) self::RATE, '-ac', '2', '-map_metadata', '-1', 'mix.m4a',
        ], 'Encoding the sound', $folder);
    }
}
