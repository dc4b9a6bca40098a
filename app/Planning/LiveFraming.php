<?php

declare(strict_types=1);

namespace App\Planning;

use App\Framing\InterestStore;
use App\Library\LibraryShelf;
use App\Models\Footage;
use App\Models\Scene;
use App\Settings\Resolver;
use RapidReel\Base\Refusal;
use RapidReel\Cut\CutShot;
use RapidReel\Framing\Framer;
use RapidReel\Script\ShotMark;

/** How a shot is framed as it is set at this moment, before any worker has planned its short anew. */
final readonly class LiveFraming
{
    public function __construct(
        private Resolver $resolver,
        private InterestStore $interests,
    ) {
    }

    /** @throws Refusal when there is no such shot, or nothing is known of it yet */
    public function of(Scene $scene, int $word): ShotFraming
    {
        $short = $scene->short->loadMissing(['batch.channel', 'scenes.shots']);
        [$mark, $shot] = $this->shot($scene, $word);
        $footage = Footage::query()->find((int) ($mark->footage ?? $shot->footage));
        if ($mark->key === null || $footage === null) {
            throw new Refusal('This shot has no picture yet. Pictures come with the plan.');
        }
        $number = $short->scenes->search(static fn (Scene $one): bool => $one->id === $scene->id);
        $script = $short->manuscript()->scenes[(int) $number];
        $settled = $this->resolver->shot($short, $script, $mark);
        $map = $this->interests->known($footage->fingerprint);
        $lengthMs = $shot->endMs - $shot->startMs;
        $inMs = $footage->fingerprint === $shot->fingerprint ? $shot->inMs : 0;

        return new ShotFraming(
            $shot,
            $footage,
            $settled,
            $this->resolver->scene($short, $script),
            $mark->key,
            $settled->framing(),
            $mark->pins,
            $map,
            Framer::shot(
                LibraryShelf::footage($footage),
                $map,
                $settled->framing(),
                $mark->pins,
                $settled->profile()->aspect(),
                $inMs,
                $lengthMs,
            ),
        );
    }

    /**
     * @return array{ShotMark, CutShot}
     *
     * @throws Refusal
     */
    private function shot(Scene $scene, int $word): array
    {
        $number = $scene->short->scenes->search(static fn (Scene $one): bool => $one->id === $scene->id);
        $cut = $scene->short->plannedCut();
        $planned = $cut === null ? null : ($cut->scenes[(int) $number] ?? null);
        foreach ($planned === null ? [] : $planned->shots as $shot) {
            if ($shot->word === $word && $number !== false) {
                $scenes = $scene->short->manuscript()->scenes;

                return [$scenes[(int) $number]->own->shotAt($word), $shot];
            }
        }

        throw new Refusal('This shot is not planned yet, or is no longer there. Go back to the short.');
    }
}
