<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Schedule;

use RapidReel\Base\Refusal;

/** At which hours of which days one outlet gets a short. */
final readonly class PostHours
{
    public const MOST_A_DAY = 24;

    private const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /**
     * @param  non-empty-list<string>  $hours  HH:MM, in their order
     * @param  int  $perDay  of them are used
     * @param  list<int>  $off  days of the week without any: 1 is Monday
     */
    private function __construct(
        public array $hours,
        public int $perDay,
        public array $off,
    ) {
    }

    /**
     * @param  string  $hours  as they are typed: "8, 12:30 18.15"
     * @param  string  $off  days off, as "sat, sun"; empty for none
     * @param  int|null  $perDay  null for as many as there are hours
     *
     * @throws Refusal that says what is none
     */
    public static function read(string $hours, string $off = '', ?int $perDay = null): self
    {
        $read = [];
        foreach (self::parts($hours) as $part) {
            if (preg_match('/^([01]?\d|2[0-3])(?:[:.h]([0-5]\d)?)?$/D', $part, $found) !== 1) {
                throw new Refusal(sprintf(
                    '“%s” is not an hour of the day. Hours are written 8:00, 12:30, 18:00.',
                    mb_strimwidth($part, 0, 20, '…'),
                ));
            }
            $read[] = sprintf('%02d:%02d', (int) $found[1], (int) ($found[2] ?? 0));
        }
        $read = array_values(array_unique($read));
        sort($read);
        if ($read === [] || count($read) > self::MOST_A_DAY) {
            throw new Refusal(sprintf('Say one to %d hours at which shorts are posted.', self::MOST_A_DAY));
        }
        $days = [];
        foreach (self::parts(mb_strtolower($off)) as $part) {
            $day = array_search(substr($part, 0, 3), self::DAYS, true);
            $days[] = $day === false
                ? throw new Refusal(sprintf('“%s” is not a day of the week.', mb_strimwidth($part, 0, 20, '…')))
                : $day + 1;
        }
        $days = array_values(array_unique($days));
        sort($days);
        if (count($days) === count(self::DAYS)) {
            throw new Refusal('With all seven days off nothing would ever be posted.');
        }
        $perDay ??= count($read);
        if ($perDay < 1 || $perDay > count($read)) {
            throw new Refusal(sprintf(
                '%d a day need as many hours; %d %s set.', $perDay, count($read), count($read) === 1 ? 'is' : 'are',
            ));
        }

        return new self($read, $perDay, $days);
    }

    public function isOff(int $weekday): bool
    {
        return in_array($weekday, $this->off, true);
    }

    /** @return list<string> the hours of a day that are used: spread over all of those set */
    public function used(): array
    {
        $count = count($this->hours);
        $step = $this->perDay === 1 ? 0 : ($count - 1) / ($this->perDay - 1);

        return array_map(
            fn (int $number): string => $this->hours[(int) round($number * $step)],
            range(0, $this->perDay - 1),
        );
    }

    public function hoursText(): string
    {
        return implode(', ', $this->hours);
    }

    public function offText(): string
    {
        return implode(', ', array_map(static fn (int $day): string => self::DAYS[$day - 1], $this->off));
    }

    /** @return list<string> */
    private static function parts(string $written): array
    {
        return preg_split('/[\s,;]+/u', mb_scrub($written), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
