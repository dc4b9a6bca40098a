<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Targets;

final readonly class TargetsView
{
    /**
     * @param  list<TargetRow>  $rows
     * @param  array<string, string>  $form  what is typed of the one that is open, by field; empty where none is
     * @param  array<string, array{size: array{int, int}, safe: array<string, float>}>  $shapes  by id: the size of
     *   each, and in percent what is usually covered at its edges
     * @param  string  $shape  that is set for the channel
     * @param  string|null  $picture  address of a frame of a short
     */
    public function __construct(
        public array $rows,
        public array $form,
        public array $shapes,
        public string $shape,
        public ?string $picture,
    ) {
    }
}
