<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** Pictures and clips with a colour in every quarter, made in every way that turns, squeezes, tints or breaks them. */
final class OddSources
{
    public const QUARTERS = [[200, 40, 40], [40, 160, 60], [50, 70, 190], [210, 190, 60]];

    private const COLOURS = ['0xc82828', '0x28a03c', '0x3246be', '0xd2be3c'];

    private string $folder;

    /** @var array<string, array{file: string, expect: string|null, drawn: list<array{int, int, int}>|null}> */
    private array $all = [];

    private function __construct(string $folder)
    {
        $this->folder = $folder;
    }

    /**
     * @return array<string, array{file: string, expect: string|null, drawn: list<array{int, int, int}>|null}> by what
     *   they are: with words of the refusal, or with the colours as drawn where a browser is no judge
     */
    public static function make(string $folder): array
    {
        $self = new self($folder);
        is_dir($folder) || mkdir($folder, 0777, true);
        $self->stills();
        $self->clips();
        $self->colours();
        $self->refused();

        return $self->all;
    }

    /** @param  list<array{int, int, int}>|null  $drawn */
    private function is(string $what, string $file, ?string $expect = null, ?array $drawn = null): void
    {
        $this->all[$what] = ['file' => "$this->folder/$file", 'expect' => $expect, 'drawn' => $drawn];
    }

    private function stills(): void
    {
        $this->draw('flat.jpg', [], '128x96', ['-q:v', '2', '-frames:v', '1']);
        $this->draw('flat.png', [], '128x96', ['-pix_fmt', 'rgb24', '-frames:v', '1']);
        $this->draw('flat.webp', [], '128x96', ['-q:v', '95', '-frames:v', '1']);
        for ($turn = 1; $turn <= 8; $turn++) {
            $this->put("turned-$turn.jpg", self::jpegTurned($this->read('flat.jpg'), $turn));
            $this->is("JPEG held as $turn", "turned-$turn.jpg");
            $this->put("turned-$turn.png", self::pngWith($this->read('flat.png'), 'eXIf', self::tiff($turn, 'MM')));
            $this->is("PNG held as $turn", "turned-$turn.png");
        }
        foreach ([1, 3, 6, 8] as $turn) {
            $this->put("turned-$turn.webp", self::webpTurned($this->read('flat.webp'), $turn));
            // Not every browser turns these, but the file says so.
            $this->is("WebP held as $turn", "turned-$turn.webp", null, match ($turn) {
                3 => array_reverse(self::QUARTERS),
                6 => [self::QUARTERS[2], self::QUARTERS[0], self::QUARTERS[3], self::QUARTERS[1]],
                8 => [self::QUARTERS[1], self::QUARTERS[3], self::QUARTERS[0], self::QUARTERS[2]],
                default => self::QUARTERS,
            });
        }
        foreach (['gray' => 'gray', 'deep' => 'rgb48be', 'grey with alpha' => 'ya8'] as $name => $pixels) {
            $this->draw("still-$pixels.png", [], '128x96', ['-pix_fmt', $pixels, '-frames:v', '1']);
            $this->is("PNG, $name", "still-$pixels.png");
        }
        // A colour stands where nothing is to be seen.
        $hidden = "geq=r='r(X,Y)':g='g(X,Y)':b='b(X,Y)':a='if(lt(X,64),255,0)'";
        $this->draw('hidden.png', ['format=rgba', $hidden], '128x96', ['-frames:v', '1']);
        $this->is('PNG with a hidden half', 'hidden.png');
        $this->draw('half.png', ['format=rgba', "geq=r='r(X,Y)':g='g(X,Y)':b='b(X,Y)':a='128'"], '128x96', [
            '-frames:v', '1',
        ]);
        $this->is('PNG seen half through', 'half.png');
        $this->draw('hidden.webp', ['format=rgba', $hidden], '128x96', ['-lossless', '1', '-frames:v', '1']);
        $this->is('WebP with a hidden half', 'hidden.webp');
        $this->draw('table.png', ['split[a][b];[a]palettegen[p];[b][p]paletteuse'], '128x96', ['-frames:v', '1']);
        $this->is('PNG with a table of colours', 'table.png');
        foreach (['yuvj444p' => 'whole', 'yuvj422p' => 'half across'] as $pixels => $name) {
            $this->draw("still-$pixels.jpg", [], '128x96', ['-pix_fmt', $pixels, '-q:v', '2', '-frames:v', '1']);
            $this->is("JPEG, colour $name", "still-$pixels.jpg");
        }
    }

