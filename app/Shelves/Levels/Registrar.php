<?php

declare(strict_types=1);

namespace App\Shelves\Levels;

use App\Gateways\Voices\VoiceBook;
use App\Media\Artwork\TypefaceBook;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Music;
use App\Shelves\Models\Typeface;
use RapidReel\Base\Target\Targets;
use RapidReel\Plan\Settings\OfferedLooks;
use RapidReel\Plan\Settings\OfferedSounds;
use RapidReel\Plan\Settings\OfferedVoices;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\Type\StylesType;
use RapidReel\Plan\Settings\Type\TargetsType;

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
        $faces = $tables = $logos = $styles = [];
        if ($channel !== null) {
            $faces = Typeface::at($channel)->orderBy('name')->pluck('name', 'face')->all();
            $tables = ColourTable::at($channel)->orderBy('name')->pluck('name', 'hash')->all();
            $logos = Logo::at($channel)->orderBy('name')->pluck('name', 'picture')->all();
            $styles = array_map(
                static fn (array $style): string => $style['name'],
                StylesType::all((string) ($channel->settings->own['caption_styles'] ?? '')),
            );
        }

        return Registry::of(
            $this->voices(),
            new OfferedSounds($music, EffectNames::of($channel)),
            new OfferedLooks(
                TypefaceBook::shipped() + self::named($faces),
                $styles, self::named($tables), self::named($logos), $byHand,
            ),
            new Targets($channel === null ? [] : TargetsType::in($channel->settings)),
        );
    }

    private function voices(): OfferedVoices
    {
        $names = $languages = [];
        foreach ($this->voices->all() as $voice) {
            $names[$voice->id] = $voice->name;
            $languages[$voice->id] = $voice->languageName();
        }

        return new OfferedVoices($names, VoiceBook::DEFAULT, $languages);
    }

    /**
     * Hashes of figures alone are no numbers.
     *
     * @param  array<array-key, string>  $names
     * @return array<string, string>
     */
    private static function named(array $names): array
    {
        return array_combine(array_map(strval(...), array_keys($names)), $names);
    }

    /** Something to choose from came or went. */
    public function forget(): void
    {
        $this->known = [];
    }
}
