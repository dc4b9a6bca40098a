<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

/** The synthesisers that ship. */
enum VoiceEngine: string
{
    case Narrator = 'narrator';
    case Diphones = 'diphones';
}
