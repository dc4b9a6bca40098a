<?php

declare(strict_types=1);

namespace Tests\Core\Making\Render;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Colour\Grade;
use RapidReel\Base\Colour\Looks;
use RapidReel\Base\Colour\Texture;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Blend;
use RapidReel\Making\Render\Bridge;
use RapidReel\Making\Render\Filter\FilterGraph;
use RapidReel\Making\Render\Filter\MatteFilters;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\FrameWindow;
use RapidReel\Pictures\Matte\Behind;
use RapidReel\Pictures\Matte\BehindKind;
use RapidReel\Pictures\Matte\Matte;
use RapidReel\Pictures\Matte\PlainGround;

/** Where in a graph a look stands: what is done once is not done in every frame, and nothing is done twice. */
final class LookFiltersTest extends TestCase
{
    private static function layer(FootageKind $kind, ?FramePath $path = null, ?Backdrop $backdrop = null): Layer
    {
        return new Layer(
            new Source($kind->value, $kind, 1920, 1080), 0, $path ?? FramePath::centred(1920, 1080, 9 / 16), $backdrop,
        );
    }

    private static function graph(Layer $layer, Look $look, ?Layer $next = null, ?Look $nextLook = null): string
    {
        return (new FilterGraph(new Recipe(
            30, new Raster(1080, 1920, 30), $layer, $look, CaptionScript::none(),
            Quality::Final->encoder($layer, $look), [],
            $next === null ? null : new Bridge($next, Blend::Dissolve, $nextLook),
        ), 'captions.ass', 'faces'))->write();
    }

    private static function zoom(): FramePath
    {
        return new FramePath([0 => new FrameWindow(0.5, 0.5, 0.9), 1_000 => new FrameWindow(0.5, 0.5, 0.8)]);
    }

    public function test_a_still_is_graded_before_a_window_goes_over_it_and_a_clip_in_the_frame(): void
    {
        $look = new Look(grade: new Grade(exposure: 20, texture: new Texture(vignette: 30)));
        foreach ([null, self::zoom()] as $path) {
            $still = self::graph(self::layer(FootageKind::Still, $path), $look);
            $after = $path === null ? 'loop=' : 'zoompan=';
            self::assertLessThan(strpos($still, $after), strpos($still, 'lutyuv='), $still);
            self::assertGreaterThan(strpos($still, $after), strpos($still, 'vignette='), 'corners are the frame\'s');
            self::assertSame(1, substr_count($still, 'lutyuv='));
        }
        $clip = self::graph(self::layer(FootageKind::Clip), $look);
        self::assertGreaterThan(strpos($clip, 'scale='), strpos($clip, 'lutyuv='));
        self::assertSame(1, substr_count($clip, 'lutyuv='));
        $whole = self::graph(self::layer(FootageKind::Still, backdrop: Backdrop::Blur), $look);
        self::assertGreaterThan(strpos($whole, 'overlay='), strrpos($whole, 'lutyuv='), 'with what is behind it');
    }

    public function test_both_sides_of_a_bridge_are_graded_once_each(): void
    {
        $look = new Look(grade: new Grade(contrast: 20, texture: new Texture(vignette: 30)));
        $still = self::layer(FootageKind::Still, self::zoom());
        $same = self::graph($still, $look, self::layer(FootageKind::Clip));
        self::assertSame(2, substr_count($same, 'lutyuv='), 'points of each side');
        self::assertSame(1, substr_count($same, 'vignette='), 'corners of what they become');
        self::assertGreaterThan(strpos($same, 'xfade='), strpos($same, 'vignette='));

        $dark = new Look(grade: new Grade(texture: new Texture(vignette: 60)));
        $other = self::graph($still, $look, self::layer(FootageKind::Clip), $dark);
        self::assertSame(1, substr_count($other, 'lutyuv='), 'one side has none');
        self::assertSame(2, substr_count($other, 'vignette='), 'each its own');
    }

    /** @return array<string, array{string}> */
    public static function looks(): array
    {
        return array_map(static fn (string $id): array => [$id], array_combine(
            array_keys(Looks::labels()), array_keys(Looks::labels()),
        ));
    }

    /** A name that is given twice, or taken from nothing, would be refused when it is rendered. */
    #[DataProvider('looks')]
    public function test_what_a_part_of_a_graph_gives_is_taken_once(string $id): void
    {
        $look = new Look(brightness: 0.1, dim: 0.2, grade: Looks::of($id));
        $still = self::layer(FootageKind::Still, self::zoom());
        $blurred = self::layer(FootageKind::Clip, backdrop: Backdrop::Blur);
        foreach ([[$still, null, null], [$blurred, $still, null], [$still, $blurred, new Look(dim: 0.1)]] as $case) {
            $graph = self::graph($case[0], $look, $case[1], $case[2]);
            preg_match_all('/\[([a-z][a-z0-9-]*)\]/', $graph, $names);
            foreach (array_count_values($names[1]) as $name => $times) {
                self::assertSame($name === 'out' ? 1 : 2, $times, "$name in $graph");
            }
        }
    }

    /** What a graph reads and nobody lays beside it could not be rendered. */
    #[DataProvider('looks')]
    public function test_the_tables_of_a_subject_are_those_that_are_laid_beside_it_whatever_its_look(string $id): void
    {
        $ground = new PlainGround([[32, 143, 62]], [[176, 55, 25]], 11);
        foreach ([BehindKind::Gradient, BehindKind::Blur] as $kind) {
            $keyed = new Layer(
                new Source('green', FootageKind::Clip, 1080, 1920), 0, FramePath::centred(1080, 1920, 9 / 16),
                matte: new Matte($ground, 80, new Behind($kind, ['1F3540', '0B1418'])),
            );
            $graph = self::graph($keyed, new Look(brightness: 0.1, grade: Looks::of($id)), $keyed);
            preg_match_all('/file=([a-z-]+\.cube)/', $graph, $read);
            self::assertEqualsCanonicalizing(
                [...MatteFilters::files('base'), ...MatteFilters::files('next')],
                array_values(array_unique(array_filter(
                    $read[1], static fn (string $file): bool => ! str_contains($file, 'grade'),
                ))),
            );
        }
    }

    public function test_nothing_is_done_where_there_is_no_look(): void
    {
        $graph = self::graph(self::layer(FootageKind::Clip), new Look);
        foreach (['lut', 'eq=', 'vignette', 'noise', 'convolution', 'overlay', 'blend'] as $filter) {
            self::assertStringNotContainsString($filter, $graph);
        }
    }

    public function test_grain_is_told_less_truly_in_what_is_handed_out_and_nowhere_else(): void
    {
        $grainy = new Look(grade: new Grade(texture: new Texture(grain: 20)));
        self::assertContains('20', Quality::Final->encoder(look: new Look(grade: new Grade(20))));
        self::assertContains('23', Quality::Final->encoder(look: $grainy));
        self::assertSame(Quality::Proof->encoder(), Quality::Proof->encoder(look: $grainy));
    }
}
