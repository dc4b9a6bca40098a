<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Media\Artwork\CubeShelf;
use App\Media\Artwork\TypefaceBook;
use App\Media\Audio\SoundMixer;
use App\Media\Audio\TakeFiles;
use App\Media\Making\LocalMaker;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Order\Analysis;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Render\Recipe;

/** The files that an order is made of, and those that are made of it, as they are named on the media disk. */
final readonly class OrderFiles
{
    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
        private TypefaceBook $faces,
        private CubeShelf $cubes,
        private TakeFiles $takes,
        private Originals $originals,
        private SoundMixer $mixer,
        private LocalMaker $maker,
    ) {
    }

    /** Whether it is one that is worth its way to another machine. */
    public static function travels(Order $order): bool
    {
        return $order instanceof Recipe || $order instanceof MixPlan || $order instanceof Analysis;
    }

    /**
     * @return array<string, bool> whether it is here as it should be, by the name of each
     *
     * @throws StrangePlace
     */
    public function needs(Order $order): array
    {
        $needs = [];
        if ($order instanceof Recipe) {
            foreach ($order->sources() as $source) {
                $needs[$this->store->name($this->store->source($source->key))] = $this->kept->isSource($source->key);
            }
            foreach ([$order->look, $order->to?->look] as $look) {
                $cube = $look?->grade?->table->cube ?? '';
                if ($cube !== '') {
                    $needs[$this->store->name($this->cubes->file($cube))] =
                        @hash_file('sha256', $this->cubes->file($cube)) === $cube;
                }
            }
            foreach ($order->captions->faces as $face) {
                if (str_starts_with($face, TypefaceBook::OWN)) {
                    $needs[$this->store->name($this->faces->file($face))] = $this->faces->has($face);
                }
            }
        } elseif ($order instanceof MixPlan) {
            foreach ($order->voice as ['take' => $take]) {
                $isThere = $this->takes->kept($take) !== null;
                $sound = $this->store->name($this->takes->soundFile($take));
                $needs[$sound] = $isThere;
                $needs[substr($sound, 0, -3).'json'] = $isThere;
            }
            foreach ($order->sounds() as $fingerprint) {
                $needs[$this->store->name($this->originals->file($fingerprint))] =
                    $this->originals->isLaid($fingerprint);
            }
        } elseif ($order instanceof Analysis) {
            $needs[$this->store->name($this->originals->file($order->source))] =
                $this->originals->isLaid($order->source);
        }

        return $needs;
    }

    /**
     * @return list<string> files, each before its seal: what is seen last says that all is there
     *
     * @throws StrangePlace
     */
    public function made(Order $order): array
    {
        $files = $order instanceof MixPlan ? [
            ...$order->music === null ? [] : [$this->mixer->bed($order)],
            $this->mixer->rest($order), $this->mixer->report($order), $this->mixer->file($order),
        ] : [$this->maker->file($order)];
        $names = [];
        foreach ($files as $file) {
            array_push($names, $this->store->name($file), $this->store->name("$file.seal"));
        }

        return $names;
    }
}
