<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Doors\Http\Presenters\Settings\SettingGroup;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use RapidReel\Base\Colour\Looks;
use RapidReel\Pictures\Framing\Framing;
use RapidReel\Plan\Choice\TransitionKind;

final readonly class HouseView
{
    /**
     * @param  array<string, SettingGroup>  $groups  by section
     * @param  list<LogoCard>  $logos
     * @param  list<array{batch: Batch, shorts: int, exports: int, of: int}>  $own  batches with values of their own
     * @param  int  $shorts  of the channel
     * @param  Footage|null  $shown  on which looks and transitions are shown; null where there is none
     * @param  Footage|null  $wide  on which framings are
     */
    public function __construct(
        public Channel $channel,
        public array $groups,
        public array $logos,
        public array $own,
        public int $shorts,
        public ?Footage $shown,
        public ?Footage $wide,
    ) {
    }

    /** @return array<string, string> */
    public function looks(): array
    {
        return ['none' => 'as it is'] + Looks::labels();
    }

    /** @return array<string, string> */
    public function framings(): array
    {
        return self::named(Framing::cases());
    }

    /** @return array<string, string> */
    public function transitions(): array
    {
        return self::named(TransitionKind::cases());
    }

    /**
     * @param  array<Framing|TransitionKind>  $cases
     * @return array<string, string>
     */
    private static function named(array $cases): array
    {
        return array_combine(
            array_column($cases, 'value'),
            array_map(static fn (Framing|TransitionKind $one): string => $one->label(), $cases),
        );
    }
}
