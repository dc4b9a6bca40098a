<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/** What a voice is of: the synthesisers that ship, and voices of other makers. */
enum VoiceEngine: string
{
    case Narrator = 'narrator';
    case Diphones = 'diphones';
    case Command = 'command';
    case Service = 'service';

    /** Whether it is of another maker: asked for nothing that is not needed. */
    public function isOutside(): bool
    {
        return $this === self::Command || $this === self::Service;
    }
}
