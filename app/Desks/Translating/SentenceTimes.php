<?php

declare(strict_types=1);

namespace App\Desks\Translating;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceRates;
use App\Media\Store\StrangePlace;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Short;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\TranslationUnit;
use RapidReel\Text\Translation\Version\Comparison;
use RapidReel\Text\Translation\Version\RowState;
use RapidReel\Text\Translation\Version\VersionRow;
use RapidReel\Text\Translation\Version\VersionWay;
use RapidReel\Voice\Speech\Voice;

/** How long the sentences of a version take by the measured rate of its voice, said before anything is voiced. */
final readonly class SentenceTimes
{
    /** What is longer than that much of its time a voice is not brought to by its tempo alone. */
    private const ROOM = 1.12;

    public function __construct(
        private VersionUpdate $update,
        private VoiceBook $voices,
        private VoiceRates $rates,
        private Resolver $resolver,
    ) {
    }

    /**
     * @return array<string, array{has: float|null, takes: float|null, long: bool}> by the ids of sentences: seconds
     *   that the source has for it, those that it is likely to take, and whether that is too long for its pictures
     *
     * @throws Refusal
     */
    public function of(Short $version, Comparison $compared): array
    {
        $seconds = array_map(
            static fn (TranslationUnit $unit): ?float => $unit->seconds,
            array_column($this->update->sent($version, $compared)->units, null, 'id'),
        );
        $voice = $this->voice($version);
        $times = [];
        foreach ($compared->scenes as $scene) {
            foreach ($scene->rows as $row) {
                $has = $seconds[$row->id] ?? null;
                $takes = $voice === null ? null : $this->takes($row, $voice);
                $isHeld = $version->way !== VersionWay::Voice;
                $times[$row->id] = [
                    'has' => $has, 'takes' => $takes,
                    'long' => $isHeld && $has !== null && $takes !== null && $takes > $has * self::ROOM,
                ];
            }
        }

        return $times;
    }

    /**
     * @return list<string> ids of sentences that are too long for their pictures
     *
     * @throws Refusal
     */
    public function tooLong(Short $version, Comparison $compared): array
    {
        $long = array_filter($this->of($version, $compared), static fn (array $time): bool => $time['long']);

        return array_map(strval(...), array_keys($long));
    }

    /** @throws StrangePlace */
    private function takes(VersionRow $row, Voice $voice): ?float
    {
        return $row->target === '' || $row->state === RowState::Open
            ? null : $this->rates->of($voice)->ofText($row->target) / 1000;
    }

    /**
     * Null where nobody speaks its language: its captions stand over the first voice.
     *
     * @throws Refusal
     */
    private function voice(Short $version): ?Voice
    {
        $id = $this->resolver->short($version)->text('voice');
        foreach ($this->voices->all() as $voice) {
            if ($voice->id === $id) {
                return $voice->primaryLanguage() === WrittenAs::primary($version->language) ? $voice : null;
            }
        }

        return null;
    }
}
