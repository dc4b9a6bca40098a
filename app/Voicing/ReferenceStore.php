<?php

declare(strict_types=1);

namespace App\Voicing;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\Voices;
use App\Media\MediaStore;
use App\Media\TakeFiles;
use RapidReel\Align\Cepstra;
use RapidReel\Align\Reference;
use RapidReel\Voice\Pcm;
use RapidReel\Voice\WordTiming;

/** Keeps readings of texts, so that another recording of the same text need not wait for them. */
final readonly class ReferenceStore
{
    public function __construct(private MediaStore $store, private Voices $voices)
    {
    }

    /**
     * @param  list<string>  $texts
     * @param  callable(): Reference  $read
     */
    public function of(array $texts, Voice $voice, callable $read): Reference
    {
        $key = hash('sha256', json_encode(
            [$this->voices->version(), $voice->id, $voice->engine, $voice->speed, $texts],
            JSON_THROW_ON_ERROR,
        ));
        $file = $this->store->keyed('references', $key, 'reading');
        $kept = is_file($file) ? self::parse((string) file_get_contents($file)) : null;
        if ($kept !== null) {
            return $kept;
        }
        $reference = $read();
        $words = json_encode(TakeFiles::listed($reference->words), JSON_THROW_ON_ERROR);
        $body = "$words\n{$reference->sound->bytes}";
        $this->store->put($file, hash('xxh128', $body)."\n$body");

        return $reference;
    }

    /** @return Reference|null null where it is not what was written */
    private static function parse(string $contents): ?Reference
    {
        [$digest, $body] = [...explode("\n", $contents, 2), ''];
        if (hash('xxh128', $body) !== $digest) {
            return null;
        }
        [$json, $sound] = [...explode("\n", $body, 2), ''];
        /** @var list<array{text: string, start_ms: int, end_ms: int}> $rows */
        $rows = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        $words = array_map(WordTiming::fromArray(...), $rows);

        return $words === [] ? null : new Reference(new Pcm($sound, Cepstra::RATE), $words);
    }
}
