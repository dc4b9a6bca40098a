<?php

declare(strict_types=1);

namespace RapidReel\Making\Render;

/** A dark layer across the frame where captions stand, soft at both edges. Places are fractions of its height. */
final readonly class Shade
{
    /** It fades out over so much of the frame, above and below. */
    private const SOFT = 0.045;

    /** @param  int  $percent  by so much it darkens what is under it */
    public function __construct(
        public int $percent,
        public float $top,
        public float $bottom,
    ) {
    }

    /**
     * As filters of ffmpeg, with a comma after them. The layer is one picture, worked out once, and narrow: it is the
     * same all across.
     *
     * @param  int  $width  of the frame
     * @param  string  $name  of what it calls its own parts
     */
    public function filters(int $width, int $height, string $name): string
    {
        $soft = max(2, (int) round(self::SOFT * $height));
        $top = max(0, 2 * intdiv((int) round($this->top * $height) - $soft, 2));
        $bottom = min($height, 2 * (int) ceil(((int) round($this->bottom * $height) + $soft) / 2));
        $tall = $bottom - $top;
        // At the edge of the frame it does not fade.
        $above = $top === 0 ? '1' : "(Y+1)/$soft";
        $below = $bottom === $height ? '1' : "(H-Y)/$soft";

        return sprintf(
            'null[%1$s-lit];color=c=black:s=16x%3$d:r=1:d=1,format=gray,'
                ."geq=lum='%4\$.1F*clip(min(%5\$s,%6\$s),0,1)',scale=%2\$d:%3\$d:flags=neighbor[%1\$s-veil];"
                .'color=c=black:s=%2$dx%3$d:r=1:d=1,format=yuv420p[%1$s-dark];[%1$s-dark][%1$s-veil]alphamerge'
                .'[%1$s-shade];[%1$s-lit][%1$s-shade]overlay=x=0:y=%7$d:format=yuv420:repeatlast=1,',
            $name, $width, $tall, 2.55 * $this->percent, $above, $below, $top,
        );
    }

    /** @return array{percent: int, top: float, bottom: float} */
    public function toArray(): array
    {
        return ['percent' => $this->percent, 'top' => $this->top, 'bottom' => $this->bottom];
    }

    /** @param  array{percent: int, top: float|int, bottom: float|int}|null  $data */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self($data['percent'], (float) $data['top'], (float) $data['bottom']);
    }
}
