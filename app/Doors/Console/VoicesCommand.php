<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Gateways\Voices\Outside\OutsideVoices;
use App\Gateways\Voices\VoiceBook;
use Illuminate\Console\Command;
use RapidReel\Voice\Speech\Voice;

final class VoicesCommand extends Command
{
    use Answers;

    protected $signature = 'reel:voices {--refresh : ask the services of other makers which voices they have}';

    protected $description = 'Lists all voices, those of other makers with them';

    public function handle(OutsideVoices $outside, VoiceBook $voices): int
    {
        return $this->guarded(function () use ($outside, $voices): int {
            $isWell = true;
            if ($this->option('refresh')) {
                foreach ($outside->refresh() as $name => $told) {
                    $isWell = $isWell && is_int($told);
                    $this->line(is_int($told) ? "{$name}: $told voices" : $told);
                }
            }
            $this->table(
                ['voice', 'name', 'language', 'accent', 'of'],
                array_map(
                    static fn (Voice $voice): array => [
                        $voice->id, $voice->name, $voice->language, $voice->accent, $voice->source->value,
                    ],
                    $voices->all(),
                ),
            );

            return $isWell ? self::SUCCESS : self::FAILURE;
        });
    }
}
