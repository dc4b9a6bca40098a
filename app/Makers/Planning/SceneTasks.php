<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Gateways\Voices\VoiceBook;
use App\Makers\Voicing\ReadingTakes;
use App\Media\Process\ToolFailed;
use App\Shelves\Levels\Resolver;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\ChosenShot;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\ShotMark;

/** The scenes of a short as they are to be voiced and paced. */
final readonly class SceneTasks
{
    public function __construct(
        private VoiceBook $voices,
        private ReadingTakes $takes,
        private Resolver $resolver,
        private SecondTexts $seconds,
    ) {
    }

    /**
     * @param  Shelf|null  $shelf  where the footage of shots stands; without it none is settled, and nothing is made
     * @return non-empty-list<SceneTask>
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function of(Short $short, ?Shelf $shelf = null): array
    {
        $pronunciations = $short->batch->channel->pronunciations();
        $readings = $short->readings->where('accepted', true)->keyBy('text');
        $settled = $this->resolver->short($short);
        $tasks = [];
        foreach ($short->scenes as $row) {
            $scene = $row->toScript();
            $reading = $readings->get($scene->text);
            $task = SceneTask::of(
                $scene,
                $settled->and(Level::Scene, $scene->own->settings),
                $this->voices,
                $pronunciations,
            );
            $tasks[] = $task->with(
                $this->chosen($short, $scene, $shelf),
                match (true) {
                    ! $reading instanceof Reading => null,
                    $shelf === null => $this->takes->kept($reading),
                    default => $this->takes->whole($reading),
                },
            );
        }

        return $tasks === [] ? throw self::empty() : $this->seconds->said($short, $tasks);
    }

    /**
     * As a BCP 47 tag: what its first scene is said in.
     *
     * @throws Refusal
     */
    public function language(Short $short): string
    {
        $first = $short->scenes->first()?->toScript() ?? throw self::empty();

        return SceneTask::of(
            $first, $this->resolver->short($short)->and(Level::Scene, $first->own->settings), $this->voices, [],
        )->voice->language;
    }

    private static function empty(): Refusal
    {
        return new Refusal('This short has no scenes.');
    }

    /**
     * @return list<ChosenShot>
     *
     * @throws Refusal
     */
    private function chosen(Short $short, Scene $scene, ?Shelf $shelf): array
    {
        return array_map(fn (ShotMark $shot): ChosenShot => new ChosenShot(
            $shot->word,
            $shot->footage === null ? null : ($shelf->footage[$shot->footage] ?? null),
            $shot->isLocked,
            $shot->hold->offset,
            $shot->inMs,
            $shot->pins,
            $shot->hold->span,
            $shot->own->own === [] ? null : SettingsReader::shot($this->resolver->shot($short, $scene, $shot)),
        ), $scene->own->shots);
    }
}
