<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

/** Where voices of other makers come from: a program on this machine, or a service. */
final readonly class OutsideSource
{
    /**
     * @param  string  $id  letters, digits and hyphens; voices are called "id.voice"
     * @param  list<string>  $command  a program with its arguments; empty for a service
     * @param  string  $url  of a service, without a slash at its end; empty for a program
     * @param  array<string, string>  $headers  that a service wants with every request
     * @param  list<array<string, mixed>>  $voices  a program's; a service tells its own
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $command = [],
        public string $url = '',
        public array $headers = [],
        public Patience $patience = new Patience,
        public array $voices = [],
    ) {
    }
}
