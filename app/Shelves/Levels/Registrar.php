<?php

declare(strict_types=1);

namespace App\Shelves\Levels;

use App\Gateways\Voices\VoiceBook;
use App\Media\Artwork\FaceBook;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Face;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Music;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\Type\StylesType;

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
        return $this->known[$channel->id ?? 0] ??= $this->choosing(
            $channel === null ? [] : Music::at($channel)->orderBy('name')->pluck('name', 'id')->all(),
            $channel === null ? [] : Footage::byHand($channel),
            $channel,
        );
    }

    /**
     * What a channel has to choose from, with other music and footage.
     *
     * @param  array<array-key, string>  $music  names by id
     * @param  array<string, array<array-key, string>>  $byHand  names of footage that is chosen by hand, by tag and id
     */
    public function choosing(array $music, array $byHand, ?Channel $channel): Registry
    {
        return $channel === null ? $this->with($music, byHand: $byHand) : $this->with(
            $music,
            Face::at($channel)->orderBy('name')->pluck('name', 'face')->all(),
            array_map(
                static fn (array $style): string => $style['name'],
                StylesType::all((string) ($channel->settings->own['caption_styles'] ?? '')),
            ),
            EffectNames::of($channel),
            ColourTable::at($channel)->orderBy('name')->pluck('name', 'hash')->all(),
            Logo::at($channel)->orderBy('name')->pluck('name', 'picture')->all(),
            $byHand,
        );
    }

    /**
     * @param  array<array-key, string>  $music  names by id
     * @param  array<array-key, string>  $faces  names of those that were brought, by id
     * @param  array<string, string>  $styles  names of own caption styles, by id
     * @param  array<string, string>  $effects  names by id; those that ship where none are given
     * @param  array<array-key, string>  $tables  names of colour tables by the hash of each
     * @param  array<array-key, string>  $logos  names by the hash of each picture
     * @param  array<string, array<array-key, string>>  $byHand  names of footage that is chosen by hand, by tag and id
     */
    private function with(
        array $music,
        array $faces = [],
        array $styles = [],
        array $effects = [],
        array $tables = [],
        array $logos = [],
        array $byHand = [],
    ): Registry {
        $names = $languages = [];
        foreach ($this->voices->all() as $voice) {
            $names[$voice->id] = $voice->name;
            $languages[$voice->id] = $voice->languageName();
        }

        $faces = array_combine(array_map(strval(...), array_keys($faces)), $faces);

        return Registry::of(
            $names,
            VoiceBook::DEFAULT,
            $languages,
            $music,
            FaceBook::shipped() + $faces,
            $styles,
            $effects === [] ? EffectNames::of(null) : $effects,
            array_combine(array_map(strval(...), array_keys($tables)), $tables),
            array_combine(array_map(strval(...), array_keys($logos)), $logos),
            $byHand,
        );
    }

    /** Something to choose from came or went. */
    public function forget(): void
    {
        $this->known = [];
    }
}
