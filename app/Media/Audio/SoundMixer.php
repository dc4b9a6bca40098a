<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Probing\LoudnessMeter;
use App\Media\Process\EncoderWork;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use Generator;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\Clearness;
use RapidReel\Making\Mix\Loudness;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Voice\Align\Resampler;
use RapidReel\Voice\Speech\Pcm;
use Symfony\Component\Process\Process;

/**
 * Mixes a short's sound once, for its whole length: the takes at their places with effects and what clips sound like,
 * the music under them as far as it is settled and as the voice stays clear, and the sum brought to the loudness that
 * the outlet wants. Both halves are kept beside it, for pages on which the level of the music is changed.
 */
final readonly class SoundMixer
{
    /** Halves are kept so much quieter, in dB: in them nothing holds down what is loud. */
    private const ROOM_DB = 9;

    private const VOICE_METER = 'voice';

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private TakeFiles $takes,
        private KeptFiles $kept,
        private Originals $originals,
        private MusicLayer $layer,
        private ClipLoudness $clips,
        private MixEncoder $encoder,
    ) {
    }

    /**
     * Where the finished sound of a plan stands, AAC in an MP4 container.
     *
     * @throws StrangePlace
     */
    public function file(MixPlan $plan): string
    {
        return $this->store->keyed('mixes', $plan->key(), 'm4a');
    }

    /**
     * Where all but the music stands, FLAC.
     *
     * @throws StrangePlace
     */
    public function rest(MixPlan $plan): string
    {
        return $this->store->keyed('mixes', $plan->key(), 'flac');
    }

    /**
     * Where the music stands, at no level of its own, FLAC.
     *
     * @throws StrangePlace
     */
    public function bed(MixPlan $plan): string
    {
        return $this->layer->file($plan);
    }

    /**
     * Where it stands how they were put together, JSON.
     *
     * @throws StrangePlace
     */
    public function report(MixPlan $plan): string
    {
        return $this->store->keyed('mixes', $plan->key(), 'json');
    }

    /**
     * Whether it was mixed before and is still as it was.
     *
     * @throws StrangePlace
     */
    public function isThere(MixPlan $plan): bool
    {
        foreach ([$this->file($plan), $this->rest($plan), $this->report($plan)] as $part) {
            if (! $this->kept->isRight($part)) {
                return false;
            }
        }

        return $plan->music === null || KeptFiles::isAsSealed($this->bed($plan));
    }

    /** @param  string|null  $shown  folder that is to have all that it is mixed with */
    public function work(MixPlan $plan, ?string $shown = null): EncoderWork
    {
        return new EncoderWork(
            $plan->key(),
            'Mixing the sound',
            fn (): bool => $this->isThere($plan),
            fn (): Generator => $this->steps($plan, $shown),
            $plan->toJson(),
            isLight: true,
        );
    }

    /**
     * @return Generator<int, Process, Process, mixed>
     *
     * @throws Refusal when a sound is not on the disk as it was
     * @throws ToolFailed
     */
    private function steps(MixPlan $plan, ?string $shown): Generator
    {
        foreach ($plan->sounds() as $fingerprint) {
            $this->originals->isLaid($fingerprint) || throw new Refusal(
                "A sound that is to be mixed is not on the disk as it was: $fingerprint.",
            );
        }
        $folder = $this->store->workFolder();
        try {
            $this->store->write("$folder/voice.wav", WavFile::encode($this->voiceTrack($plan)));
            $music = $plan->music === null ? null : $this->layer->taken($plan, $folder);
            $isLaid = $music !== null;
            $heard = yield $this->tools->light([
                '-nostats', '-i', 'voice.wav',
                ...$plan->music === null || $isLaid ? [] : $this->layer->laying($plan, $plan->music, 1),
                ...self::heard(0),
            ], $folder);
            $printed = LoudnessMeter::of(self::VOICE_METER, $heard->getErrorOutput());
            $voice = LoudnessMeter::read($printed);
            $line = null;
            if ($plan->music !== null) {
                $music ??= MusicLayer::heard($heard);
                $moments = [
                    Clearness::moments(LoudnessMeter::momentsOf($printed), $voice->gainTo($plan->target->loudness)),
                    Clearness::moments($music),
                ];
                $line = Clearness::kept($plan->music->line, ...$moments);
                $this->store->write("$folder/music.line", MixGraph::line($line, $plan->seconds()));
                $clear = array_filter(Clearness::of($line, ...$moments), is_float(...));
            }
            $summed = yield $this->summed($plan, $voice, $line !== null, $folder);
            $mixed = LoudnessMeter::read($summed->getErrorOutput());

            [$gain, $measured] = yield from $this->encoder->steps($plan, $mixed, $folder);
            $this->store->write("$folder/report.json", json_encode([
                'gain' => round($gain + self::ROOM_DB, 2),
                'over' => MusicLayer::ROOM_DB - self::ROOM_DB,
                'line' => $line->points ?? [],
                'clear' => ($clear ?? []) === [] ? null : round(min($clear), 1),
                'loudness' => round($measured->integrated, 1),
                'peak' => round($measured->peak, 1),
            ], JSON_THROW_ON_ERROR));
            $shown === null || File::copyDirectory($folder, $shown);
            $this->kept->put("$folder/report.json", $this->report($plan));
            if ($music !== null && ! $isLaid) {
                $this->layer->keep($plan, $folder, $music);
            }
            $this->kept->put("$folder/rest.flac", $this->rest($plan));
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

    /**
     * Has a meter listen to the voice as it will be heard, without an end of its own.
     *
     * @return list<string>
     */
    private static function heard(int $input): array
    {
        return [
            '-filter_complex', "[$input:a:0]".MixGraph::VOICE.','.LoudnessMeter::named(self::VOICE_METER).'[heard]',
            '-map', '[heard]', '-f', 'null', '-',
        ];
    }

    /**
     * @throws StrangePlace
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     */
    private function summed(MixPlan $plan, Loudness $voice, bool $hasMusic, string $folder): Process
    {
        $graph = new MixGraph($this->tools, $this->originals);
        $loudness = $this->clips->loudness(array_unique(array_column($plan->clips, 'fingerprint')));
        $lines = [];
        foreach ($plan->clips as $clip) {
            if (! isset($lines[$clip->under])) {
                $lines[$clip->under] = "clips-{$clip->under}.line";
                $this->store->write("$folder/{$lines[$clip->under]}", MixGraph::line($clip->line, $plan->seconds()));
            }
        }
        $end = sprintf('%.5f', $plan->seconds());
        $graph->mixed([
            $graph->voice('voice.wav', $voice->gainTo($plan->target->loudness)),
            ...$graph->effects($plan),
            ...$graph->clips($plan, $plan->clips, $loudness, $lines),
        ], '[all]');
        $graph->add(sprintf("[all]apad,atrim=end=$end,asplit[r][q];[q]volume=-%ddB[f]", self::ROOM_DB));
        $sum = $hasMusic
            ? $graph->mixed(
                ['[r]', $graph->levelled(MusicLayer::read($graph, $plan->seconds()), 'music.line', '[m]')], '[s]',
            )
            : '[r]';
        $graph->add("{$sum}apad,atrim=end=$end,ebur128=peak=sample:framelog=verbose[o]");

        return $this->tools->light([
            '-nostats', ...$graph->arguments(), '-map', '[o]', '-c:a', 'pcm_f32le', 'sum.wav',
            '-map', '[f]', '-c:a', 'flac', '-sample_fmt', 's16', 'rest.flac',
        ], $folder);
    }
}
