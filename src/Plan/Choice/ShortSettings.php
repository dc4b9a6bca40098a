<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

use RapidReel\Base\Target\Target;
use RapidReel\Captions\Card\CardChoice;

/** All that is set for a short as a whole. */
final readonly class ShortSettings
{
    /**
     * @param  Transition|null  $loop  how the end goes over into the first picture; null where it does not
     * @param  array{EdgeChoice|null, EdgeChoice|null}  $edges  what stands before it and after it
     */
    public function __construct(
        public TargetChoice $targets = new TargetChoice,
        public ?Transition $loop = null,
        public MusicChoice $music = new MusicChoice,
        public ?LogoChoice $logo = null,
        public CardChoice $cards = new CardChoice,
        public ?ProgressLine $progress = null,
        public array $edges = [null, null],
    ) {
    }

    /** What is set, with another of the targets first. */
    public function led(Target $target): self
    {
        return new self(
            $this->targets->led($target), $this->loop, $this->music, $this->logo, $this->cards, $this->progress,
            $this->edges,
        );
    }

    /** How long both edges are seen, in ms, as far as it is known without their footage. */
    public function aroundMs(): int
    {
        [$before, $after] = $this->edges;

        return ($before === null ? 0 : $before->ms) + ($after === null ? 0 : $after->ms);
    }
}
