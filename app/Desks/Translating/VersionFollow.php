<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\PaceEditor;
use App\Desks\Editing\ShortWriter;
use App\Ground\Work\HandedBack;
use App\Media\Process\ToolFailed;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Choice\MusicChoice;
use RapidReel\Plan\Settings\Section;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Translation\Version\FollowedShots;
use RapidReel\Text\Translation\Version\VersionLine;
use RapidReel\Text\Translation\Version\VersionText;
use RapidReel\Text\Translation\Version\VersionWay;

/**
 * Versions take over what their source shows: its pictures, how they are framed, move and look, its music. What was
 * chosen for a version itself stays.
 */
final readonly class VersionFollow
{
    /** What a version has of its own. */
    private const OWN = [
        Section::Voice, Section::Words, Section::Pace, Section::Captions, Section::Cards, Section::Files,
        Section::Posts,
    ];

    /** Nobody hears that a short is so much longer than another. */
    private const NEAR_MS = 250;

    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private Resolver $resolver,
        private VersionReadings $readings,
        private VersionTimes $times,
        private PaceEditor $pace,
        private VersionBook $book,
    ) {
    }

    /**
     * What is set for a version at its begin.
     *
     * @throws Refusal
     */
    public function begun(Short $source, ?string $voice): Values
    {
        $settings = new Values([...$source->settings->own, ...$this->shown($source)->own]);

        return $voice === null ? $settings : $settings->with('voice', $voice);
    }

    /**
     * What follows from a plan: versions of a short take over what it shows, and a version is brought to its times.
     *
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function planned(Short $short): void
    {
        if ($short->version_of === null) {
            $this->all($short);

            return;
        }
        $source = $short->source;
        if ($source === null) {
            return;
        }
        $source->load(['batch.channel', 'scenes.shots', 'notes', 'readings', 'kept']);
        if ($short->way === VersionWay::Pictures) {
            $this->edits->change(
                $short->batch, 'voice fitted to the pictures', [$short],
                fn (Short $version) => $this->times->fit($version, $source),
            );
        }
        $wanted = $source->plannedCut()->durationMs ?? 0;
        $has = $short->plannedCut()->durationMs ?? $wanted;
        if ($short->way === VersionWay::Length && $wanted > 0 && abs($has - $wanted) > self::NEAR_MS) {
            $this->pace->bring($short->batch, [$short], $wanted, $has < $wanted);
        }
    }

    /**
     * All versions of a short that is planned take over what it shows now.
     *
     * @throws Refusal
     */
    public function all(Short $source): void
    {
        $versions = Short::query()->where('version_of', $source->id)->get();
        if ($versions->isEmpty()) {
            return;
        }
        $source->load(['batch.channel', 'scenes.shots', 'notes', 'readings', 'kept']);
        foreach ($versions as $version) {
            $this->edits->change(
                $source->batch, sprintf('pictures as in %02d', $source->number), [$version],
                fn (Short $short) => $this->taken($short, $source),
            );
            $this->book->count($version->refresh()->setRelation('source', $source));
        }
    }

    /**
     * Within a change of that version.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function taken(Short $version, Short $source): void
    {
        $text = $version->versionText();
        $shown = $this->shown($source);
        $version->settings = self::merged($version->settings, $text->followed, $shown);
        [$manuscript, $lines] = self::scenes(
            $version->load(['batch.channel', 'scenes.shots', 'notes', 'readings'])->manuscript(), $source, $text,
        );
        $this->writer->write($version, $manuscript);
        $version->translated = $text->with($lines)->following($shown)->toJson();
        $version->save();
        $version->load(['scenes.shots', 'readings']);
        match ($version->way) {
            VersionWay::Captions => $this->readings->write($version, $source),
            VersionWay::Pictures => $this->times->fit($version, $source),
            default => null,
        };
    }

    /**
     * What is set for a short of what its versions share, and the music that was found for it.
     *
     * @throws Refusal
     */
    private function shown(Short $source): Values
    {
        $values = $this->resolver->short($source);
        $shown = [];
        foreach ($source->settings->own as $key => $value) {
            $key = (string) $key;
            $isShared = $values->registry->has($key)
                && ! in_array($values->registry->get($key)->place->section, self::OWN, true);
            if ($isShared) {
                $shown[$key] = $value;
            }
        }
        $music = SettingsReader::short($values)->music;
        $found = $source->plannedCut()?->sound->music?->id;
        if ($music->piece === MusicChoice::AUTOMATIC && $found !== null) {
            $shown['music'] = $found;
        }

        return new Values($shown);
    }

    /** What was set for the version itself stays; the rest goes along. */
    private static function merged(Values $own, Values $before, Values $now): Values
    {
        foreach (array_keys($before->own + $now->own) as $key) {
            $key = (string) $key;
            if (($own->own[$key] ?? null) === ($before->own[$key] ?? null)) {
                $own = $now->has($key) ? $own->with($key, $now->own[$key]) : $own->without($key);
            }
        }

        return $own;
    }

    /**
     * @return array{Manuscript, list<VersionLine>}
     *
     * @throws Refusal
     */
    private static function scenes(Manuscript $manuscript, Short $source, VersionText $text): array
    {
        $lines = [];
        foreach ($text->lines as $line) {
            $at = array_search($line->scene, $manuscript->keys, true);
            $of = $source->scenes->find($line->of);
            $isOwn = $at !== false && $line->followed !== ''
                && FollowedShots::hash($manuscript->scenes[$at]->own) !== $line->followed;
            if ($at === false || ! $of instanceof Scene || $isOwn) {
                $lines[] = $line;

                continue;
            }
            $scene = $of->toScript();
            $own = $manuscript->scenes[$at]->own;
            $taken = new SceneOwn(
                self::timed($scene->own->settings, $own->settings), $own->keptPauses,
                FollowedShots::of($scene, $line->pairs), $own->captions,
            );
            $lines[] = $line->following(FollowedShots::hash($taken));
            // What it found between them is found again.
            $manuscript = $manuscript->withOwn($at, $taken);
        }

        return [$manuscript, $lines];
    }

    /** Settings of a scene: its times are its own. */
    private static function timed(Values $source, Values $own): Values
    {
        foreach (FollowedShots::TIMES as $key) {
            $source = $own->has($key) ? $source->with($key, $own->own[$key]) : $source->without($key);
        }

        return $source;
    }
}
