<?php

declare(strict_types=1);

namespace App\Http;

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

        return array_values(array_map(
            static fn (string $name): string => '^'.preg_quote($name, '/').'$',
            array_filter(array_map(trim(...), $names), static fn (string $name): bool => $name !== ''),
        ));
    }
}
