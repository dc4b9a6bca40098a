<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\Matching\Collection;

/** The footage and music at hand, with where each lies on disk. */
final readonly class Shelf
{
    public const LOGO = 'logo ';

    /** @var array<array-key, Footage> by id */
    public array $footage;

    /**
     * @param  list<Footage>  $footage
     * @param  array<array-key, string>  $footagePaths  by id
     * @param  array<array-key, string|null>  $seals  size and hash of a piece of footage by id, if they are known
     * @param  array<array-key, string>  $names  of footage by id, where that is no name; of logos by theirs behind
     *                                           their kind
     * @param  array<array-key, array{int, int}>  $logos  width and height by the hash of each picture
     * @param  Collection|null  $collection  all footage of which this is a part; null where it is all
     */
    public function __construct(
        array $footage = [],
        public array $footagePaths = [],
        public array $seals = [],
        public MusicShelf $music = new MusicShelf,
        public EffectShelf $effects = new EffectShelf,
        private array $names = [],
        public array $logos = [],
        public ?Collection $collection = null,
    ) {
        $byId = [];
        foreach ($footage as $one) {
            $byId[$one->id] = $one;
        }
        $this->footage = $byId;
    }

    /**
     * The same with all that is not footage.
     *
     * @param  array<array-key, string>  $names
     * @param  array<array-key, array{int, int}>  $logos
     */
    public function with(MusicShelf $music, EffectShelf $effects, array $names, array $logos): self
    {
        return new self(
            array_values($this->footage), $this->footagePaths, $this->seals, $music, $effects, $this->names + $names,
            $logos, $this->collection,
        );
    }

    /** The same with the logos and effects of another, as a channel has them. */
    public function dressed(self $other): self
    {
        return new self(
            array_values($this->footage), $this->footagePaths, $this->seals, $this->music, $other->effects,
            $this->names + $other->names, $other->logos, $this->collection,
        );
    }

    /** @return array<string, array<array-key, string>> names of what is chosen by hand alone, by tag and id */
    public function byHand(): array
    {
        $found = array_fill_keys(Footage::BY_HAND, []);
        foreach ($this->footage as $id => $one) {
            foreach (Footage::handTags($one->words->tags) as $tag) {
                $found[$tag][$id] = $this->name((string) $id);
            }
        }

        return $found;
    }

    /**
     * What may be found for words: all but what is chosen by hand alone, unless it was, or nothing else is there.
     *
     * @param  array<array-key, mixed>  $chosen  by id of what was chosen
     * @return list<Footage>
     */
    public function offered(array $chosen = []): array
    {
        $offered = array_filter(
            $this->footage,
            static fn (Footage $one): bool => isset($chosen[$one->id]) || ! $one->isByHand(),
        );

        return array_values($offered === [] ? $this->footage : $offered);
    }

    public function logoName(string $picture): string
    {
        return $this->names[self::LOGO.$picture] ?? 'that was chosen';
    }

    public function name(string $id): string
    {
        return $this->names[$id] ?? $id;
    }
}
