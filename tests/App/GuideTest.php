<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Http\Presenters\Guide;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Review\Pace\PaceCode;

/** The guide: what it names is there, what leads to it finds its place, and what it has one type works. */
final class GuideTest extends AppTestCase
{
    public function test_every_flag_has_its_part_of_the_guide_and_every_part_one_place(): void
    {
        $anchors = array_column(Guide::read()->contents, 'anchor');
        self::assertSame([], array_diff_assoc($anchors, array_unique($anchors)), 'No two parts have one name.');
        $flags = array_filter(FlagCode::cases(), static fn (FlagCode $one): bool => $one !== FlagCode::Estimated);
        foreach ([
            ...array_map(static fn (FlagCode $one): string => $one->label(), $flags),
            ...array_map(static fn (FindingKind $one): string => $one->label(), FindingKind::cases()),
            ...array_map(static fn (PaceCode $one): string => $one->brief(), PaceCode::cases()),
        ] as $label) {
            self::assertContains(Guide::anchor($label), $anchors, $label);
        }
    }

    public function test_help_opens_at_what_is_about_the_page_and_its_pictures_are_there(): void
    {
        $anchors = array_column(Guide::read()->contents, 'anchor');
        foreach (Route::getRoutes()->getRoutesByName() as $name => $route) {
            $topic = Guide::topic((string) $name);
            self::assertTrue($topic === '' || in_array($topic, $anchors, true), "$name: $topic");
        }
        $this->actingAs($this->user());
        $this->get('/house')->assertOk()->assertSee('/help#set-up-a-channel', false);
        $page = $this->get('/help')->assertOk();
        preg_match_all('#src="[^"]*(/help/[a-z-]+\.png)"#', (string) $page->getContent(), $pictures);
        self::assertGreaterThan(5, count($pictures[1]));
        foreach ($pictures[1] as $picture) {
            $this->get($picture)->assertOk()->assertHeader('Content-Type', 'image/png');
        }
        $this->get('/help/..%2F..%2F.env.png')->assertNotFound();
        // What is written in it is shown and never run.
        self::assertStringNotContainsString('<script', Guide::read()->html);
    }

    /** @return array<string, array{string}> */
    public static function commands(): array
    {
        $guide = (string) file_get_contents(dirname(__DIR__, 2).'/docs/guide.md');
        preg_match_all('/^```sh\n(.+?)^```/ms', $guide, $found);
        $lines = array_filter(explode("\n", implode('', $found[1])));

        return array_combine($lines, array_map(static fn (string $line): array => [$line], $lines));
    }

    #[DataProvider('commands')]
    public function test_what_the_guide_has_one_type_works_as_it_stands(string $line): void
    {
        self::assertStringStartsWith('php artisan reel:', $line);
        $words = array_slice(explode(' ', $line), 2);
        $this->library();
        // One command takes up what another has left; each is tried by itself.
        $made = 'var/guide/01-the-bottle-that-saw-storms-coming.mp4';
        if (str_contains($line, $made) && ! File::exists(base_path($made))) {
            $this->console(
                'reel:make', 'demo/scripts/08-the-storm-glass.txt', '--quality=draft', '--out=var/guide',
            );
        }
        $process = $this->console(...$words);
        // A review tells by its status what it has found.
        self::assertContains($process->getExitCode(), $words[0] === 'reel:review' ? [0, 10, 20] : [0], $line
            .$process->getErrorOutput());
        self::assertNotSame('', $process->getOutput().$process->getErrorOutput());
    }
}
