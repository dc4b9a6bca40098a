<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use DateTimeZone;
use RapidReel\Base\Refusal;

/** A time zone of the IANA database, by the name of a place. */
final readonly class ZoneType implements SettingType
{
    public function read(string $written): string
    {
        $plain = str_replace(' ', '_', trim($written));
        foreach (self::names() as $name) {
            if (strcasecmp($name, $plain) === 0) {
                return $name;
            }
        }

        throw new Refusal(sprintf(
            'There is no time zone “%s”. Zones are called as places are, such as Europe/Lisbon, or UTC.',
            mb_strimwidth(mb_scrub($written), 0, 40, '…'),
        ));
    }

    public function says(int|float|string $value): string
    {
        return str_replace('_', ' ', (string) $value);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return DateTimeZone::listIdentifiers();
    }

    public function toArray(): array
    {
        return ['type' => 'zone'];
    }
}
