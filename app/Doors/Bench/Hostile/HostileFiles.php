<?php

declare(strict_types=1);

namespace App\Doors\Bench\Hostile;

use Symfony\Component\Process\Process;
use ZipArchive;

/** Files that were made to hurt, of every kind that can be brought: whole ones, and what can be done to them. */
final readonly class HostileFiles
{
    private const SOURCES = [
        'a.png' => ['-f', 'lavfi', '-i', 'mandelbrot=size=320x240', '-frames:v', '1'],
        'a.jpg' => ['-f', 'lavfi', '-i', 'mandelbrot=size=320x240', '-frames:v', '1'],
        'a.webp' => ['-f', 'lavfi', '-i', 'mandelbrot=size=320x240', '-frames:v', '1', '-c:v', 'libwebp'],
        'a.mp4' => ['-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30:duration=2', '-pix_fmt', 'yuv420p'],
        'a.webm' => ['-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30:duration=1', '-c:v', 'libvpx-vp9'],
        'a.mkv' => ['-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30:duration=1', '-pix_fmt', 'yuv420p'],
        'a.ts' => ['-f', 'lavfi', '-i', 'testsrc2=size=320x180:rate=30:duration=1'],
        'a.wav' => ['-f', 'lavfi', '-i', 'sine=frequency=440:duration=3'],
        'a.mp3' => ['-f', 'lavfi', '-i', 'sine=frequency=440:duration=3'],
        'a.flac' => ['-f', 'lavfi', '-i', 'sine=frequency=440:duration=3'],
        'a.ogg' => ['-f', 'lavfi', '-i', 'sine=frequency=440:duration=3'],
        'a.m4a' => ['-f', 'lavfi', '-i', 'sine=frequency=440:duration=3'],
    ];

    public function __construct(
        private string $folder,
        private string $face,
    ) {
    }

    /**
     * @param  int  $count  how many
     * @return list<array{string, string}> path and the name that it goes by
     */
    public function make(int $count): array
    {
        @mkdir($this->folder, 0755, true);
        $whole = $this->whole();
        $made = [];
        mt_srand(29);
        foreach ($this->crafted() as $name => $bytes) {
            $made[] = [$this->kept(count($made), $bytes), $name];
        }
        $names = array_keys($whole);
        while (count($made) < $count) {
            $name = $names[count($made) % count($names)];
            $made[] = [$this->kept(count($made), self::damaged($whole[$name])), self::called($name)];
        }

        return array_slice($made, 0, $count);
    }

    private function kept(int $number, string $bytes): string
    {
        file_put_contents("{$this->folder}/hostile-$number", $bytes);

        return "{$this->folder}/hostile-$number";
    }

    /** @return array<string, string> by name */
    private function whole(): array
    {
        $whole = [];
        foreach (self::SOURCES as $name => $arguments) {
            $path = "{$this->folder}/whole-$name";
            (new Process(['ffmpeg', '-v', 'error', '-y', ...$arguments, $path], timeout: 60))->mustRun();
            $whole[$name] = (string) file_get_contents($path);
        }
        $whole['a.ttf'] = (string) file_get_contents($this->face);
        $whole['a.svg'] = self::svg('<rect width="50" height="50" fill="#0B7A3B"/>');
        $whole['a.cube'] = "LUT_3D_SIZE 2\n".str_repeat("0.1 0.2 0.3\n", 8);
        $whole['a.zip'] = $this->zip(['house.json' => json_encode([
            'kind' => 'rapid-reel-house-style', 'version' => 1, 'settings' => ['look' => 'ink'],
        ], JSON_THROW_ON_ERROR)]);
        $whole['a.srt'] = "1\n00:00:00,000 --> 00:00:02,000\nThe lamp went out.\n";
        $whole['a.csv'] = "title,script\nLamp,\"The lamp went out.\"\n";
        $whole['a.md'] = "# Lamp\n\nThe lamp went out.\n";

        return $whole;
    }

    /** @return array<string, string> what no accident makes */
    private function crafted(): array
    {
        $house = static fn (array $more): string => (string) json_encode([
            'kind' => 'rapid-reel-house-style', 'version' => 1, ...$more,
        ]);
        $logo = ['kind' => 'logo', 'id' => 'a', 'name' => 'n', 'file' => 'logo/a.png'];
        $uses = '<g id="u0"><rect width="9" height="9"/></g>';
        for ($i = 1; $i < 10; $i++) {
            $uses .= "<g id=\"u$i\">".str_repeat('<use href="#u'.($i - 1).'"/>', 10).'</g>';
        }
        $head = "\x89PNG\r\n\x1a\n".self::chunk('IHDR', pack('NN', 60_000, 60_000)."\x08\x06\0\0\0");
        $bomb = "p\0\0".gzcompress(str_repeat("\0", 200_000_000), 9);

        return [
            'traversal.zip' => $this->zip(['house.json' => $house([
                'files' => ['../../../../../public/x.php' => [
                    'kind' => 'x', 'id' => 'a', 'name' => 'n', 'file' => 'p',
                ]],
            ]), 'p' => '<?php echo "ran";']),
            'outward.zip' => $this->zip(['../../public/x.php' => '<?php', 'house.json' => $house([])]),
            'absolute.zip' => $this->zip(['/etc/cron.d/reel' => 'x', 'house.json' => $house([])]),
            'list.zip' => $this->zip(['house.json' => $house(['settings' => ['a', 'b', 3]])]),
            'many.zip' => $this->zip(array_fill(0, 3_000, 'x') + ['house.json' => $house([])]),
            'same.zip' => $this->zip(['house.json' => $house(['files' => array_fill(0, 60, $logo)]),
                'logo/a.png' => str_repeat("\0", 10_000_000)]),
            'deep.zip' => $this->zip(['house.json' => str_repeat('[', 100_000)]),
            'wide.zip' => $this->zip(['house.json' => $house([
                'words' => ['style_words' => str_repeat('x', 3_000_000)],
            ])]),
            'scripts.zip' => $this->zip(['../a.md' => '# A', 'b.zip' => 'PK', 'c.txt' => 'The lamp went out.']),
            'bomb.zip' => $this->zip(['a.txt' => str_repeat('The lamp. ', 20_000_000)]),
            'uses.svg' => self::svg("<defs>$uses</defs><use href=\"#u9\"/>"),
            'waves.svg' => self::svg('<filter id="f"><feTurbulence baseFrequency="0.9" numOctaves="999999"/></filter>'
                .'<rect width="99" height="99" filter="url(#f)"/>'),
            'morph.svg' => self::svg('<filter id="f"><feMorphology operator="dilate" radius="10000"/></filter>'
                .'<rect width="99" height="99" filter="url(#f)"/>'),
            'entity.svg' => '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>'.self::svg('<text>&x;</text>'),
            'script.svg' => self::svg('<script>alert(1)</script>'),
            'outside.svg' => self::svg('<image href="file:///etc/passwd" width="9" height="9"/>'),
            'huge.png' => $head,
            'profile.png' => substr($head, 0, 8).self::chunk('IHDR', pack('NN', 64, 64)."\x08\x06\0\0\0")
                .self::chunk('iCCP', $bomb),
            'playlist.mp4' => "#EXTM3U\n#EXTINF:1,\nfile:///etc/passwd\n",
            'concat.mp4' => "ffconcat version 1.0\nfile /etc/passwd\n",
            'page.mp4' => '<html><script>alert(1)</script></html>',
            'script.php' => '<?php echo "ran";',
            'long.flac' => "fLaC\x80\0\0\x22\x10\0\x10\0\0\0\0\0\0\0\x0A\xC4\x42\xFF\xFF\xFF\xFF\xFF"
                .str_repeat("\0", 16),
            'infinite.cube' => "LUT_3D_SIZE 2\n".str_repeat("1e999 -1e999 nan\n", 8),
            'vast.cube' => "LUT_3D_SIZE 9999\n0 0 0\n",
            'null.md' => "---\npublish_at: 2026\x00\x01\ntags: \x07\n---\nThe lamp\x00 went out.",
            'quotes.csv' => 'title,script'."\n".str_repeat('"', 50_001),
            'empty.mp4' => '', 'empty.ttf' => '', 'empty.zip' => '', 'empty.wav' => '',
        ];
    }

    private static function svg(string $inside): string
    {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 99 99\">$inside</svg>";
    }

    private static function chunk(string $kind, string $data): string
    {
        return pack('N', strlen($data)).$kind.$data.pack('N', crc32($kind.$data));
    }

    /** @param  array<array-key, string>  $files */
    private function zip(array $files): string
    {
        $path = "{$this->folder}/made.zip";
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        foreach ($files as $name => $text) {
            $zip->addFromString((string) $name, $text);
        }
        $zip->close();

        return (string) file_get_contents($path);
    }

    private static function damaged(string $bytes): string
    {
        $length = max(1, strlen($bytes));
        $at = mt_rand(0, $length - 1);

        return match (mt_rand(0, 7)) {
            0 => substr($bytes, 0, $at),
            1 => substr_replace($bytes, str_repeat("\0", mt_rand(1, 4_000)), $at, mt_rand(0, 4_000)),
            2 => substr_replace($bytes, random_bytes(mt_rand(1, 200)), $at, mt_rand(0, 200)),
            3 => substr($bytes, $at).substr($bytes, 0, $at),
            4 => $bytes.$bytes,
            5 => substr_replace($bytes, "\xFF\xFF\xFF\xFF", min($length - 1, mt_rand(0, 200)), 4),
            6 => strrev($bytes),
            default => self::flipped($bytes, mt_rand(1, 12)),
        };
    }

    private static function flipped(string $bytes, int $times): string
    {
        for ($i = 0; $i < $times && $bytes !== ''; $i++) {
            $at = mt_rand(0, strlen($bytes) - 1);
            $bytes[$at] = $bytes[$at] ^ chr(1 << mt_rand(0, 7));
        }

        return $bytes;
    }

    private static function called(string $name): string
    {
        $extension = pathinfo($name, PATHINFO_EXTENSION);

        return ["lamp.$extension", "../../$name", "a\u{202E}gpj.$extension", str_repeat('x', 200).".$extension",
            "<img src=x onerror=alert(1)>.$extension", "..$extension", "'; drop table x;--.$extension"][mt_rand(0, 6)];
    }
}
