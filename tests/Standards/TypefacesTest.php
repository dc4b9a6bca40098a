<?php

declare(strict_types=1);

namespace Tests\Standards;

use App\Doors\Bench\DebianPackage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Framing\Interest\Face;
use RapidReel\Pictures\Framing\Interest\FaceCascade;
use RapidReel\Pictures\Framing\Interest\FaceFinder;
use Symfony\Component\Process\Process;

/**
 * The published cascade of Debian's opencv-data against photographs that other packages of Debian carry: where faces
 * are in them was read off by eye.
 */
final class TypefacesTest extends TestCase
{
    private const DOC = 'usr/share/doc/opencv-doc';

    private const SKIMAGE = 'usr/lib/python3/dist-packages/skimage/data';

    /** @return array<string, array{string, string, float, float, float}> package, file, middle and side of the face */
    public static function photographs(): array
    {
        return [
            'an astronaut' => ['python3-skimage', self::SKIMAGE.'/astronaut.png', 0.43, 0.24, 0.2],
            'a smiling man' => ['opencv-doc', self::DOC.'/opencv4/html/227943776_1.jpg', 0.47, 0.44, 0.42],
            'a bearded man' => ['opencv-doc', self::DOC.'/opencv4/html/230501201_1.jpg', 0.52, 0.49, 0.44],
        ];
    }

    /** @return array<string, array{string, string}> */
    public static function without(): array
    {
        return [
            'a cup' => ['python3-skimage', self::SKIMAGE.'/coffee.png'],
            'a street' => ['opencv-doc', self::DOC.'/examples/data/leuvenA.jpg'],
            'a palace' => ['opencv-doc', self::DOC.'/examples/data/home.jpg'],
            'fruit' => ['opencv-doc', self::DOC.'/examples/data/fruits.jpg'],
        ];
    }

    #[DataProvider('photographs')]
    public function test_a_face_is_found_where_it_is(
        string $package,
        string $file,
        float $x,
        float $y,
        float $side,
    ): void {
        $faces = self::faces($package, $file, 256);

        self::assertNotEmpty($faces);
        self::assertEqualsWithDelta($x, $faces[0]->x, 0.06);
        self::assertEqualsWithDelta($y, $faces[0]->y, 0.06);
        self::assertEqualsWithDelta($side, $faces[0]->side, 0.12);
    }

    #[DataProvider('without')]
    public function test_none_is_found_where_none_is(string $package, string $file): void
    {
        self::assertSame([], self::faces($package, $file, 256));
    }

    /** @return list<Typeface> */
    private static function faces(string $package, string $file, int $side): array
    {
        $path = (new DebianPackage(dirname(__DIR__, 2).'/var/debian'))->file($package, $file);
        [$width, $height] = (array) getimagesize($path);
        $part = $side / max($width, $height);
        [$width, $height] = [(int) round($width * $part), (int) round($height * $part)];
        $grey = (new Process([
            'ffmpeg', '-v', 'error', '-i', $path, '-vf', "scale=$width:$height:flags=area,format=gray", '-f',
            'rawvideo', '-',
        ]))->mustRun()->getOutput();
        $cascade = '/usr/share/opencv4/lbpcascades/lbpcascade_frontalface.xml';

        return (new FaceFinder(FaceCascade::fromXml((string) file_get_contents($cascade))))
            ->find($grey, $width, $height);
    }
}
