<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Framing;

use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;

/** Which shot it is that is framed, and where those beside it are. */
final readonly class FramingPlace
{
    /**
     * @param  int  $word  of the scene at which the shot begins
     * @param  string|null  $before  address of the shot before it
     * @param  string|null  $after  address of the shot after it
     */
    public function __construct(
        public Scene $scene,
        public int $word,
        public ?string $before,
        public ?string $after,
    ) {
    }

    public function short(): Short
    {
        return $this->scene->short;
    }

    /** The words that are said over it. */
    public function says(): string
    {
        return $this->scene->wordsOver($this->word);
    }
}
