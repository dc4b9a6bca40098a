<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Media\Store\Bundle;
use JsonException;
use JsonSchema\Validator;
use RapidReel\Base\Refusal;
use stdClass;

/** The file of a house style, read and found to be one before anything is done with it. */
final readonly class HouseFile
{
    public const KIND = 'rapid-reel-house-style';

    public const VERSION = 1;

    /** Known by numbers that mean something else elsewhere. */
    public const OF_THIS_PLACE = ['music'];

    public const MOST_BYTES = 120 * 1024 * 1024;

    private const MOST_ENTRIES = 200;

    /** Of house.json, and of each file that it names. */
    private const MOST_JSON = 4_000_000;

    private const MOST_OF_ONE = 30_000_000;

    private const DEEPEST = 8;

    /**
     * @param  array<string, bool|float|int|string>  $settings
     * @param  array<string, string>  $words
     * @param  list<array{kind: string, id: string, name: string, file: string}>  $files
     */
    private function __construct(
        private Bundle $bundle,
        public array $settings,
        public array $words,
        public array $files,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls it
     *
     * @throws Refusal when it is no such file
     */
    public static function read(string $path, string $name): self
    {
        if ((int) @filesize($path) > self::MOST_BYTES) {
            throw new Refusal(sprintf('“%s” is larger than %d MB.', $name, self::MOST_BYTES / 1024 / 1024));
        }
        $bundle = Bundle::open($path, $name, self::MOST_ENTRIES, self::MOST_BYTES);
        if (! $bundle->has('house.json')) {
            throw new Refusal("“{$name}” holds no house style (house.json).");
        }
        try {
            $house = json_decode(
                $bundle->read('house.json', self::MOST_JSON) ?? '', false, self::DEEPEST, JSON_THROW_ON_ERROR,
            );
        } catch (JsonException) {
            throw new Refusal("house.json in “{$name}” cannot be read: it is damaged, or larger than it may be.");
        }
        if (! $house instanceof stdClass || ($house->kind ?? '') !== self::KIND) {
            throw new Refusal("“{$name}” holds no house style (house.json).");
        }
        if (($house->version ?? 0) !== self::VERSION) {
            throw new Refusal("The house style in “{$name}” was made by a later version.");
        }
        self::compare($house, $name);
        /** @var array{settings?: array<string, scalar>, words?: array<string, string>,
         *             files?: list<array{kind: string, id: string, name: string, file: string}>} $read */
        $read = json_decode((string) json_encode($house), true);

        return new self($bundle, $read['settings'] ?? [], $read['words'] ?? [], $read['files'] ?? []);
    }

    /**
     * What one of its files holds; each is read once.
     *
     * @param  array{kind: string, id: string, name: string, file: string}  $file
     *
     * @throws Refusal
     */
    public function contents(array $file): string
    {
        if (! $this->bundle->has($file['file'])) {
            throw new Refusal("“{$file['name']}” is named in it, and not there.");
        }

        return $this->bundle->read($file['file'], self::MOST_OF_ONE)
            ?? throw new Refusal("“{$file['name']}” is larger than it may be in a house style. Upload it by itself.");
    }

    /** @throws Refusal when it has not the form that an export has */
    private static function compare(stdClass $house, string $name): void
    {
        $validator = new Validator;
        $validator->validate($house, json_decode(
            (string) file_get_contents(resource_path('data/house-style.schema.json')), false, 32, JSON_THROW_ON_ERROR,
        ));
        /** @var list<array{property: string, message: string}> $wrong */
        $wrong = $validator->getErrors();
        if ($wrong !== []) {
            throw new Refusal(sprintf(
                'house.json in “%s” is not as “Export” writes it: at “%s”, %s. Nothing of it was imported.',
                $name,
                mb_strimwidth(mb_scrub($wrong[0]['property'] ?: 'its begin'), 0, 60, '…'),
                mb_strimwidth(mb_scrub(lcfirst($wrong[0]['message'])), 0, 120, '…'),
            ));
        }
    }
}
