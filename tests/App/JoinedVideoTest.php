<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\Making\Maker;
use App\Media\Probing\NotAsPlanned;
use App\Media\Store\Findings;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Video\Joiner;
use App\Media\Video\Packets;
use App\Media\Video\Sources;
use App\Media\Video\VideoInspector;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\FramePath;
use Symfony\Component\Process\Process;

/** What goes out holds, packet by packet, what was rendered and mixed, and all of that can be decoded. */
final class JoinedVideoTest extends AppTestCase
{
    private const SECONDS = 1.5;

    private string $video = '';

    /** @var non-empty-list<array{string, int}> */
    private array $parts;

    private ?Packets $joined = null;

    private Recipe $like;

    protected function setUp(): void
    {
        parent::setUp();
        $clip = self::clip('joined-clip.mp4');
        $key = (string) hash_file('xxh128', $clip);
        app(Sources::class)->lay($key, $clip, 'it');
        $quality = Quality::Draft;
        $shots = array_map(static fn (int $frames): Recipe => new Recipe(
            $frames, new Raster($quality->width(), $quality->height(), 30),
            new Layer(new Source($key, FootageKind::Clip, 640, 360), 0, FramePath::centred(640, 360, 9 / 16)), new Look,
            CaptionScript::none(), $quality->encoder(),
        ), [20, 25]);
        app(Maker::class)->make($shots);
        $this->parts = array_map(static fn (Recipe $shot): array => [
            app(Maker::class)->file($shot), $shot->frames,
        ], $shots);
        $this->like = $shots[0];
        $this->join();
    }

    private function join(): void
    {
        $sound = self::media(
            'joined-sound.m4a', '-f', 'lavfi', '-i', 'sine=frequency=300:sample_rate=48000:duration='.self::SECONDS,
            '-c:a', 'aac', '-ac', '2',
        );
        $this->video = app(MediaStore::class)->workFolder().'/joined.mp4';
        $this->joined = app(Joiner::class)->join($this->parts, $sound, 'Joined', $this->video, $this->like);
    }

    private function compare(): void
    {
        app(VideoInspector::class)->compare($this->video, $this->parts, 30, self::SECONDS, $this->joined);
    }

    public function test_what_is_as_it_was_joined_passes_and_is_decoded_once(): void
    {
        $this->compare();
        foreach ($this->parts as [$file]) {
            $content = KeptFiles::hashOf(KeptFiles::sealOf($file));
            self::assertNotNull(app(Findings::class)->known(Findings::DECODED, $content));
        }
        $this->compare();
        $this->joined = null;
        $this->compare();
        self::assertSame('45', self::probe($this->video)['streams'][0]['nb_read_frames']);
    }

    /** @return array<string, array{string, string}> what is done to the file, and what is told */
    public static function harms(): array
    {
        return [
            'a picture that others are told from is another one' => ['first', 'put in'],
            'one bit of the last picture' => ['last', 'put in'],
            'one bit of the sound' => ['sound', 'put in'],
            'its end is missing' => ['end', 'end'],
            'a shot is missing' => ['shot', '20 of 45 frames'],
            'the sound ends early' => ['short', 's of sound for 1.50 s'],
        ];
    }

    #[DataProvider('harms')]
    public function test_what_became_another_on_its_way_does_not_go_out(string $harm, string $told): void
    {
        $bytes = (string) file_get_contents($this->video);
        $cut = fn (string ...$how): string => (string) file_get_contents(
            self::media("harmed-$harm.mp4", '-i', $this->video, ...$how),
        );
        file_put_contents($this->video, match ($harm) {
            'shot' => $cut('-c', 'copy', '-frames:v', '20'),
            'short' => $cut('-c:v', 'copy', '-af', 'atrim=end=1'),
            'end' => substr($bytes, 0, (int) (0.8 * strlen($bytes))),
            default => self::flipped($this->video, $bytes, $harm),
        });

        $this->expectException(NotAsPlanned::class);
        $this->expectExceptionMessage($told);
        $this->compare();
    }

    public function test_a_shot_that_its_encoder_wrote_wrong_does_not_go_out_whatever_its_seal_says(): void
    {
        [$file] = $this->parts[0];
        file_put_contents($file, self::flipped($file, (string) file_get_contents($file), 'whole'));
        $this->join();

        $this->expectException(NotAsPlanned::class);
        $this->expectExceptionMessage('cannot be decoded');
        $this->compare();
    }

    /** The bytes of a file with some of a packet turned over. */
    private static function flipped(string $file, string $bytes, string $which): string
    {
        $listed = (new Process([
            'ffprobe', '-v', 'error', '-select_streams', $which === 'sound' ? 'a' : 'v', '-show_entries',
            'packet=pos,size', '-of', 'json', $file,
        ]))->mustRun()->getOutput();
        $packets = json_decode($listed, true)['packets'];
        ['pos' => $at, 'size' => $size] = array_map(intval(...), $which === 'last' ? end($packets) : $packets[0]);
        [$from, $length] = $which === 'whole' ? [intdiv($size, 4), intdiv($size, 2)] : [$size - 3, 1];

        return substr_replace($bytes, ~substr($bytes, $at + $from, $length), $at + $from, $length);
    }
}