    private function clips(): void
    {
        $x264 = ['-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '10', '-t', '0.6'];
        $bt601 = ['-color_range', 'tv', '-colorspace', 'smpte170m', '-color_trc', 'smpte170m', '-color_primaries',
            'smpte170m'];
        $this->draw('flat.mp4', [], '320x240', [...$x264, ...$bt601, '-pix_fmt', 'yuv420p']);
        $this->is('clip', 'flat.mp4');
        foreach ([90, 180, 270] as $turn) {
            $this->ffmpeg("rotated-$turn.mp4", '-i', "$this->folder/flat.mp4", '-c', 'copy', '-metadata:s:v',
                "rotate=$turn");
            $this->is("clip turned by $turn", "rotated-$turn.mp4");
        }
        foreach (['2/1', '1/2', '4/3', '16/11', '10/11'] as $i => $aspect) {
            $this->draw("aspect-$i.mp4", ["setsar=$aspect"], '320x240', [...$x264, ...$bt601, '-pix_fmt', 'yuv420p']);
            $this->is("clip with pixels of $aspect", "aspect-$i.mp4");
        }
        $this->ffmpeg('aspect-turned.mp4', '-i', "$this->folder/aspect-2.mp4", '-c', 'copy', '-metadata:s:v',
            'rotate=90');
        $this->is('clip with pixels of 4/3, turned', 'aspect-turned.mp4');
        $this->draw('rate.mp4', ["setpts='N*(1+mod(N,3))/30/TB'"], '320x240', [
            ...$x264, ...$bt601, '-pix_fmt', 'yuv420p', '-fps_mode', 'vfr',
        ]);
        $this->is('clip whose rate varies', 'rate.mp4');
        $this->draw('fields.mp4', ['tinterlace=interleave_top,setfield=tff'], '320x240', [
            ...$x264, ...$bt601, '-pix_fmt', 'yuv420p', '-flags', '+ilme+ildct', '-x264-params', 'tff=1',
        ]);
        $this->is('clip in fields', 'fields.mp4');
        $this->draw('vp9.webm', [], '320x240', [
            '-c:v', 'libvpx-vp9', '-b:v', '2M', '-t', '0.4', '-pix_fmt', 'yuv420p', ...$bt601,
        ]);
        $this->is('WebM', 'vp9.webm');
        $this->ffmpeg('boxed.mkv', '-i', "$this->folder/flat.mp4", '-c', 'copy');
        $this->is('MKV', 'boxed.mkv');
        $this->ffmpeg('stream.ts', '-i', "$this->folder/flat.mp4", '-c', 'copy');
        $this->is('transport stream', 'stream.ts');
        $tone = ['-f', 'lavfi', '-i', 'sine=frequency=300:duration=3'];
        $this->ffmpeg('longer-sound.mp4', '-i', "$this->folder/flat.mp4", ...[...$tone, '-c:v', 'copy']);
        $this->is('clip whose sound goes on', 'longer-sound.mp4');
        $this->ffmpeg('longer-sound.mkv', '-i', "$this->folder/flat.mp4", ...[...$tone, '-c:v', 'copy']);
        $this->is('MKV whose sound goes on', 'longer-sound.mkv');
        $this->ffmpeg('late.mp4', ...[
            ...$tone, '-itsoffset', '1.5', '-i', "$this->folder/flat.mp4", '-map', '1:v', '-map', '0:a', '-c:v', 'copy',
        ]);
        $this->is('clip whose pictures begin late', 'late.mp4', null, self::QUARTERS);
        $this->ffmpeg('two.mp4', '-i', "$this->folder/flat.mp4", '-f', 'lavfi', '-i', 'color=gray:s=64x64:d=0.2',
            '-map', '0:v', '-map', '1:v', '-c:v', 'libx264', '-crf', '10');
        $this->is('clip with a second track', 'two.mp4');
        $this->ffmpeg('cover.mp4', '-i', "$this->folder/flat.jpg", '-i', "$this->folder/flat.mp4", '-map', '0:v',
            '-map', '1:v', '-c', 'copy', '-disposition:v:0', 'attached_pic');
        $this->is('clip with a cover before it', 'cover.mp4');
    }

    private function colours(): void
    {
        $x264 = ['-c:v', 'libx264', '-preset', 'ultrafast', '-crf', '10', '-t', '0.3'];
        $tagged = static fn (string $matrix, string $range = 'tv'): array => [
            '-colorspace', $matrix, '-color_trc', 'bt709', '-color_primaries', 'bt709', '-color_range', $range,
        ];
        $scaled = static fn (string $matrix, string $range = 'tv', string $pixels = 'yuv420p'): array => [
            "scale=out_color_matrix=$matrix:out_range=$range,format=$pixels",
        ];
        $none = ['-bsf:v', 'h264_metadata=colour_primaries=2:transfer_characteristics=2:matrix_coefficients=2'];
        foreach ([
            'HD that says nothing' => ['1280x720', 'bt709', $none],
            'SD that says nothing' => ['320x240', 'bt601', $none],
            'HD that says BT.709' => ['1280x720', 'bt709', $tagged('bt709')],
            'SD that says BT.709' => ['320x240', 'bt709', $tagged('bt709')],
            'HD that says BT.601' => ['1280x720', 'bt601', $tagged('smpte170m')],
            'SD that says PAL' => ['320x240', 'bt601', $tagged('bt470bg')],
        ] as $name => [$size, $matrix, $tags]) {
            $file = 'matrix-'.hash('crc32', $name).'.mp4';
            $this->draw($file, $scaled($matrix), $size, [...$x264, ...$tags]);
            $this->is($name, $file);
        }
        $this->draw('full.mp4', $scaled('bt709', 'pc'), '1280x720', [...$x264, ...$tagged('bt709', 'pc')]);
        $this->is('clip of full range', 'full.mp4');
        foreach (['yuv444p', 'yuv422p', 'yuv420p10le', 'yuv422p10le'] as $pixels) {
            $this->draw("pixels-$pixels.mp4", $scaled('bt709', 'tv', $pixels), '1280x720', [
                ...$x264, ...$tagged('bt709'),
            ]);
            $this->is("clip of $pixels", "pixels-$pixels.mp4", null, self::QUARTERS);
        }
        // Wide colour and high range are judged by what was drawn: browsers bring them down each in its own way.
        $wide = 'zscale=min=gbr:pin=bt709:tin=bt709:m=bt2020nc:p=bt2020:r=tv';
        $x265 = ['-c:v', 'libx265', '-preset', 'ultrafast', '-crf', '8', '-t', '0.2', '-x265-params'];
        $this->draw('wide.mp4', ['format=gbrp', "$wide:t=bt709,format=yuv420p10le"], '320x240', [
            ...$x265, 'log-level=none:colorprim=bt2020:transfer=bt709:colormatrix=bt2020nc',
        ]);
        $this->is('clip of BT.2020', 'wide.mp4', null, self::QUARTERS);
        foreach (['smpte2084' => 'PQ', 'arib-std-b67' => 'HLG'] as $transfer => $name) {
            $this->draw("high-$name.mp4", [
                'format=gbrp,setparams=color_primaries=bt709:color_trc=bt709:colorspace=gbr:range=pc',
                "zscale=m=bt2020nc:p=bt2020:t=$transfer:r=tv:npl=203,format=yuv420p10le",
            ], '320x240', [
                ...$x265, "log-level=none:colorprim=bt2020:transfer=$transfer:colormatrix=bt2020nc",
            ]);
            $this->is("clip of $name", "high-$name.mp4", null, self::QUARTERS);
        }
        $this->draw('through.mov', [
            'format=yuva444p10le', "geq=lum='lum(X,Y)':cb='cb(X,Y)':cr='cr(X,Y)':a='if(lt(X,W/2),1023,0)'",
        ], '320x240', ['-c:v', 'prores_ks', '-profile:v', '4444', '-t', '0.2']);
        $this->is('clip with a hidden half', 'through.mov', null, [
            self::QUARTERS[0], [255, 255, 255], self::QUARTERS[2], [255, 255, 255],
        ]);
    }

    private function refused(): void
    {
        $box = static fn (string $brand): string => pack('N', 24)."ftyp$brand".pack('N', 0)."{$brand}mif1"
            .str_repeat("\0", 400);
        foreach ([
            'heic' => 'a HEIC picture', 'avif' => 'an AVIF picture', 'mif1' => 'a HEIF picture',
        ] as $brand => $told) {
            $this->put("a.$brand", $box($brand));
            $this->is("$brand picture", "a.$brand", $told);
        }
        $this->draw('moving.webp', ['noise=alls=20:allf=t'], '128x96', ['-t', '0.2', '-loop', '0']);
        $this->is('moving WebP', 'moving.webp', 'an animated WebP');
        $this->draw('moving.apng', ['noise=alls=20:allf=t'], '128x96', ['-t', '0.2', '-f', 'apng']);
        $this->is('moving PNG', 'moving.apng', 'an animated PNG');
        $this->draw('moving.gif', [], '128x96', ['-t', '0.2']);
        $this->is('GIF', 'moving.gif', 'a GIF');
        $this->put('drawn.svg', '<svg xmlns="http://www.w3.org/2000/svg" width="128" height="96"/>');
        $this->is('SVG', 'drawn.svg', 'a drawing (SVG)');
        $this->ffmpeg('sound.mp4', '-f', 'lavfi', '-i', 'sine=duration=1');
        $this->is('sound alone', 'sound.mp4', 'holds sound but no pictures');
        $this->draw('thin.png', [], '640x32', ['-frames:v', '1']);
        $this->is('thin picture', 'thin.png', 'is too small: 640 × 32');
        $print = imagecreatetruecolor(128, 96);
        imagedestroy($print);
        // The head of a JPEG with four colours is enough to know it.
        $this->put('print.jpg', "\xFF\xD8\xFF\xC0".pack('nCnnC', 20, 8, 96, 128, 4).str_repeat("\1\x11\0", 4)
            ."\xFF\xDA".str_repeat("\0", 300)."\xFF\xD9");
        $this->is('JPEG for print', 'print.jpg', 'a picture for print (CMYK)');
        $jpeg = $this->read('flat.jpg');
        $this->put('cut.jpg', substr($jpeg, 0, intdiv(strlen($jpeg), 2)));
        $this->is('JPEG cut off', 'cut.jpg', 'damaged or cut off');
        $png = $this->read('flat.png');
        $this->put('cut.png', substr($png, 0, intdiv(strlen($png), 2)));
        $this->is('PNG cut off', 'cut.png', 'damaged or cut off');
        $clip = $this->read('flat.mp4');
        $this->put('cut.mp4', substr($clip, 0, intdiv(strlen($clip), 3)));
        $this->is('clip cut off', 'cut.mp4', 'damaged or cut off');
        $this->put('words.png', str_repeat('No picture at all. ', 40));
        $this->is('text', 'words.png', 'is not a video or a picture');
    }

    /**
     * @param  list<string>  $filters
     * @param  list<string>  $how
     */
    private function draw(string $file, array $filters, string $size, array $how): void
    {
        [$width, $height] = array_map(intval(...), explode('x', $size));
        $boxes = '';
        foreach (self::COLOURS as $i => $colour) {
            $boxes .= sprintf(
                ',drawbox=x=%d:y=%d:w=%d:h=%d:c=%s:t=fill',
                $i % 2 * intdiv($width, 2), intdiv($i, 2) * intdiv($height, 2), intdiv($width, 2), intdiv($height, 2),
                $colour,
            );
        }
        $this->ffmpeg(
            $file, '-f', 'lavfi', '-i', "color=black:s=$size:r=30:d=1,format=gbrp$boxes", '-vf',
            implode(',', $filters === [] ? ['null'] : $filters), ...$how,
        );
    }

    private function ffmpeg(string $file, string ...$arguments): void
    {
        if (! is_file("$this->folder/$file")) {
            $passing = "$this->folder/passing.".pathinfo($file, PATHINFO_EXTENSION);
            (new Process(['ffmpeg', '-v', 'error', '-y', ...$arguments, $passing]))->mustRun();
            rename($passing, "$this->folder/$file");
        }
    }

    private function read(string $file): string
    {
        return (string) file_get_contents("$this->folder/$file");
    }

    private function put(string $file, string $bytes): void
    {
        file_put_contents("$this->folder/$file", $bytes);
    }

    /** An EXIF block with nothing but the tag Orientation in it. */
    private static function tiff(int $turn, string $order): string
    {
        [$short, $long] = $order === 'II' ? ['v', 'V'] : ['n', 'N'];

        return $order.pack($short, 42).pack($long, 8).pack($short, 1).pack($short, 0x0112).pack($short, 3)
            .pack($long, 1).pack($short, $turn).pack($short, 0).pack($long, 0);
    }

    private static function jpegTurned(string $jpeg, int $turn): string
    {
        $exif = "Exif\0\0".self::tiff($turn, 'II');

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    private static function pngWith(string $png, string $name, string $body): string
    {
        // Behind the head, which is 33 bytes long.
        return substr($png, 0, 33).pack('N', strlen($body)).$name.$body.pack('N', crc32($name.$body)).substr($png, 33);
    }

    private static function webpTurned(string $webp, int $turn): string
    {
        $picture = substr($webp, 12);
        $exif = self::tiff($turn, 'II');
        $extended = 'VP8X'.pack('V', 10).chr(8)."\0\0\0".substr(pack('V', 127), 0, 3).substr(pack('V', 95), 0, 3);
        $body = 'WEBP'.$extended.$picture.'EXIF'.pack('V', strlen($exif)).$exif.(strlen($exif) % 2 ? "\0" : '');

        return 'RIFF'.pack('V', strlen($body)).$body;
    }
}
