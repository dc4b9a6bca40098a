<?php

declare(strict_types=1);

namespace RapidReel\Voice\Align;

use RapidReel\Base\Refusal;

/** A recording in which no words can be found; the message is in the operator's words. */
final class NotAlignable extends Refusal
{
    public static function noSpeech(): self
    {
        return new self('Nobody is heard speaking in this recording.');
    }

    public static function noReference(): self
    {
        return new self('There is nothing in this text that could be spoken.');
    }
}
