<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Target\Frame;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Plan\Choice\LogoChoice;
use RapidReel\Plan\Choice\LogoPlace;

/** The logo over a short: within the safe area, never under captions. Places and sizes as fractions of the frame. */
final readonly class CutLogo
{
    /** It is made smaller where it does not fit, but not smaller than so much of what was set. */
    private const LEAST = 0.4;

    /**
     * @param  string  $picture  hash of its picture
     * @param  int  $width  of the picture, in pixels
     * @param  int  $height  of the picture, in pixels
     * @param  int  $size  its width, in percent of the frame's
     * @param  int  $opacity  in percent
     * @param  bool  $isAtEnd  whether it comes with the last scene alone
     */
    public function __construct(
        public string $picture,
        public int $width,
        public int $height,
        public LogoPlace $place,
        public int $size,
        public int $opacity,
        public bool $isAtEnd,
    ) {
    }

    /**
     * @param  LogoChoice|null  $choice  null where none is to be seen
     * @param  array<array-key, array{int, int}>  $logos  width and height of those at hand, by the hash of each picture
     */
    public static function of(?LogoChoice $choice, array $logos): ?self
    {
        [$width, $height] = $logos[$choice->picture ?? ''] ?? [0, 0];

        return $choice === null || $width === 0 ? null : new self(
            $choice->picture, $width, $height, $choice->place, $choice->size, $choice->opacity, $choice->isAtEnd,
        );
    }

    /**
     * Where it stands over all of a short, so that it does not jump: at its place, or as near to that as captions leave
     * room.
     *
     * @param  list<Cue>  $cues  that are shown while it is
     * @return array{float, float, float}|null left, top and width; null where captions leave no room for it
     */
    public function box(Frame $frame, array $cues): ?array
    {
        $safe = $frame->safe;
        $place = FreePlace::beside($cues);
        $most = min($this->size / 100, 1 - $safe->left - $safe->right);
        for ($width = $most; $width >= self::LEAST * $most; $width *= 0.85) {
            $height = $width * $this->height / $this->width * $frame->aspect();
            $left = $safe->left + $this->place->across() * (1 - $safe->left - $safe->right - $width);
            $top = $place->top(
                $this->place->isTop(), $safe->top, 1 - $safe->bottom - $height, $left, $width, $height,
            );
            if ($top !== null) {
                return [$left, $top, $width];
            }
        }

        return null;
    }

    /** @return array{picture: string, width: int, height: int, place: string, size: int, opacity: int, end: bool} */
    public function toArray(): array
    {
        return [
            'picture' => $this->picture, 'width' => $this->width, 'height' => $this->height,
            'place' => $this->place->value, 'size' => $this->size, 'opacity' => $this->opacity, 'end' => $this->isAtEnd,
        ];
    }

    /**
     * @param  array{
     *     picture: string, width: int, height: int, place: string, size: int, opacity: int, end: bool
     * }|null  $data
     */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self(
            $data['picture'], $data['width'], $data['height'], LogoPlace::from($data['place']), $data['size'],
            $data['opacity'], $data['end'],
        );
    }
}
