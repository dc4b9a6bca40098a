<?php

declare(strict_types=1);

namespace App\Makers\Reviewing;

use App\Makers\Interest\InterestStore;
use App\Makers\Proofs\ClearCue;
use App\Makers\Proofs\Proof;
use App\Media\Audio\SoundMixer;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Short;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\Path\SubjectShare;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Review\Check\Observed;

/** Puts together what was seen and heard of a short: on its proof, in its mix, in its footage and recordings. */
final readonly class Observer
{
    public function __construct(
        private InterestStore $interests,
        private SoundMixer $mixer,
    ) {
    }

    /**
     * @param  list<Flag>  $alike  earlier shorts that say nearly the same
     *
     * @throws StrangePlace
     */
    public function of(Short $short, Cut $cut, array $alike): Observed
    {
        $proof = Proof::of($short);
        $proof = $proof !== null && $proof->isOf($short) ? $proof : null;

        return new Observed(
            array_map(self::faint(...), $proof?->faint() ?? []),
            $this->subjects($cut),
            self::chosen($short, $cut),
            self::standIns($cut),
            self::doubts($short),
            $proof?->still,
            $this->sound($cut),
            $alike,
        );
    }

    /**
     * Of a plan that is kept nowhere.
     *
     * @throws StrangePlace
     */
    public function ofPlan(Cut $cut): Observed
    {
        return new Observed(
            subjects: $this->subjects($cut), standIns: self::standIns($cut), sound: $this->sound($cut),
        );
    }

    /** @return array{scene: int, word: int, ms: int, ratio: float, mend: string} */
    public static function faint(ClearCue $cue): array
    {
        return [
            'scene' => $cue->scene, 'word' => $cue->word, 'ms' => $cue->startMs, 'ratio' => $cue->ratio,
            'mend' => $cue->mends[0]['kind'] ?? '',
        ];
    }

    /** @return array<int, array{held: float, clear: float}> by the moment at which each shot begins */
    private function subjects(Cut $cut): array
    {
        $found = $maps = [];
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                $key = $shot->source->fingerprint;
                $map = $maps[$key] ??= $this->interests->known($key) ?? false;
                if ($map !== false && $shot->view->backdrop === null) {
                    $found[$shot->startMs] = SubjectShare::of(
                        $map, self::inClip($shot), $shot->play->inMs,
                        $shot->play->inMs + max(1, $shot->clipMs()), $cut->form->frame->aspect(),
                        $cut->form->frame->safe,
                    );
                }
            }
        }

        return $found;
    }

    /** The path of a shot in ms of its clip. */
    private static function inClip(CutShot $shot): FramePath
    {
        $points = [];
        foreach ($shot->view->path->points as $ms => $window) {
            $points[$shot->play->inMs + (int) round($ms * $shot->play->speed)] ??= $window;
        }

        return new FramePath($points);
    }

    /** @return list<int> moments of shots whose pictures an operator chose */
    private static function chosen(Short $short, Cut $cut): array
    {
        $moments = [];
        foreach (array_values($short->scenes->all()) as $number => $scene) {
            $locked = $scene->shots->where('locked', true)->whereNotNull('footage_id')->pluck('word')->all();
            foreach ($cut->scenes[$number]->shots ?? [] as $shot) {
                if (in_array($shot->word, $locked, true)) {
                    $moments[] = $shot->startMs;
                }
            }
        }

        return $moments;
    }

    /** @return list<string> */
    private static function standIns(Cut $cut): array
    {
        $ids = array_merge([], ...array_map(static fn ($scene): array => $scene->footage(), $cut->scenes));

        return array_values(array_map(strval(...), Footage::withTrashed()->whereKey(array_unique($ids))
            ->where('origin', Footage::STAND_IN)->pluck('id')->all()));
    }

    /** @return list<array{scene: int, word: int, text: string}> */
    private static function doubts(Short $short): array
    {
        $doubts = [];
        $readings = $short->readings->where('accepted', true)->where('dropped', false)->keyBy('text');
        foreach (array_values($short->scenes->all()) as $number => $scene) {
            /** @var Reading|null $reading */
            $reading = $readings->get($scene->text);
            foreach ($reading->words ?? [] as $word => $one) {
                if (($one['doubt'] ?? '') !== '' && ($one['doubt'] ?? 'none') !== 'none' && ! $one['pinned']) {
                    $doubts[] = ['scene' => $number, 'word' => $word, 'text' => $one['text']];
                }
            }
        }

        return $doubts;
    }

    /**
     * @return array{clear: float|null, loudness: float, peak: float}|null
     *
     * @throws StrangePlace
     */
    private function sound(Cut $cut): ?array
    {
        $report = json_decode((string) @file_get_contents($this->mixer->report(MixPlan::of($cut))), true);

        // One that was mixed by an earlier version tells no loudness.
        return is_array($report) && is_numeric($report['loudness'] ?? null) && is_numeric($report['peak'] ?? null)
            ? [
                'clear' => is_numeric($report['clear'] ?? null) ? (float) $report['clear'] : null,
                'loudness' => (float) $report['loudness'], 'peak' => (float) $report['peak'],
            ]
            : null;
    }
}
