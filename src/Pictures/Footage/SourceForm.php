<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

/**
 * What the pictures of a file are, and what has to be done to see them upright, with square pixels, and in the colours
 * of BT.709: the one place that knows. Sources: ITU-R BT.601, BT.709, BT.2020, BT.2100; EXIF 2.3, tag Orientation.
 */
final readonly class SourceForm
{
    /** Files that say nothing of their colours: from this height on they are HD (common practice, as browsers do). */
    private const HD_HEIGHT = 720;

    /** What the orientations of EXIF ask for. */
    private const TURNS = [
        2 => 'hflip',
        3 => 'hflip,vflip',
        4 => 'vflip',
        5 => 'transpose=cclock_flip',
        6 => 'transpose=clock',
        7 => 'transpose=clock_flip',
        8 => 'transpose=cclock',
    ];

    private const HDR = ['smpte2084', 'arib-std-b67'];

    /** Kinds of pixels that hold how far they are seen through. */
    private const SEE_THROUGH = '/^(?:yuva|rgba|bgra|argb|abgr|gbrap|ya\d|pal8)/';

    /**
     * @param  int  $width  in pixels as stored
     * @param  int  $height  in pixels as stored
     * @param  int  $lateMs  how much later than the file its pictures begin
     */
    public function __construct(
        public int $width,
        public int $height,
        public string $pixels = 'yuv420p',
        public SourceShape $shape = new SourceShape,
        public SourceColours $said = new SourceColours,
        public bool $isInterlaced = false,
        public int $lateMs = 0,
        public bool $isFirst = true,
    ) {
    }

    /** @return array{int, int} width and height as shown */
    public function shown(): array
    {
        [$width, $height] = [$this->width, $this->height];
        if (! $this->isSquare()) {
            [$width, $height] = $this->shape->pixelAspect > 1
                ? [2 * (int) ($width * $this->shape->pixelAspect / 2), $height]
                : [$width, 2 * (int) ($height / $this->shape->pixelAspect / 2)];
        }

        return $this->shape->isOnItsSide || $this->shape->orientation > 4 ? [$height, $width] : [$width, $height];
    }

    /** Whether whoever reads it sees it right without doing anything. */
    public function isPlain(): bool
    {
        return $this->filters() === [] && $this->lateMs < 50 && $this->isFirst;
    }

    /** @return list<string> filters of ffmpeg, to stand before all others */
    public function filters(): array
    {
        $filters = [];
        if ($this->isInterlaced) {
            $filters[] = 'bwdif=mode=send_frame';
        }
        if (isset(self::TURNS[$this->shape->orientation])) {
            $filters[] = self::TURNS[$this->shape->orientation];
        }
        if (! $this->isSquare()) {
            $filters[] = "scale=w='if(gt(sar,1),trunc(iw*sar/2)*2,iw)':h='if(gt(sar,1),ih,trunc(ih/sar/2)*2)'"
                .':flags=lanczos,setsar=1';
        }

        return [...$filters, ...$this->colours()];
    }

    /** @return list<string> */
    private function colours(): array
    {
        $isWide = str_starts_with($this->said->matrix, 'bt2020') || $this->said->primaries === 'bt2020';

        return match (true) {
            // What is seen through shows white, as on a page, and not what happens to be stored there.
            preg_match(self::SEE_THROUGH, $this->pixels) === 1 => [
                'format=rgba,split[under][over];[under]lutrgb=r=255:g=255:b=255:a=255[page];'
                    .'[page][over]overlay=format=rgb,format=rgb24',
            ],
            in_array($this->said->transfer, self::HDR, true) => [
                // Reference white of HDR is 203 cd/m² (ITU-R BT.2408); what is brighter is brought down gently.
                $this->told($this->said->transfer).',zscale=t=linear:npl=203,format=gbrpf32le,zscale=p=bt709,'
                    .'tonemap=tonemap=mobius:param=0.75:desat=0,zscale=t=bt709:m=bt709:r=tv,format=yuv420p',
            ],
            $isWide => [
                $this->told('bt709').',zscale=t=linear,format=gbrpf32le,zscale=p=bt709:t=bt709:m=bt709:r=tv,'
                    .'format=yuv420p',
            ],
            $this->said->matrix === '' && $this->height >= self::HD_HEIGHT && str_starts_with($this->pixels, 'yuv') &&
                ! str_starts_with($this->pixels, 'yuvj') => ['setparams=colorspace=bt709'],
            default => [],
        };
    }

    /**
     * Says of wide colours what a file left out: what HDR is made in (ITU-R BT.2100), as players take it. Whoever
     * converts refuses what is not said.
     */
    private function told(string $transfer): string
    {
        return sprintf(
            'setparams=color_primaries=%s:colorspace=%s:color_trc=%s',
            $this->said->primaries === '' ? 'bt2020' : $this->said->primaries,
            $this->said->matrix === '' ? 'bt2020nc' : $this->said->matrix,
            $transfer,
        );
    }

    /** What was taken for granted of its colours, for its operator; empty where the file says all of it. */
    public function assumed(): string
    {
        $isSaid = $this->said->matrix !== '' && $this->said->primaries !== '';

        return $isSaid || ! in_array($this->said->transfer, self::HDR, true)
            ? ''
            : 'This is HDR that does not say in which colours it was made. They were taken as those of BT.2020, as '
                .'players do, and brought to the usual ones.';
    }

    private function isSquare(): bool
    {
        return abs($this->shape->pixelAspect - 1) < 0.005;
    }
}
