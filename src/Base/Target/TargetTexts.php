<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\JsonFields;
use ValueError;

/**
 * How long the texts beside a video may be, in characters, and its cover in pixels. The usual values are common
 * practice, no published source.
 */
final readonly class TargetTexts
{
    /**
     * @param  int  $tags  how many
     * @param  int  $tag  characters of one
     * @param  array{int, int}|null  $cover  pixels across and down; null for the size of the video
     */
    public function __construct(
        public int $title = 100,
        public int $description = 2_000,
        public int $tags = 15,
        public int $tag = 30,
        public ?array $cover = null,
    ) {
    }

    /**
     * @return array{
     *     title_most: int, description_most: int, tags_most: int, tag_most: int, cover: array{int, int}|null
     * }
     */
    public function toArray(): array
    {
        return [
            'title_most' => $this->title, 'description_most' => $this->description, 'tags_most' => $this->tags,
            'tag_most' => $this->tag, 'cover' => $this->cover,
        ];
    }

    /** @throws ValueError */
    public static function of(JsonFields $data): self
    {
        $cover = $data->has('cover') ? $data->numbers('cover') : null;

        return new self(
            $data->whole('title_most', 1, 10_000), $data->whole('description_most', 0, 100_000),
            $data->whole('tags_most', 0, 500), $data->whole('tag_most', 1, 1_000),
            $cover === null ? null : [$cover[0] ?? 0, $cover[1] ?? 0],
        );
    }
}
