<?php

declare(strict_types=1);

namespace App\Doors\Bench\Framing;

use App\Doors\Bench\DebianPackage;
use App\Media\Process\MediaTools;
use Closure;
use Illuminate\Support\Facades\File;

/**
 * Clips that are hard to frame, made of photographed heads over photographed grounds, with the place of the head known
 * in every frame.
 */
final readonly class HardClips
{
    private const WIDTH = 1920;

    private const HEIGHT = 1080;

    private const FPS = 30;

    private const SECONDS = 6;

    private const DOC = 'usr/share/doc/opencv-doc';

    private const DATA = 'usr/lib/python3/dist-packages/skimage/data';

    /** Picture, and the middle, width and height of the head in it, as fractions. */
    private const HEADS = [
        'astronaut' => ['python3-skimage', self::DATA.'/astronaut.png', .43, .2, .3, .38],
        'smiling' => ['opencv-doc', self::DOC.'/opencv4/html/227943776_1.jpg', .49, .42, .38, .62],
        'bearded' => ['opencv-doc', self::DOC.'/opencv4/html/230501201_1.jpg', .54, .44, .62, .64],
    ];

    /** Pixels of the pictures with heads. */
    private const SIZES = ['astronaut' => [512, 512], 'smiling' => [434, 434], 'bearded' => [584, 824]];

    /** Package and file of each. */
    private const GROUNDS = [
        'street' => ['opencv-doc', self::DOC.'/examples/data/leuvenA.jpg'],
        'palace' => ['opencv-doc', self::DOC.'/examples/data/home.jpg'],
        'office' => ['opencv-doc', self::DOC.'/examples/data/building.jpg'],
        'aloe' => ['opencv-doc', self::DOC.'/examples/data/aloeL.jpg'],
        // A tree in the wind.
        'leaves' => ['opencv-doc', self::DOC.'/examples/data/tree.avi'],
        // A rocket in the middle, between masts of lattice.
        'launch' => ['python3-skimage', self::DATA.'/rocket.jpg'],
    ];

    /** Where the rocket is in the picture of it, as large as grounds are: its middle, width and height in pixels. */
    private const ROCKET = [1206, 800, 90, 800];

    public function __construct(
        private MediaTools $tools,
        private DebianPackage $packages,
    ) {
    }

    /**
     * @return array<string, array{string, list<array{x: float, y: float, w: float, h: float}>}> file, and the head in
     *   every frame as fractions, by name
     */
    public function make(string $folder): array
    {
        File::ensureDirectoryExists($folder);
        $still = [new Track(240), new Track(135)];
        $made = [];
        foreach (
            [
                'a head walks, still camera' => [
                    'street', $still, 1.0, [['smiling', 420, new Track(420, 170), new Track(560, 0, 12, .8)]],
                ],
                'a head walks, panning camera' => [
                    'palace', [new Track(20, 70), new Track(135)], 1.0,
                    [['bearded', 460, new Track(1450, -150), new Track(540)]],
                ],
                'the camera goes with a head' => [
                    'office', [new Track(450, -70), new Track(100, 20)], 1.0,
                    [['astronaut', 400, new Track(700, 10, 30, 3), new Track(480, 0, 10, 2)]],
                ],
                'a shaking camera' => [
                    'aloe', [new Track(240, 0, 22, .37), new Track(135, 0, 14, .29)], 1.0,
                    [['smiling', 380, new Track(500, 140, 22, .37), new Track(600, 0, 14, .29)]],
                ],
                'a zooming camera' => [
                    'street', $still, 1.25, [['bearded', 420, new Track(1300, -90), new Track(560, 0, 20, 3)]],
                ],
                'a head that holds still' => [
                    'aloe', $still, 1.0, [['bearded', 430, new Track(1400), new Track(520)]],
                ],
                'two heads, one of them walks' => [
                    'palace', $still, 1.0,
                    [
                        ['astronaut', 470, new Track(500, 75), new Track(560)],
                        ['bearded', 240, new Track(1640), new Track(380)],
                    ],
                ],
                'a light that flickers' => [
                    'office', $still, 1.0, [['astronaut', 400, new Track(1500, -110), new Track(560, 0, 10, .9)]],
                    new Track(260),
                ],
                'a head that holds still before leaves in the wind' => [
                    'leaves', $still, 1.0, [['astronaut', 330, new Track(1250), new Track(560)]],
                ],
                'a tall one between masts of lattice, in a hand' => [
                    'launch', [new Track(240, 0, 7, 1.1), new Track(135, 0, 5, .7)], 1.0, [],
                ],
            ] as $name => $case
        ) {
            [$ground, $camera, $zoom, $heads] = $case;
            $file = $folder.'/'.preg_replace('/\W+/', '-', $name).'.mp4';
            $this->draw($file, $ground, $camera, $zoom, $heads, $case[4] ?? null);
            $made[$name] = [$file, $heads === [] ? self::rocket($camera) : self::truth($heads[0])];
        }

        return $made;
    }

    /**
     * @param  array{Track, Track}  $camera
     * @return list<array{x: float, y: float, w: float, h: float}>
     */
    private static function rocket(array $camera): array
    {
        [$x, $y, $width, $height] = self::ROCKET;

        return self::places(
            static fn (float $seconds): float => $x - $camera[0]->at($seconds),
            static fn (float $seconds): float => $y - $camera[1]->at($seconds),
            $width,
            $height,
        );
    }

    /**
     * @param  array{string, int, Track, Track}  $head
     * @return list<array{x: float, y: float, w: float, h: float}>
     */
    private static function truth(array $head): array
    {
        [$name, $height, $x, $y] = $head;
        [, , , , $width, $tall] = self::HEADS[$name];
        [$pictureWidth, $pictureHeight] = self::SIZES[$name];

        return self::places(
            $x->at(...), $y->at(...), $height * $width * $pictureWidth / ($tall * $pictureHeight), $height,
        );
    }

    /**
     * @param  Closure(float): float  $x  of the middle, in pixels, at any second
     * @param  Closure(float): float  $y
     * @param  float  $width  in pixels
     * @return list<array{x: float, y: float, w: float, h: float}>
     */
    private static function places(Closure $x, Closure $y, float $width, float $height): array
    {
        $places = [];
        for ($frame = 0; $frame < self::SECONDS * self::FPS; $frame++) {
            $places[] = [
                'x' => $x($frame / self::FPS) / self::WIDTH,
                'y' => $y($frame / self::FPS) / self::HEIGHT,
                'w' => $width / self::WIDTH,
                'h' => $height / self::HEIGHT,
            ];
        }

        return $places;
    }

    /**
     * @param  array{Track, Track}  $camera  the upper left of what it sees of a ground of 2400 × 1350
     * @param  list<array{string, int, Track, Track}>  $heads  each with its height and the place of its middle
     * @param  Track|null  $light  where a light flickers, across
     */
    private function draw(string $file, string $ground, array $camera, float $zoom, array $heads, ?Track $light): void
    {
        [$package, $picture] = self::GROUNDS[$ground];
        $again = str_ends_with($picture, '.avi') ? ['-stream_loop', '-1'] : ['-loop', '1'];
        $inputs = [...$again, '-r', (string) self::FPS, ...$this->tools->input(
            $this->packages->file($package, $picture),
        )];
        $graph = [sprintf(
            '[0:v]scale=2400:1350:force_original_aspect_ratio=increase:flags=lanczos,crop=2400:1350,crop=w=%d:h=%d'
                .":x='%s':y='%s'%s,setsar=1,format=yuv444p[under]",
            self::WIDTH,
            self::HEIGHT,
            $camera[0]->expression(),
            $camera[1]->expression(),
            $zoom === 1.0 ? '' : sprintf(
                ",zoompan=z='1+%.4f*on/%d':x='iw/2-iw/zoom/2':y='ih/2-ih/zoom/2':d=1:s=%dx%d:fps=%d",
                $zoom - 1,
                self::SECONDS * self::FPS,
                self::WIDTH,
                self::HEIGHT,
                self::FPS,
            ),
        )];
        $last = 'under';
        foreach ($heads as $i => [$name, $height, $x, $y]) {
            [$package, $picture, $middleX, $middleY, $width, $tall] = self::HEADS[$name];
            $inputs = [...$inputs, '-loop', '1', '-r', (string) self::FPS, ...$this->tools->input(
                $this->packages->file($package, $picture),
            )];
            $number = $i + 1;
            $graph[] = sprintf(
                "[%d:v]format=rgb24,crop=w='iw*%.3f':h='ih*%.3f':x='iw*%.3f':y='ih*%.3f',scale=-2:%d:flags=lanczos,"
                    ."format=rgba,geq=r='r(X,Y)':g='g(X,Y)':b='b(X,Y)':"
                    ."a='255*clip((1-hypot((X-W/2)/(W/2),(Y-H/2)/(H/2)))"
                    ."*12,0,1)':enable='eq(n,0)',trim=end_frame=1,loop=-1:1,setpts=N/(%d*TB)[head%d]",
                $number, $width, $tall, $middleX - $width / 2, $middleY - $tall / 2, $height, self::FPS, $number,
            );
            $graph[] = sprintf(
                "[%s][head%d]overlay=x='%s-w/2':y='%s-h/2':format=yuv444[with%d]",
                $last, $number, $x->expression(), $y->expression(), $number,
            );
            $last = "with$number";
        }
        if ($light !== null) {
            $graph[] = sprintf('color=c=white:s=120x120:r=%d[bright]', self::FPS);
            // On and off without a rule that repeats within the clip.
            $graph[] = sprintf(
                "[%s][bright]overlay=x='%s-60':y=200:enable='gt(sin(t*11)+sin(t*17.3)+sin(t*29.1),0.3)'[lit]",
                $last,
                $light->expression(),
            );
            $last = 'lit';
        }
        $graph[] = "[$last]format=yuv420p[out]";
        $this->tools->run(
            [
                '-loglevel', 'error', ...$inputs, '-filter_complex', implode(';', $graph), '-map', '[out]', '-t',
                (string) self::SECONDS, '-r', (string) self::FPS, '-c:v', 'libx264', '-preset', 'veryfast', '-crf',
                '20',
                $file,
            ],
            'Drawing a clip',
        );
    }
}
