<?php

declare(strict_types=1);

namespace App\Makers\Planning;

use App\Gateways\Voices\VoiceBook;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Short;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\SettingsReader;

/** The language that a short is in: that of a version, or by the voice that reads it. */
final readonly class ShortLanguage
{
    public function __construct(private Resolver $resolver, private VoiceBook $voices)
    {
    }

    /**
     * @return string primary part of a BCP 47 tag
     *
     * @throws Refusal
     */
    public function of(Short $short): string
    {
        return $short->language !== '' ? WrittenAs::primary($short->language)
            : $this->voices->saying(SettingsReader::speech($this->resolver->short($short)))->primaryLanguage();
    }
}
