<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use App\Media\Audio\TakeFiles;
use App\Media\Making\TakeSpeaking;
use App\Media\Store\KeyedLock;
use App\Media\Store\StrangePlace;
use RapidReel\Making\Order\SpokenTake;
use RapidReel\Voice\Speech\Leveler;
use RapidReel\Voice\Speech\SilentTake;
use RapidReel\Voice\Speech\TakeCutter;

/** Has voices speak raw takes, each once: a synthesiser never says the same quite alike twice. */
final readonly class TakeSpeaker implements TakeSpeaking
{
    public function __construct(
        private Voices $voices,
        private TakeCutter $cutter,
        private TakeFiles $files,
        private KeyedLock $locks,
    ) {
    }

    /**
     * @throws StrangePlace
     * @throws VoiceUnavailable
     * @throws SilentTake
     */
    public function speak(SpokenTake $order): bool
    {
        return $this->locks->hold($order->key(), function () use ($order): bool {
            if ($this->files->kept($order->key()) !== null) {
                return false;
            }
            $speech = $this->voices->speak($order->text->said, $order->voice);
            ['sound' => $sound, 'words' => $words] = $this->cutter->cut(
                $speech->sound, $order->text->written, $order->text->written($speech->events),
            );
            $this->files->put($order->key(), Leveler::level($sound), $words);

            return true;
        });
    }
}
