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

    public static function badFile(string $file, string $why): self
    {
        return new self('The file of voices '.basename($file)." cannot be used: $why.");
    }

    /** @param  string  $what  such as "gave no answer." */
    public static function by(string $name, string $what): self
    {
        return new self("The voice service “{$name}” $what");
    }

    public static function failed(string $name, string $why): self
    {
        return new self("The voices of {$name} could not speak: $why.");
    }

    public static function tookTooLong(string $name, int $seconds): self
    {
        return new self("The voices of {$name} took longer than {$seconds} s, or cannot be started.");
    }

    public static function gaveTooMuch(string $name): self
    {
        return new self("The voices of {$name} gave more sound than fits into a take.");
    }

    public static function saysNonsense(string $name, string $why): self
    {
        return new self("The voices of {$name} gave something that cannot be used: $why.");
    }

    public static function unknown(string $id): self
    {
        return new self("There is no voice “{$id}”.");
    }
}
