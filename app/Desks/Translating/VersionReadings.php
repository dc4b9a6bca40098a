<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Media\Audio\TakeFiles;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Version\TimesOver;
use RapidReel\Text\Translation\Version\VersionLine;
use RapidReel\Voice\Speech\WordTiming;

/** A version without a voice of its own: its words over that of its source, sentence by sentence. */
final readonly class VersionReadings
{
    public function __construct(private TakeFiles $takes)
    {
    }

    /**
     * Within a change of that version.
     *
     * @throws Refusal when the source is not voiced
     */
    public function write(Short $version, Short $source): void
    {
        $takes = $this->takesOf($source);
        $text = $version->versionText();
        foreach ($version->scenes as $scene) {
            $line = $text->lineAt($scene->id);
            if ($line !== null && isset($takes[$line->of])) {
                $this->reading($version, $scene, $line, $takes[$line->of]);
            }
        }
        $version->load('readings');
    }

    /**
     * @throws StrangePlace
     * @throws Refusal
     */
    private function reading(Short $version, Scene $scene, VersionLine $line, string $key): void
    {
        $take = $this->takes->kept($key);
        if ($take === null) {
            throw new Refusal('The voice that its captions stand over is not there any more. Open the first again.');
        }
        $words = TimesOver::of($take->words, $line->pairs, $scene->text, $take->durationMs);
        $times = array_map(static fn (WordTiming $word): array => $word->toArray(), $words);
        $own = hash('xxh128', $key.json_encode($times, JSON_THROW_ON_ERROR));
        if ($this->takes->kept($own) === null) {
            $this->takes->put($own, $this->takes->sound($key), $words);
        }
        Reading::query()->where('short_id', $version->id)->where('text', $scene->text)->delete();
        Reading::query()->create([
            'short_id' => $version->id, 'text' => $scene->text, 'take' => $own, 'accepted' => true, 'dropped' => false,
            'words' => $times, 'remarks' => [],
        ]);
    }

    /**
     * @return array<int, string> keys by the ids of scenes
     *
     * @throws Refusal
     */
    private function takesOf(Short $source): array
    {
        $cut = $source->plannedCut();
        $scenes = array_values($source->scenes->all());
        if ($cut === null || count($cut->scenes) !== count($scenes)) {
            throw new Refusal('The first is not planned yet.');
        }
        $takes = [];
        foreach ($scenes as $i => $scene) {
            $takes[$scene->id] = $cut->scenes[$i]->take;
        }

        return $takes;
    }
}
