<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use RapidReel\Base\Language\Terms;

/** Words that may stand for each other where a picture is looked for: what is seen is much the same. */
final class NearWords
{
    private const ENGLISH = [
        'boat ship vessel craft steamer ferry sailboat yacht dinghy',
        'sea ocean water wave tide',
        'storm gale tempest hurricane',
        'fog mist haze',
        'lamp lantern light torch beacon',
        'lighthouse beacon tower',
        'keeper watchman guard warden',
        'harbour port quay dock pier wharf jetty',
        'coast shore beach bay cliff',
        'sailor seaman crew mariner captain',
        'fisherman fisher fishing net',
        'bell chime ring',
        'letter note message mail envelope',
        'book logbook diary journal page',
        'map chart',
        'child kid boy girl daughter son',
        'man keeper fellow gentleman',
        'woman lady wife mother',
        'father mother parent family',
        'night dark midnight evening',
        'morning dawn sunrise',
        'evening dusk sunset',
        'sun sunlight sunshine',
        'moon moonlight',
        'star sky constellation',
        'cloud sky',
        'rain shower downpour wet',
        'snow ice frost frozen winter',
        'wind breeze gale',
        'fire flame burn candle',
        'smoke steam',
        'rock stone reef boulder',
        'island isle',
        'mountain hill peak',
        'river stream creek brook',
        'lake pond',
        'forest wood tree',
        'field meadow grass',
        'flower blossom plant garden',
        'road path street way lane',
        'house home cottage hut building',
        'town village city',
        'door gate entrance',
        'window glass pane',
        'room cabin chamber',
        'stairs staircase steps ladder',
        'bridge crossing',
        'dog hound puppy',
        'cat kitten',
        'bird gull seabird',
        'whale dolphin',
        'fish herring cod',
        'horse pony',
        'wreck shipwreck hulk',
        'anchor chain',
        'rope line knot',
        'sail mast canvas',
        'oar rowing row',
        'flag signal pennant',
        'horn foghorn siren whistle',
        'lens glass mirror prism',
        'clock watch hour time',
        'key lock',
        'money coin gold treasure',
        'food bread meal dinner',
        'drink tea cup coffee',
        'hand finger arm',
        'face head portrait eye',
        'phone telephone call',
        'computer laptop screen',
        'car vehicle truck',
        'train railway locomotive',
        'plane aircraft flight',
        'school class lesson',
        'hospital doctor nurse',
        'war battle soldier army',
        'king queen crown',
        'church chapel',
        'grave cemetery tomb',
        'machine engine gear',
        'factory workshop',
        'bottle flask jar',
        'box chest crate',
        'photograph photo picture',
        'crowd people',
        'run running race',
        'walk walking',
        'climb climbing',
        'swim swimming',
        'sleep bed',
        'death dead died',
        'music song piano',
    ];

    /** @var array<string, list<string>>|null  by stem */
    private static ?array $near = null;

    /**
     * @param  string  $term  a stem, as Terms gives it
     * @param  string  $language  as a BCP 47 tag
     * @return list<string> other stems
     */
    public static function of(string $term, string $language = 'en'): array
    {
        return str_starts_with($language, 'en') ? (self::all()[$term] ?? []) : [];
    }

    /** @return array<string, list<string>> */
    private static function all(): array
    {
        if (self::$near === null) {
            self::$near = [];
            foreach (self::ENGLISH as $group) {
                $stems = array_values(array_unique(Terms::of($group)));
                foreach ($stems as $stem) {
                    self::$near[$stem] = array_values(array_unique([
                        ...self::$near[$stem] ?? [],
                        ...array_diff($stems, [$stem]),
                    ]));
                }
            }
        }

        return self::$near;
    }
}
