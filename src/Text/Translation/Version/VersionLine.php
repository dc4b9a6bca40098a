<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

/** A scene of a version, and the scene that it is of. */
final readonly class VersionLine
{
    /**
     * @param  int  $scene  of the version, by its id
     * @param  int  $of  of the short that it is a version of, by its id
     * @param  list<Pair>  $pairs  its sentences as they were translated
     * @param  string  $followed  a hash of what it took over of the other beside the words; empty before it took any
     */
    public function __construct(
        public int $scene,
        public int $of,
        public array $pairs,
        public string $followed = '',
    ) {
    }

    public function following(string $hash): self
    {
        return new self($this->scene, $this->of, $this->pairs, $hash);
    }
}
