<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Base\Language\WordPlaces;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Captions\Marks\CaptionMarks;

/**
 * What belongs to a scene beside its words: its own settings, the pauses that are left in it, its shots, and what was
 * chosen for its captions.
 */
final readonly class SceneOwn
{
    /** @var list<int> */
    public array $keptPauses;

    /** @var list<ShotMark> one at the most at a word, in order of the words */
    public array $shots;

    /**
     * @param  array<int>  $keptPauses  numbers of the words after which the pause stays as it is spoken
     * @param  array<ShotMark>  $shots
     */
    public function __construct(
        public Values $settings = new Values,
        array $keptPauses = [],
        array $shots = [],
        public CaptionMarks $captions = new CaptionMarks,
    ) {
        $keptPauses = array_values(array_unique($keptPauses));
        sort($keptPauses);
        $this->keptPauses = $keptPauses;
        $byWord = [];
        foreach ($shots as $shot) {
            // What was touched goes before what was found; of two alike the first stays.
            if (! isset($byWord[$shot->word]) || ($shot->isLocked && ! $byWord[$shot->word]->isLocked)) {
                $byWord[$shot->word] = $shot;
            }
        }
        ksort($byWord);
        $this->shots = array_values($byWord);
    }

    public function with(Values $settings): self
    {
        return new self($settings, $this->keptPauses, $this->shots, $this->captions);
    }

    /** The same with a setting inherited again, by the scene and by its shots. */
    public function inheriting(string $key): self
    {
        return new self(
            $this->settings->without($key),
            $this->keptPauses,
            array_map(
                static fn (ShotMark $shot): ShotMark => $shot->own->has($key)
                    ? $shot->with($shot->own->without($key))
                    : $shot,
                $this->shots,
            ),
            $this->captions,
        );
    }

    /** @param  array<int>  $keptPauses */
    public function keepingPauses(array $keptPauses): self
    {
        return new self($this->settings, $keptPauses, $this->shots, $this->captions);
    }

    /** @param  array<ShotMark>  $shots */
    public function shot(array $shots): self
    {
        return new self($this->settings, $this->keptPauses, $shots, $this->captions);
    }

    public function captioned(CaptionMarks $captions): self
    {
        return new self($this->settings, $this->keptPauses, $this->shots, $captions);
    }

    /** The shot that begins at a word; one that nobody has named yet where none does. */
    public function shotAt(int $word): ShotMark
    {
        foreach ($this->shots as $shot) {
            if ($shot->word === $word) {
                return $shot;
            }
        }

        return new ShotMark($word);
    }

    /** The shot on screen when a word is said, as far as it is known. */
    public function shotOver(int $word): ?ShotMark
    {
        $over = null;
        foreach ($this->shots as $shot) {
            $over = $shot->word <= $word ? $shot : $over;
        }

        return $over;
    }

    /** What the program found is left out, so that it is found anew. */
    public function unproposed(): self
    {
        return new self(
            $this->settings,
            $this->keptPauses,
            array_filter($this->shots, static fn (ShotMark $shot): bool => $shot->isLocked),
            $this->captions,
        );
    }

    /**
     * The same with words at other places. A touched shot whose word is gone goes on with the next that is left, or the
     * last; a found one stays while its first word and most of what is said over it are there.
     *
     * @param  array<int, int>  $places  new number of each word that is left, by its old number
     * @param  int  $before  words there were
     * @param  int  $count  words there are now
     *
     * @throws Refusal
     */
    public function replaced(array $places, int $before, int $count): self
    {
        $shots = [];
        foreach ($this->shots as $i => $shot) {
            $end = ($this->shots[$i + 1] ?? null)->word ?? $before;
            $left = count(
                array_filter(
                    range($shot->word, max($shot->word, $end - 1)),
                    static fn (int $word): bool => isset($places[$word]),
                ),
            );
            $to = match (true) {
                $shot->isLocked => WordPlaces::next($places, $shot->word, $count),
                2 * $left > $end - $shot->word => $places[$shot->word] ?? null,
                default => null,
            };
            if ($to !== null) {
                $shots[] = $shot->at($to);
            }
        }
        $keptPauses = array_filter(
            array_map(static fn (int $word): ?int => $places[$word] ?? null, $this->keptPauses),
            is_int(...),
        );

        return new self($this->settings, $keptPauses, $shots, $this->captions->replaced($places, $count));
    }

    /**
     * Parts it before a word. Both halves have the settings; the second goes on with what the operator chose to be seen
     * there.
     *
     * @return array{self, self}
     *
     * @throws Refusal
     */
    public function parted(int $word): array
    {
        $first = array_filter($this->shots, static fn (ShotMark $shot): bool => $shot->word < $word);
        $second = array_map(
            static fn (ShotMark $shot): ShotMark => $shot->at($shot->word - $word),
            array_filter($this->shots, static fn (ShotMark $shot): bool => $shot->word >= $word),
        );
        $seen = $this->shotOver($word);
        if ($seen !== null && $seen->word < $word && $seen->isLocked) {
            $second[] = new ShotMark(0, $seen->footage, true, own: $seen->own, pins: $seen->pins);
        }

        [$before, $after] = $this->captions->parted($word);

        return [
            new self(
                $this->settings,
                array_filter($this->keptPauses, static fn (int $after): bool => $after < $word - 1),
                $first,
                $before,
            ),
            new self(
                $this->settings,
                array_map(
                    static fn (int $after): int => $after - $word,
                    array_filter($this->keptPauses, static fn (int $after): bool => $after >= $word),
                ),
                $second,
                $after,
            ),
        ];
    }

    /**
     * One after the other: this has so many words.
     *
     * @throws Refusal
     */
    public function joined(self $next, int $words): self
    {
        return new self(
            new Values([...$next->settings->own, ...$this->settings->own]),
            [...$this->keptPauses, ...array_map(static fn (int $after): int => $after + $words, $next->keptPauses)],
            [
                ...$this->shots,
                ...array_map(static fn (ShotMark $shot): ShotMark => $shot->at($shot->word + $words), $next->shots),
            ],
            $this->captions->joined($next->captions, $words),
        );
    }

    /** The same for another scene. */
    public function copied(): self
    {
        return new self(
            $this->settings,
            $this->keptPauses,
            array_map(static fn (ShotMark $shot): ShotMark => $shot->copied(), $this->shots),
            $this->captions,
        );
    }
}
