<?php

declare(strict_types=1);

namespace App\Media\Audio;

use App\Media\Probing\LoudnessMeter;
use App\Media\Process\MediaTools;
use App\Media\Store\Findings;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use Illuminate\Support\Facades\File;
use JsonException;
use RapidReel\Making\Mix\MixMusic;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Mix\MusicBed;
use Symfony\Component\Process\Process;

/**
 * Lays the music of a short, at no level of its own, and keeps it with what a meter heard of it: an edit of the short
 * has another voice, and mostly the same bed.
 */
final readonly class MusicLayer
{
    /**
     * It is kept so much quieter than the voice, in dB. What is dynamic has peaks that far over its loudness, and what
     * is lost in sixteen bits below is lost under a voice.
     */
    public const ROOM_DB = 21;

    private const METER = 'bed';

    private const FILE = 'bed.flac';

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private KeptFiles $kept,
        private Findings $findings,
        private Originals $originals,
    ) {
    }

    /**
     * Where the music stands, FLAC.
     *
     * @throws StrangePlace
     */
    public function file(MixPlan $plan): string
    {
        return $this->store->keyed('beds', $plan->bedKey(), 'flac');
    }

    /**
     * Takes what was laid before into a folder.
     *
     * @return list<float>|null its loudness in LUFS, every 100 ms; null where it is to be laid
     *
     * @throws StrangePlace
     */
    public function taken(MixPlan $plan, string $folder): ?array
    {
        /** @var array{moments: list<float>}|null $known */
        $known = $this->findings->known(Findings::HEARD, $plan->bedKey());
        $place = $this->file($plan);

        return $known !== null && $this->kept->isRight($place) && File::copy($place, "$folder/".self::FILE)
            ? $known['moments']
            : null;
    }

    /**
     * What lays it in the folder that a program runs in, for heard(): from its first bar on, round at a bar where it is
     * too short.
     *
     * @param  int  $input  number of the input that it reads
     * @return list<string> arguments, its input first
     *
     * @throws StrangePlace
     */
    public function laying(MixPlan $plan, MixMusic $music, int $input): array
    {
        [$piece, $bed] = [$music->piece, $music->bed];
        $of = static fn (int $ms): int => (int) round($ms * MixGraph::RATE / 1000);
        $from = static fn (int $first, int $last): string => sprintf(
            'atrim=start_sample=%d:end_sample=%d,asetpts=PTS-STARTPTS',
            $first,
            $last,
        );
        $in = $of($bed->inMs);
        $isUnknown = $piece->durationMs === 0;
        $graph = "[$input:a:0]".MixGraph::STEREO;
        if ($bed->loopMs > 0) {
            [$joint, $loop] = [$of(MusicBed::JOINT_MS), $of($bed->loopMs)];
            $fade = MusicBed::JOINT_MS / 1000;
            // Its end runs into its beginning, which from then on is one with it.
            $graph .= ',asplit=3[a][b][c];'
                .'[a]'.$from($in, $in + $joint).",afade=t=in:d={$fade}[h];"
                .'[b]'.$from($in + $loop, $in + $loop + $joint).",afade=t=out:d={$fade}[t];"
                .'[h][t]amix=inputs=2:normalize=0:duration=longest[j];'
                .'[c]'.$from($in + $joint, $in + $loop).'[r];'
                ."[j][r]concat=n=2:v=0:a=1,aloop=loop=-1:size=$loop";
        } else {
            $graph .= ",atrim=start_sample=$in,asetpts=PTS-STARTPTS";
        }
        $graph .= sprintf(
            ',volume=%.2fdB,apad,atrim=end=%d,asplit[q][m];[q]volume=-%ddB[f];[m]%s[n]',
            $plan->target->loudness - $piece->loudness, $plan->bedSeconds(), self::ROOM_DB,
            LoudnessMeter::named(self::METER),
        );

        return [
            ...$isUnknown ? ['-stream_loop', '-1'] : [],
            ...$this->tools->input($this->originals->file($piece->fingerprint)), '-filter_complex', $graph,
            '-map', '[f]', '-c:a', 'flac', '-sample_fmt', 's16', self::FILE, '-map', '[n]', '-f', 'null', '-',
        ];
    }

    /** @return list<float> loudness in LUFS of what was laid, every 100 ms */
    public static function heard(Process $laying): array
    {
        return LoudnessMeter::momentsOf(LoudnessMeter::of(self::METER, $laying->getErrorOutput()));
    }

    /**
     * Keeps what was laid in a folder.
     *
     * @param  list<float>  $moments  as heard() gave them
     *
     * @throws StrangePlace
     * @throws JsonException
     */
    public function keep(MixPlan $plan, string $folder, array $moments): void
    {
        $this->findings->keep(Findings::HEARD, $plan->bedKey(), ['moments' => $moments]);
        $this->kept->put("$folder/".self::FILE, $this->file($plan));
    }

    /** Reads it from the folder that a program runs in, as loud as it was laid. */
    public static function read(MixGraph $graph, float $seconds): string
    {
        $graph->add(sprintf(
            '%svolume=%ddB,atrim=end=%.5f[bed]', $graph->file(self::FILE, '[laid]'), self::ROOM_DB, $seconds,
        ));

        return '[bed]';
    }
}
