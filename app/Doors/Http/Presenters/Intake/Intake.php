<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Intake;

use App\Desks\Editing\PatternDesk;
use App\Doors\Http\Presenters\Settings\SettingGroup;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Setting;

/** The page where scripts are brought in. */
final readonly class Intake
{
    public function __construct(private Resolver $resolver)
    {
    }

    public function of(Channel $channel): IntakeView
    {
        $settled = $this->resolver->channel($channel);
        $all = $settled->registry->common(Level::Batch);

        return new IntakeView(
            array_filter($all, static fn (Setting $setting): bool => $setting->isMain()),
            SettingGroup::bySection(array_filter($all, static fn (Setting $setting): bool => ! $setting->isMain())),
            array_map(
                static fn (Setting $setting): string => $setting->type->says($settled->value($setting->key)),
                $all,
            ),
            $settled->text('voice'),
            PatternDesk::of($channel),
        );
    }
}
