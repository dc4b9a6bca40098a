<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\FrameGrid;
use RapidReel\Base\FrameShape;
use RapidReel\Base\SafeArea;

/** The frame of a short: its shape, what of it an outlet leaves alone, and how many there are a second. */
final readonly class Frame
{
    public SafeArea $safe;

    public function __construct(
        public FrameShape $shape = FrameShape::Upright,
        ?SafeArea $safe = null,
        public int $fps = TargetPicture::USUAL_RATE,
    ) {
        $this->safe = $safe ?? $shape->safeArea();
    }

    public function sameAs(self $other): bool
    {
        return [$this->shape, $this->safe->toArray(), $this->fps]
            === [$other->shape, $other->safe->toArray(), $other->fps];
    }

    public function grid(): FrameGrid
    {
        return new FrameGrid($this->fps);
    }

    /** In units in which captions are set, see FrameShape */
    public function width(): int
    {
        return $this->shape->width();
    }

    /** In units in which captions are set, see FrameShape */
    public function height(): int
    {
        return $this->shape->height();
    }

    /** Width / height */
    public function aspect(): float
    {
        return $this->shape->aspect();
    }
}
