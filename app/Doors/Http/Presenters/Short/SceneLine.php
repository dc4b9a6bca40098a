<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Short;

use App\Doors\Http\Presenters\Clock;
use App\Shelves\Models\Note;
use App\Shelves\Models\Scene;

/** A scene on the sheet. */
final readonly class SceneLine
{
    /**
     * @param  array{int, int}|null  $times  where it begins and ends, in ms; null while nobody knows
     * @param  list<ShotLine>  $shots
     * @param  int  $sentences  in it
     * @param  list<Note>  $notes  that stand before its words or among them
     */
    public function __construct(
        public Scene $scene,
        public int $number,
        public ?array $times,
        public array $shots,
        public int $sentences,
        public array $notes,
    ) {
    }

    /** How many settings it has of its own. */
    public function own(): int
    {
        return count($this->scene->settings->own);
    }

    public function start(): string
    {
        return $this->times === null ? '' : Clock::tenths($this->times[0]);
    }

    public function seconds(): string
    {
        return $this->times === null ? '' : number_format(($this->times[1] - $this->times[0]) / 1000, 1);
    }

    /**
     * @param  bool  $before  those before its words, else those among them
     * @return list<Note>
     */
    public function notes(bool $before): array
    {
        return array_values(array_filter(
            $this->notes,
            static fn (Note $note): bool => ($note->offset === 0) === $before,
        ));
    }
}
