<?php

declare(strict_types=1);

namespace App\Desks\Results;

use App\Desks\Editing\PatternDesk;
use App\Shelves\Models\Post;
use RapidReel\Base\Refusal;
use RapidReel\Text\Hook\HookShape;

/** What worked becomes the next batch: its settings a pattern, its shape of a hook the first of the sketches. */
final readonly class NextBatch
{
    public function __construct(private PatternDesk $patterns)
    {
    }

    /**
     * @return array{string, string} where it goes on from, and what was done
     *
     * @throws Refusal where the short is gone
     */
    public function like(Post $post): array
    {
        $short = $post->short()->with(['batch.channel', 'scenes'])->first()
            ?? throw new Refusal('This short was deleted, and its settings with it.');
        $name = mb_strimwidth("Like {$short->title}", 0, 60, '…');
        try {
            $this->patterns->keep($short, $name);
            $said = "Its settings are kept as “{$name}”: choose that pattern for the new batch.";
        } catch (Refusal) {
            $said = 'It was made as the house style says, so that a new batch is like it from the start.';
        }
        $shapes = HookShape::in(trim($short->scenes->first()->text ?? ''));

        return [route('sketches', $shapes === [] ? [] : ['shape' => $shapes[0]->value]), $said];
    }
}
