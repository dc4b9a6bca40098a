<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use App\Shelves\Models\Channel;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\SettingValues;

/** What holds for all scripts of an intake, unless a script says otherwise. */
final readonly class ScriptChoices
{
    public SettingValues $settled;

    /**
     * @param  Values  $own  what is set for all of them
     * @param  string  $channel  its name, which is no hook
     * @param  array<string, string>  $pronunciations  how to say it, by what is written
     */
    public function __construct(
        Registry $registry,
        public Values $own = new Values,
        Values $house = new Values,
        public string $channel = '',
        public array $pronunciations = [],
    ) {
        $this->settled = SettingValues::defaults($registry)->and(Level::Channel, $house)->and(Level::Batch, $own);
    }

    public static function of(Channel $channel, Registry $registry, Values $own): self
    {
        return new self($registry, $own, $channel->settings, $channel->name, $channel->pronunciations());
    }
}
