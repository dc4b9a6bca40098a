<?php

declare(strict_types=1);

namespace App\Settings;

use App\Gateways\Voices\VoiceBook;
use App\Models\Channel;
use App\Models\Music;
use RapidReel\Settings\Registry;

/** Knows the settings with what there is to choose from: the voices that speak here, and a channel's music. */
final class Registrar
{
    /** @var array<int, Registry> */
    private array $known = [];

    public function __construct(private readonly VoiceBook $voices)
    {
    }

    /** Without a channel there is no music to choose from. */
    public function of(?Channel $channel): Registry
    {
        return $this->known[$channel->id ?? 0] ??= $this->with(
            $channel === null ? [] : Music::at($channel)->orderBy('name')->pluck('name', 'id')->all(),
        );
    }

    /** @param  array<array-key, string>  $music  names by id */
    public function with(array $music): Registry
    {
        $names = $languages = [];
        foreach ($this->voices->all() as $voice) {
            $names[$voice->id] = $voice->name;
            $languages[$voice->id] = $voice->languageName();
        }

        return Registry::of($names, VoiceBook::DEFAULT, $languages, $music);
    }

    /** Something to choose from came or went. */
    public function forget(): void
    {
        $this->known = [];
    }
}
