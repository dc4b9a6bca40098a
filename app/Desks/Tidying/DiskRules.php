<?php

declare(strict_types=1);

namespace App\Desks\Tidying;

use App\Shelves\Models\MachineSetting;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;

/** How much of the disk is given to what, and for how long: set for the whole installation. */
final readonly class DiskRules
{
    public const GIGABYTE = 1_000_000_000;

    private const BUDGET = 'disk_budget_gb';

    private const AGE = 'disk_move_after_days';

    private const MOST_GIGABYTES = 100_000;

    private const MOST_DAYS = 3_650;

    /**
     * @param  int|null  $gigabytes  for what can be made again; null for as much as there is
     * @param  int|null  $days  after which finished files are moved to the other disk; null for never
     */
    private function __construct(
        public ?int $gigabytes,
        public ?int $days,
    ) {
    }

    public static function read(): self
    {
        $set = MachineSetting::query()->whereIn('name', [self::BUDGET, self::AGE])->pluck('value', 'name')->all();

        return new self(
            isset($set[self::BUDGET]) ? (int) $set[self::BUDGET] : null,
            isset($set[self::AGE]) ? (int) $set[self::AGE] : null,
        );
    }

    /**
     * @param  string  $gigabytes  as it is written; empty for no bound
     * @param  string  $days  as it is written; empty for never
     *
     * @throws Refusal
     */
    public static function write(string $gigabytes, string $days): self
    {
        $rules = new self(
            self::number($gigabytes, self::MOST_GIGABYTES, 'The budget is a whole number of gigabytes'),
            self::number($days, self::MOST_DAYS, 'Finished files are moved after a whole number of days'),
        );
        DB::transaction(static function () use ($rules): void {
            foreach ([self::BUDGET => $rules->gigabytes, self::AGE => $rules->days] as $name => $value) {
                $value === null
                    ? MachineSetting::query()->whereKey($name)->delete()
                    : MachineSetting::query()->updateOrCreate(['name' => $name], ['value' => $value]);
            }
        });

        return $rules;
    }

    /** @return int|null bytes for what can be made again */
    public function budget(): ?int
    {
        return $this->gigabytes === null ? null : $this->gigabytes * self::GIGABYTE;
    }

    /** @throws Refusal */
    private static function number(string $written, int $most, string $what): ?int
    {
        $written = trim($written);
        if ($written === '') {
            return null;
        }
        if (preg_match('/^\d{1,6}$/D', $written) !== 1 || (int) $written < 1 || (int) $written > $most) {
            throw new Refusal("$what from 1 to ".number_format($most).', or nothing.');
        }

        return (int) $written;
    }
}
