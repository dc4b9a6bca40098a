<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Gateways\Voices\VoiceRates;
use App\Gateways\Voices\VoiceUnavailable;
use App\Ground\Work\HandedBack;
use App\Makers\Voicing\TakeStore;
use App\Media\Process\Cancelled;
use App\Media\Process\ToolFailed;
use App\Media\Process\Watcher;
use App\Media\Store\DamagedPart;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Refusal;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Mix\MoodFinder;
use RapidReel\Making\Mix\MusicChooser;
use RapidReel\Making\Render\Progress;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Plan\Brief\Subject;
use RapidReel\Plan\Choice\EdgeChoice;
use RapidReel\Plan\Choice\MusicChoice;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\Scene;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\Tempo;

/** From scenes to a cut: voices them, or only estimates, and builds. */
final readonly class CutMaker
{
    public function __construct(
        private TakeStore $takes,
        private VoiceRates $rates,
        private CutBuilders $builders,
        private SegmentPlanner $segments,
        private MusicChooser $musicians,
        private TaskFlags $flags,
    ) {
    }

    /**
     * Voices what is to be said, and builds.
     *
     * @param  non-empty-list<SceneTask>  $tasks
     * @param  string  $subject  what it is about; found in its words where it is empty
     * @param  array<array-key, int>  $shownByOthers  how often other shorts of the batch show a picture, by id
     * @param  int  $number  of the short in its batch
     *
     * @throws Cancelled
     * @throws DamagedPart
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function make(
        string $title,
        array $tasks,
        Shelf $shelf,
        Watcher $watcher,
        string $channel = '',
        string $subject = '',
        array $shownByOthers = [],
        int $number = 1,
    ): Cut {
        $this->builders->ask($tasks);
        $voiced = [];
        foreach ($tasks as $i => $task) {
            if ($watcher->isCancelled()) {
                throw new Cancelled;
            }
            $voiced[] = $task->voiced($this->spoken($task));
            $watcher->progress(Progress::voicing($i + 1, count($tasks)));
        }
        $subject = $subject !== '' ? $subject : Subject::of($title, implode(' ', array_map(
            static fn (SceneTask $task): string => $task->scene->text,
            $tasks,
        )));

        return $this->builders->of($tasks, $shelf, $subject, $shownByOthers)->build(
            $title,
            $voiced,
            self::offered($shelf, $tasks),
            $this->music($tasks, $shelf, $number),
            $this->flags->of($tasks, $channel),
        );
    }

    /**
     * @param  non-empty-list<SceneTask>  $tasks
     * @return list<Footage>
     */
    private static function offered(Shelf $shelf, array $tasks): array
    {
        $chosen = [];
        foreach ($tasks as $task) {
            foreach ($task->chosen as $shot) {
                $chosen[$shot->footage->id ?? ''] = true;
            }
        }

        return $shelf->offered($chosen);
    }

    /**
     * Voices what was never said.
     *
     * @param  non-empty-list<SceneTask>  $tasks
     *
     * @throws VoiceUnavailable
     * @throws StrangePlace
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function speak(array $tasks): void
    {
        array_map($this->spoken(...), $tasks);
    }

    /**
     * @throws VoiceUnavailable
     * @throws StrangePlace
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    private function spoken(SceneTask $task): Take
    {
        $this->rates->hear($task->voice);
        $raw = $task->reading ?? $this->takes->raw($task->scene->text, $task->voice, $task->delivery);

        return $this->takes->tight($raw, $task->delivery);
    }

    /**
     * The plan before all is voiced: times of what was not are estimates, and there are no pictures.
     *
     * @param  non-empty-list<SceneTask>  $tasks
     * @param  list<Flag>  $flags  known before
     *
     * @throws Refusal
     */
    public function estimate(string $title, array $tasks, array $flags = [], string $channel = ''): Cut
    {
        $voiced = $this->voiced($tasks);

        return $this->builders->of($tasks)->build($title, $voiced, [], null, [
            ...self::guessed($voiced),
            ...$this->flags->of($tasks, $channel),
            ...$flags,
        ]);
    }

    /**
     * The same, only as much of it as a table of shorts needs.
     *
     * @param  non-empty-list<SceneTask>  $tasks
     *
     * @throws StrangePlace
     */
    public function measure(array $tasks, string $channel = ''): CutSummary
    {
        $voiced = $this->voiced($tasks);

        return $this->builders->of($tasks)->measure(
            $voiced,
            [...self::guessed($voiced), ...$this->flags->of($tasks, $channel)],
            array_map(static fn (?EdgeChoice $edge): int => $edge->ms ?? 0, $tasks[0]->short->edges),
        );
    }

    /** What a table needs of a cut, with hashes of what is seen and heard in it. */
    public function summary(Cut $cut): CutSummary
    {
        return CutSummary::of(
            $cut,
            $this->segments->pixels($cut),
            MixPlan::whole($cut)->key(),
        );
    }

    /**
     * Scenes with their takes: those of before where these words were said already, else estimates. Makes nothing.
     *
     * @param  non-empty-list<SceneTask>  $tasks
     * @return non-empty-list<VoicedScene>
     *
     * @throws StrangePlace
     */
    public function voiced(array $tasks): array
    {
        return array_map(fn (SceneTask $task): VoicedScene => $task->voiced($this->knownTake($task)), $tasks);
    }

    /** @throws StrangePlace */
    private function knownTake(SceneTask $task): Take
    {
        $known = $task->reading === null
            ? $this->takes->known($task->scene->text, $task->voice, $task->delivery)
            : $this->takes->knownTight($task->reading, $task->delivery);

        return $known ?? Tempo::take($this->estimated($task), $task->delivery->tempo);
    }

    /**
     * How long it will take to say a scene, before any change of tempo.
     *
     * @throws StrangePlace
     */
    public function estimated(SceneTask $task): Take
    {
        return $this->rates->of($task->voice)->take($task->scene->text);
    }

    /** @param  non-empty-list<SceneTask>  $tasks */
    private function music(array $tasks, Shelf $shelf, int $number): ?CutMusic
    {
        $music = $tasks[0]->short->music;
        if ($music->piece === MusicChoice::NONE) {
            return null;
        }
        // One that is gone is no reason to be silent.
        $piece = $shelf->music->piece($music->piece) ?? $shelf->music->piece((string) $this->musicians->choose(
            $music->mood ?? MoodFinder::of(
                implode(' ', array_map(static fn (SceneTask $task): string => $task->scene->text, $tasks)),
                $tasks[0]->voice->language,
            ),
            $shelf->music->moods,
            $number,
        ));

        return $piece?->at($music->level);
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @return list<Flag>
     */
    private static function guessed(array $voiced): array
    {
        $isVoiced = array_filter($voiced, static fn (VoicedScene $one): bool => $one->take->key === '') === [];

        return $isVoiced ? [] : [new Flag(FlagCode::Estimated, 'Times are estimated: not all of it is voiced yet.')];
    }
}
