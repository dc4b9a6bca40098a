<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Schedule;

use DateTimeImmutable;
use DateTimeZone;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\Type\ZoneType;

/**
 * What a clock on the wall of a place shows, as moments and back: an hour that comes twice is its first, one that is
 * left out is as long after the change as it would have been (RFC 5545, section 3.3.5). PHP itself takes now the one,
 * now the other.
 */
final readonly class WallClock
{
    public const FORM = 'Y-m-d H:i';

    private const DAY = 86_400;

    private DateTimeZone $zone;

    /** @throws Refusal where there is no such place in the zone database */
    public function __construct(public string $name)
    {
        $this->zone = new DateTimeZone((new ZoneType)->read($name));
    }

    /**
     * @param  string  $local  as `FORM`
     * @return DateTimeImmutable in UTC
     *
     * @throws Refusal where it is no moment of the calendar
     */
    public function moment(string $local): DateTimeImmutable
    {
        $read = DateTimeImmutable::createFromFormat('!'.self::FORM, $local, new DateTimeZone('UTC'));
        if ($read === false || $read->format(self::FORM) !== $local) {
            throw new Refusal(sprintf('“%s” is not a day and hour.', mb_strimwidth(mb_scrub($local), 0, 30, '…')));
        }
        $wall = $read->getTimestamp();
        $offsets = $this->offsetsAround($wall);
        $moments = [];
        foreach ($offsets as $offset) {
            if ($this->offsetAt($wall - $offset) === $offset) {
                $moments[] = $wall - $offset;
            }
        }

        return self::at($moments === [] ? $wall - $offsets[0] : min($moments));
    }

    /** @return string as `FORM` */
    public function local(DateTimeImmutable $moment): string
    {
        return $moment->setTimezone($this->zone)->format(self::FORM);
    }

    /** @return string Y-m-d */
    public function day(DateTimeImmutable $moment): string
    {
        return substr($this->local($moment), 0, 10);
    }

    /** @return non-empty-list<int> seconds east of UTC that hold about a moment, in their order */
    private function offsetsAround(int $wall): array
    {
        $offsets = array_map(
            static fn (array $one): int => $one['offset'],
            $this->zone->getTransitions($wall - self::DAY, $wall + self::DAY),
        );

        return $offsets === [] ? [$this->offsetAt($wall)] : $offsets;
    }

    private function offsetAt(int $moment): int
    {
        return $this->zone->getOffset(self::at($moment));
    }

    private static function at(int $moment): DateTimeImmutable
    {
        return (new DateTimeImmutable('@0'))->setTimestamp($moment)->setTimezone(new DateTimeZone('UTC'));
    }
}
