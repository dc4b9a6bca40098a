<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sheet;

use App\Media\Audio\SoundMixer;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Music;
use App\Shelves\Models\Short;
use RapidReel\Making\Mix\Ducking;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Mix\MusicBed;
use RapidReel\Plan\Choice\MusicChoice;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutWord;
use RapidReel\Plan\Settings\SettingsReader;

/**
 * What is heard of a short, for its sheet: the level of the music as it is set at this moment, and both halves of the
 * last mix, out of which the page plays another level until the new mix is there.
 */
final readonly class SheetSound
{
    public function __construct(
        private SoundMixer $mixer,
        private Resolver $resolver,
    ) {
    }

    /**
     * @param  Cut  $cut  as it is at this moment
     * @param  Cut|null  $last  as it was planned last, whether or not that is still so
     * @return array{name: string, ...<string, mixed>}
     */
    public function of(Short $short, Cut $cut, ?Cut $last): array
    {
        $music = $this->music($short, $last);
        $plan = $last === null ? null : MixPlan::of($last);
        $report = $plan === null ? null : json_decode((string) @file_get_contents($this->mixer->report($plan)), true);
        $isThere = $plan !== null && is_array($report) && is_file($this->mixer->rest($plan));
        $bed = $music === null ? null : MusicBed::of($music, $cut->durationMs);

        return [
            'name' => $music === null ? '' : (string) (Music::query()->whereKey($music->id)->value('name') ?? 'music'),
            'under' => $music?->level->under,
            'line' => $music === null || $bed === null
                ? []
                : Ducking::of($music, $cut->words, $cut->durationMs, $bed->fadeMs)->points,
            'moved' => $music->level->line ?? [],
            // The same halves serve while these are the same.
            'halves' => hash('xxh128', serialize([
                $music?->fingerprint, $bed,
                array_map(static fn (CutWord $word): array => [
                    $word->timing->text, $word->timing->startMs, $word->timing->endMs,
                ], $cut->words),
            ])),
            'gain' => $isThere ? $report['gain'] ?? 0 : 0,
            'over' => $isThere ? $report['over'] ?? 0 : 0,
            'clear' => $isThere ? $report['clear'] ?? null : null,
            'rest' => $isThere ? $this->half($short, 'rest', $plan->key()) : null,
            'bed' => $isThere && is_file($this->mixer->bed($plan)) ? $this->half($short, 'bed', $plan->bedKey()) : null,
            'of' => $isThere ? substr($plan->key(), 0, 16) : null,
        ];
    }

    private function half(Short $short, string $half, string $key): string
    {
        return route('sheet.half', [$short, $half, 'v' => substr($key, 0, 16)]);
    }

    /** The piece as it is set now: that of the last plan, unless another was chosen. */
    private function music(Short $short, ?Cut $last): ?CutMusic
    {
        $music = SettingsReader::short($this->resolver->short($short))->music;
        $chosen = $music->piece;
        if ($chosen === MusicChoice::NONE || ($last?->sound->music === null && $chosen === MusicChoice::AUTOMATIC)) {
            return null;
        }
        $piece = $chosen === MusicChoice::AUTOMATIC || $chosen === $last?->sound->music?->id
            ? $last->sound->music
            : Music::at($short->batch->channel)->whereKey($chosen)->first()?->piece();

        return $piece?->at($music->level);
    }
}
