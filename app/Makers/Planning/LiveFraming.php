<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Makers\Interest\InterestStore;
use App\Shelves\Levels\Resolver;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Scene;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Framing\Path\Framer;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Settings\SettingsReader;

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
        $number = (int) $short->scenes->search(static fn (Scene $one): bool => $one->id === $scene->id);
        $shot = self::shot($short->plannedCut()?->scenes[$number] ?? null, $word);
        $script = $short->manuscript()->scenes[$number];
        $mark = $script->own->shotAt($word);
        $footage = Footage::query()->find((int) ($mark->footage ?? $shot->source->footage));
        if ($mark->key === null || $footage === null) {
            throw new Refusal('This shot has no picture yet. Pictures come with the plan.');
        }
        $settled = $this->resolver->shot($short, $script, $mark);
        // One that is left to vary moves as it was planned to.
        $choice = SettingsReader::shot($settled)->framing;
        $choice = $choice->motion === StillMotion::InTurn && $shot->view->motion !== null
            ? $choice->moving($shot->view->motion)
            : $choice;
        $map = $this->interests->known($footage->fingerprint);
        $lengthMs = $shot->clipMs();
        $inMs = $footage->fingerprint === $shot->source->fingerprint ? $shot->play->inMs : 0;

        return new ShotFraming(
            $shot,
            $footage,
            new SetHere($mark->key, $settled, $this->resolver->scene($short, $script)),
            $choice,
            $mark->pins,
            $map,
            Framer::shot(
                LibraryShelf::footage($footage),
                $map,
                $choice,
                $mark->pins,
                SettingsReader::targets($settled)->frame()->aspect(),
                $inMs,
                $lengthMs,
            ),
        );
    }

    /** @throws Refusal when it is not planned */
    private static function shot(?CutScene $scene, int $word): CutShot
    {
        foreach ($scene === null ? [] : $scene->shots as $shot) {
            if ($shot->word === $word) {
                return $shot;
            }
        }

        throw new Refusal('This shot is not planned yet, or is no longer there. Go back to the short.');
    }
}
