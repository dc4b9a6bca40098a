<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use RapidReel\Base\Refusal;

final class VoiceUnavailable extends Refusal
{
    public static function notInstalled(string $why): self
    {
        return new self("The built-in narrator cannot speak on this machine: $why Run bin/setup.");
    }

    public static function unknown(string $id): self
    {
        return new self("There is no voice “{$id}”.");
    }
}
