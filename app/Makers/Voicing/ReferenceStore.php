<?php

declare(strict_types=1);

namespace App\Makers\Voicing;

use App\Gateways\Voices\Voices;
use App\Media\Audio\TakeFiles;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Voice\Align\Cepstra;
use RapidReel\Voice\Align\Reference;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\WordTiming;

/** Keeps readings of texts, so that another recording of the same text need not wait for them. */
final readonly class ReferenceStore
{
    public function __construct(
        private MediaStore $store,
        private Voices $voices,
        private KeptFiles $kept,
    ) {
    }

    /**
     * @param  list<string>  $texts
     * @param  callable(): Reference  $read
     *
     * @throws StrangePlace
     */
    public function of(array $texts, Voice $voice, callable $read): Reference
    {
        $key = hash('sha256', json_encode(
            [$this->voices->version(), $voice->id, $voice->speaker->name, $voice->speed, $texts],
            JSON_THROW_ON_ERROR,
        ));
        $file = $this->store->keyed('references', $key, 'reading');
        $kept = $this->kept($file);
        if ($kept !== null) {
            return $kept;
        }
        $reference = $read();
        $folder = $this->store->workFolder();
        try {
            $words = json_encode(TakeFiles::listed($reference->words), JSON_THROW_ON_ERROR);
            $this->store->write("$folder/words", $words."\n");
            $this->store->append("$folder/words", $reference->sound->bytes);
            $this->kept->put("$folder/words", $file);
        } finally {
            $this->store->discard($folder);
        }

        return $reference;
    }

    /** @return Reference|null null where it is not what was written */
    private function kept(string $file): ?Reference
    {
        $stream = $this->kept->isRight($file) ? fopen($file, 'rb') : false;
        if ($stream === false) {
            return null;
        }
        // Read in its two parts: of a long text each copy of the sound is large.
        $rows = json_decode((string) fgets($stream), true);
        $sound = (string) stream_get_contents($stream);
        fclose($stream);
        $words = is_array($rows) ? array_map(WordTiming::fromArray(...), array_values($rows)) : [];

        return $words === [] ? null : new Reference(new Pcm($sound, Cepstra::RATE), $words);
    }
}
