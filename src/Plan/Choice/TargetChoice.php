<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Frame;
use RapidReel\Base\Target\Limits;
use RapidReel\Base\Target\Target;

/** What a short is made for. */
final readonly class TargetChoice
{
    /**
     * @param  Target  $main  the one that it is planned for
     * @param  list<Target>  $more  others that it is made for as well
     * @param  FrameShape  $shape  for targets that leave it open
     */
    public function __construct(
        public Target $main = new Target,
        public array $more = [],
        public FrameShape $shape = FrameShape::Upright,
    ) {
    }

    /** @return non-empty-list<Target> */
    public function all(): array
    {
        return [$this->main, ...$this->more];
    }

    /** The tightest of all. */
    public function limits(): Limits
    {
        return Limits::of($this->all());
    }

    public function frame(): Frame
    {
        return $this->main->frame($this->shape);
    }

    /** The same with another of its targets first. */
    public function led(Target $target): self
    {
        return new self($target, array_values(array_filter(
            $this->all(),
            static fn (Target $one): bool => $one->id !== $target->id,
        )), $this->shape);
    }
}
