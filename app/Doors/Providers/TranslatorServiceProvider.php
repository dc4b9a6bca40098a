<?php

declare(strict_types=1);

namespace App\Doors\Providers;

use App\Gateways\Service\ServiceCall;
use App\Gateways\Translating\CommandTranslator;
use App\Gateways\Translating\ServiceTranslator;
use App\Gateways\Translating\StandInTranslator;
use App\Gateways\Translating\Translating;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\ServiceProvider;
use RapidReel\Base\Refusal;

/** Who translates: a service, a program, or the phrase book that ships. */
final class TranslatorServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Translating::class, static function (Application $app): Translating {
            [$url, $command] = [(string) config('reel.translator'), (string) config('reel.translator_command')];

            return match (true) {
                $url !== '' => new ServiceTranslator(
                    $app->make(ServiceCall::class), rtrim($url, '/'), config('reel.translator_key') === ''
                        ? [] : ['Authorization' => 'Bearer '.config('reel.translator_key')],
                ),
                $command !== '' => new CommandTranslator(self::command($command)),
                default => new StandInTranslator(resource_path('phrases')),
            };
        });
    }

    /**
     * @return non-empty-list<string>
     *
     * @throws Refusal
     */
    private static function command(string $written): array
    {
        $command = json_decode($written, true);
        $parts = is_array($command) ? array_values(array_filter($command, is_string(...))) : [];

        return $parts === [] || count($parts) !== count((array) $command)
            ? throw new Refusal('REEL_TRANSLATOR_COMMAND is to be a program and its arguments as a JSON list.')
            : $parts;
    }
}
