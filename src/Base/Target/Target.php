<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\FrameShape;
use RapidReel\Base\JsonFields;
use ValueError;

/** What an outlet accepts of a short, as data: its picture, its length, its sound, its file and the texts beside it. */
final readonly class Target
{
    /** @param  string  $id  by which settings and plans know it */
    public function __construct(
        public string $id = Targets::USUAL,
        public string $label = 'Up to 60 s',
        public TargetPicture $picture = new TargetPicture,
        public TargetLength $length = new TargetLength,
        public TargetSound $sound = new TargetSound,
        public TargetFile $file = new TargetFile,
        public TargetTexts $texts = new TargetTexts,
    ) {
    }

    /** The frame of a short that is made for it. */
    public function frame(FrameShape $set): Frame
    {
        $shape = $this->picture->shape ?? $set;

        return new Frame($shape, $this->picture->safe, $this->picture->fps);
    }

    public function named(string $id, string $label): self
    {
        return new self($id, $label, $this->picture, $this->length, $this->sound, $this->file, $this->texts);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'label' => $this->label,
            ...$this->picture->toArray(),
            ...$this->length->toArray(),
            ...$this->sound->toArray(),
            ...$this->file->toArray(),
            ...$this->texts->toArray(),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws ValueError where it is none
     */
    public static function fromArray(array $data): self
    {
        $fields = new JsonFields($data);

        return new self(
            $fields->text('id'), $fields->text('label'), TargetPicture::of($fields), TargetLength::of($fields),
            TargetSound::of($fields), TargetFile::of($fields), TargetTexts::of($fields),
        );
    }
}
