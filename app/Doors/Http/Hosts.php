<?php

declare(strict_types=1);

namespace App\Doors\Http;

/** By which names the application may be asked for: another one in a request is a trick. */
final class Hosts
{
    /** @return list<string> regular expressions */
    public static function patterns(): array
    {
        $names = [
            (string) parse_url((string) config('app.url'), PHP_URL_HOST),
            'localhost', '127.0.0.1', '[::1]', (string) gethostname(),
            ...explode(',', (string) config('reel.hosts')),
        ];

        return array_map(
            static fn (string $name): string => '^'.preg_quote($name, '/').'$',
            self::filled($names),
        );
    }

    /** @return list<string> addresses and networks of servers that stand before this one */
    public static function proxies(): array
    {
        // Everybody is no proxy.
        return array_values(array_diff(self::filled(explode(',', (string) config('reel.proxies'))), ['*', '**']));
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function filled(array $names): array
    {
        return array_values(array_filter(
            array_map(trim(...), $names), static fn (string $name): bool => $name !== '',
        ));
    }
}
