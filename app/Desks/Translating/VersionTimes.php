<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Desks\Editing\ShortWriter;
use App\Gateways\Voices\VoiceRates;
use App\Makers\Planning\SceneTasks;
use App\Media\Process\ToolFailed;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\ScenePacer;
use RapidReel\Plan\Settings\PaceSettings;
use RapidReel\Text\Translation\Version\VoiceFit;
use RapidReel\Voice\Speech\Tempo;

/** What is said in a version held to the times of its source. */
final readonly class VersionTimes
{
    /** So little another tempo or pause that nobody hears it: what is there stays. */
    private const SAME = 1;

    private const SAME_MS = 60;

    public function __construct(
        private SceneTasks $tasks,
        private VoiceRates $rates,
        private Resolver $resolver,
        private ShortWriter $writer,
    ) {
    }

    /**
     * The tempo and the pause by which each scene takes as long as that of the source, as far as that goes.
     *
     * @return array<int, array{fit: VoiceFit, seconds: float, characters: int}> by the ids of scenes: seconds that the
     *   source has, characters that it is too long for them
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function fits(Short $version, Short $source): array
    {
        $spans = $this->spans($source);
        $text = $version->versionText();
        $limits = PaceSettings::limits($this->resolver->short($version));
        $cut = $version->isPlanned() ? $version->plannedCut() : null;
        $fits = [];
        foreach ($this->tasks->of($version) as $i => $task) {
            $scene = $version->scenes[$i] ?? null;
            $line = $scene === null ? null : $text->lineAt($scene->id)?->of;
            if ($scene === null || $line === null || ! isset($spans[$line])) {
                continue;
            }
            $isLast = $i === $version->scenes->count() - 1;
            $after = $isLast ? $task->settings->pace->tailMs
                : ($task->settings->pace->pauseMs ?? ScenePacer::GAP_MS);
            $is = $cut->scenes[$i] ?? null;
            $heard = max(1, $is !== null && $is->text === $scene->text
                ? ($is->endMs - $is->startMs - $after) * $task->delivery->tempo / Tempo::USUAL
                : $this->rates->of($task->voice)->ofText($scene->text));
            $fit = VoiceFit::of(
                (int) $heard, $spans[$line], $isLast ? $after : min($after, ScenePacer::GAP_MS),
                $limits->slowest, $limits->fastest,
            );
            $length = max(1, mb_strlen($scene->text));
            $fits[$scene->id] = [
                'fit' => $fit, 'seconds' => $spans[$line] / 1000,
                'characters' => (int) ceil($length * $fit->overMs / ($heard * Tempo::USUAL / $fit->tempo)),
            ];
        }

        return $fits;
    }

    /**
     * Within a change of that version.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function fit(Short $version, Short $source): void
    {
        $manuscript = $version->manuscript();
        foreach ($this->fits($version, $source) as $id => ['fit' => $fit]) {
            $at = (int) array_search($id, $manuscript->keys, true);
            $own = $manuscript->scenes[$at]->own;
            $isSame = abs((int) ($own->settings->own['tempo'] ?? 0) - $fit->tempo) <= self::SAME
                && abs((int) ($own->settings->own['pause'] ?? 0) - $fit->pauseMs) <= self::SAME_MS;
            $manuscript = $isSame ? $manuscript : $manuscript->withOwn($at, $own->with(
                $own->settings->with('tempo', $fit->tempo)->with('pause', $fit->pauseMs),
            ));
        }
        $this->writer->write($version, $manuscript);
        $version->load('scenes.shots');
    }

    /** @return array<int, int> ms of each scene of the source, with the pause after it, by its id */
    private function spans(Short $source): array
    {
        $summary = $source->cutSummary();
        $scenes = array_values($source->scenes->all());
        $spans = [];
        $isWhole = $summary !== null && count($summary->scenes) === count($scenes);
        foreach ($isWhole ? $summary->scenes : [] as $i => $one) {
            $spans[$scenes[$i]->id] = ($summary->scenes[$i + 1][0] ?? $one[1]) - $one[0];
        }

        return $spans;
    }
}
