<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use Illuminate\Console\Command;
use RapidReel\Plan\Settings\Setting;

final class SettingsCommand extends Command
{
    use Answers;
    use NamesChannel;

    protected $signature = 'reel:settings {--channel= : with the music of a channel, by its name or number}';

    protected $description = 'Lists every setting with its range, its default, where it may be set and what it makes '
        .'stale, as JSON';

    public function handle(Registrar $registrar): int
    {
        return $this->guarded(function () use ($registrar): int {
            $channel = $this->channel() ?? Channel::query()->orderBy('id')->first();
            $settings = array_values($registrar->of($channel)->all());
            $this->printJson([
                'settings' => array_map(static fn (Setting $setting): array => $setting->toArray(), $settings),
            ]);

            return self::SUCCESS;
        });
    }
}
