<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Models\Footage;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

final class FootageTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        DB::table('footage')->delete();
        $this->actingAs($this->user());
    }

    /** @return array<string, mixed> */
    private function upload(string $path, ?string $name = null, string $tags = ''): array
    {
        $answer = $this->post('/footage', [
            'files' => [new UploadedFile($path, $name ?? basename($path), null, null, true)],
            'tags' => $tags,
        ])->assertOk();

        return (array) $answer->json();
    }

    public function test_what_a_file_says_of_itself_becomes_tags(): void
    {
        $clip = self::media(
            'told.mp4', '-f', 'lavfi', '-i', 'color=navy:size=320x240:duration=1', '-metadata',
            'title=The old quay at dawn', '-metadata', 'keywords=fog bank, herring', '-metadata', 'comment=Lavf60.1',
        );
        $this->upload($clip, 'clip07.mp4');
        $picture = self::still('told.jpg', '300x200', 'gray');
        $subject = '<x:xmpmeta><dc:subject><rdf:Bag><rdf:li>bell buoy</rdf:li><rdf:li>ice &amp; snow</rdf:li></rdf:Bag>'
            .'</dc:subject></x:xmpmeta>';
        $packet = "http://ns.adobe.com/xap/1.0/\0$subject";
        $iptc = "\x1C\x02\x19".pack('n', 9).'lamproom!';
        $record = "Photoshop 3.0\x008BIM\x04\x04\0\0".pack('N', strlen($iptc)).$iptc;
        $bytes = (string) file_get_contents($picture);
        file_put_contents($picture, substr($bytes, 0, 2)."\xFF\xE1".pack('n', strlen($packet) + 2).$packet
            ."\xFF\xED".pack('n', strlen($record) + 2).$record.substr($bytes, 2));
        $this->upload($picture, 'p.jpg', 'mine');

        [$still, $moving] = Footage::query()->latest('id')->take(2)->get()->all();
        self::assertSame(['clip07', 'old', 'quay', 'dawn', 'fog bank', 'herring'], $moving->tagList());
        self::assertSame(['mine', 'lamproom!', 'bell buoy', 'ice & snow'], $still->tagList());
    }

    public function test_a_clip_and_a_still_come_into_the_library_and_are_found_by_their_tags(): void
    {
        self::assertSame(['Clip'], $this->upload(self::clip(), null, 'Boat, harbour at dusk')['added']);
        self::assertSame(['Old bell'], $this->upload(self::still(), 'old_bell.png')['added']);

        $clip = Footage::query()->where('name', 'Clip')->firstOrFail();
        self::assertSame(
            [640, 360, 4_000, ['boat', 'harbour at dusk']],
            [$clip->width, $clip->height, $clip->duration_ms, $clip->tagList()],
        );
        self::assertSame(['old', 'bell'], Footage::query()->where('name', 'Old bell')->firstOrFail()->tagList());
        $this->get('/footage?search=harbour')->assertOk()->assertSee('Clip')->assertDontSee('Old bell');
        $this->get('/footage?kind=still')->assertSee('Old bell')->assertDontSee('value="Clip"', false);
        $this->get('/footage?search=100%25')->assertOk()->assertSee('Nothing found');
        $this->get("/footage/{$clip->id}/thumbnail")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_the_same_file_twice_is_one_piece_of_footage(): void
    {
        $this->upload(self::clip());
        $this->upload(self::clip(), 'again.mp4');

        self::assertSame(1, Footage::query()->count());
    }

    public function test_footage_is_kept_under_names_of_ours(): void
    {
        $this->upload(self::clip(), '../../../../tmp/<b>evil</b>.mp4');

        $one = Footage::query()->firstOrFail();
        self::assertMatchesRegularExpression('#^library/[0-9a-f-]{36}\.mp4$#', $one->path);
        $this->get('/footage')->assertDontSee('<b>evil', false);
    }

    public function test_names_and_tags_can_be_changed(): void
    {
        $this->upload(self::still());
        $one = Footage::query()->firstOrFail();
        $this->put("/footage/{$one->id}", ['name' => 'The bell', 'tags' => 'Bell,  ring , bell'])->assertRedirect();

        self::assertSame(['The bell', ['bell', 'ring']], [$one->refresh()->name, $one->tagList()]);
        $this->put("/footage/{$one->id}", ['name' => ''])->assertSessionHasErrors('name');
    }

    /** @return array<string, array{callable(): string, string}> */
    public static function unusable(): array
    {
        $written = static function (string $name, string $contents): string {
            $path = TEST_PLACE."/$name";
            file_put_contents($path, $contents);

            return $path;
        };

        return [
            'a clip that is cut off' => [
                static fn (): string => $written(
                    'cut.mp4',
                    substr((string) file_get_contents(self::clip()), 0, 60_000),
                ),
                'damaged or cut off',
            ],
            'a clip whose pictures are broken' => [
                static fn (): string => $written('broken.mp4', self::scrambled()),
                'damaged or cut off',
            ],
            'text named as a video' => [
                static fn (): string => $written('text.mp4', str_repeat("just words\n", 200)),
                'is not a video or a picture',
            ],
            'random bytes' => [
                static fn (): string => $written('noise.mp4', str_repeat("\x01\xfe\x7f\x80", 5_000)),
                'is not a video or a picture',
            ],
            'an HLS playlist' => [
                static fn (): string => $written('list.mp4', "#EXTM3U\n#EXTINF:9,\nfile:///etc/passwd\n"),
                'is a playlist',
            ],
            'a concat list' => [
                static fn (): string => $written('list2.mp4', "ffconcat version 1.0\nfile '/etc/passwd'\n"),
                'is a playlist',
            ],
            'a huge picture' => [
                static fn (): string => $written('huge.png', self::hugePng(30_000)),
                '30,000 × 30,000 pixels',
            ],
            'a picture that is cut off' => [
                static fn (): string => $written('half.png', substr((string) file_get_contents(self::still()), 0, 900)),
                'damaged or cut off',
            ],
            'an empty file' => [static fn (): string => $written('empty.mp4', ''), 'is not a video or a picture'],
            'sound alone' => [static fn (): string => self::music(), 'holds sound but no pictures'],
        ];
    }

    /** @param  callable(): string  $file */
    #[DataProvider('unusable')]
    public function test_what_cannot_serve_is_refused_in_plain_words_and_leaves_nothing(
        callable $file,
        string $why,
    ): void {
        $answer = $this->upload($file());

        self::assertSame([], $answer['added']);
        self::assertStringContainsString($why, $answer['problems'][0]);
        self::assertSame(0, Footage::query()->count());
    }

    private static function scrambled(): string
    {
        $bytes = (string) file_get_contents(self::clip());
        for ($i = 20_000; $i < 120_000; $i += 7) {
            $bytes[$i] = "\xA5";
        }

        return $bytes;
    }

    /** The head of a PNG of that size: enough to be believed, and nothing to read. */
    private static function hugePng(int $side): string
    {
        $chunk = static fn (string $type, string $data): string => pack('N', strlen($data)).
            $type.
            $data.
            pack('N', crc32($type.$data));

        return "\x89PNG\r\n\x1a\n".
            $chunk('IHDR', pack('NNCCCCC', $side, $side, 8, 2, 0, 0, 0)).
            $chunk('IDAT', (string) gzcompress(str_repeat("\0", 90_000))).
            $chunk('IEND', '');
    }
}
