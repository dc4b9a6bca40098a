<?php

declare(strict_types=1);

namespace Tests\Core\Base;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Limits;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\TargetForm;
use RapidReel\Base\Target\TargetLength;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Base\Target\Targets;
use RapidReel\Plan\Settings\Type\TargetsType;

/** What an outlet accepts is data: it is typed, kept, and of several the tightest holds. */
final class TargetTest extends TestCase
{
    /** @return array<string, string> */
    private static function typed(): array
    {
        return [
            'name' => 'The quay', 'shape' => '1:1', 'side' => '720', 'fps' => '50', 'shortest' => '7,5',
            'longest' => '58.5', 'hook' => '2', 'loudness' => '−16', 'true_peak' => '-1.5', 'most_mb' => '12.5',
            'title_most' => '80', 'description_most' => '300', 'tags_most' => '5', 'tag_most' => '20',
            'cover' => '1080 × 1350', 'safe_top' => '10', 'safe_right' => '12.5', 'safe_bottom' => '20',
            'safe_left' => '5',
        ];
    }

    public function test_what_is_typed_is_kept_as_it_was_meant_and_typed_again_alike(): void
    {
        $target = (new TargetForm(self::typed()))->target('own-quay');

        self::assertSame([720, 720], $target->picture->size(FrameShape::Upright));
        self::assertSame(50, $target->picture->fps);
        self::assertEquals(new TargetLength(7_500, 58_500, 2_000), $target->length);
        self::assertSame([-16.0, -1.5], [$target->sound->loudness, $target->sound->truePeak]);
        self::assertSame(12_500_000, $target->file->most);
        self::assertSame([1080, 1350], $target->texts->cover);
        self::assertSame(0.125, $target->frame(FrameShape::Upright)->safe->right);
        self::assertEquals($target, Target::fromArray($target->toArray()));
        self::assertEquals($target, (new TargetForm(TargetForm::fields($target)))->target('own-quay'));
        foreach (Targets::shipped() as $shipped) {
            self::assertEquals($shipped, (new TargetForm(TargetForm::fields($shipped)))->target($shipped->id));
        }
    }

    public function test_the_usual_sizes_of_every_shape_are_even(): void
    {
        self::assertSame([720, 1280], (new TargetPicture(side: 720))->size(FrameShape::Upright));
        self::assertSame([2160, 3840], (new TargetPicture(side: 2160))->size(FrameShape::Upright));
        self::assertSame([3840, 2160], (new TargetPicture(FrameShape::Wide, 2160))->size(FrameShape::Upright));
        self::assertSame([1080, 1350], (new TargetPicture(FrameShape::Portrait))->size(FrameShape::Upright));
        foreach (FrameShape::cases() as $shape) {
            foreach ([240, 242, 718, 720, 1078, 2158] as $side) {
                [$width, $height] = (new TargetPicture($shape, $side))->size($shape);
                self::assertSame([0, 0, $side], [$width % 2, $height % 2, min($width, $height)]);
            }
        }
    }

    /** @return array<string, array{array<string, string>, string}> */
    public static function wrong(): array
    {
        return [
            'no pixels' => [['side' => '0'], 'The shorter side is “0”; it may be from 240 to 2160 pixels.'],
            'an odd side' => [['side' => '1081'], 'even numbers'],
            'half a pixel' => [['side' => '720.5'], 'whole number'],
            'no number' => [['side' => '1e999'], 'may be from 240'],
            'words for a number' => [['side' => 'large'], '“large”'],
            '240 frames' => [['fps' => '240'], '24, 25, 30, 50, 60 frames a second; 240 is none of these.'],
            'a shape of nobody' => [['shape' => '3:2'], '9:16, 4:5, 1:1 or 16:9'],
            'shortest over longest' => [['shortest' => '90', 'longest' => '60'], 'The shortest is 90 s'],
            'nothing is left' => [['safe_top' => '60', 'safe_bottom' => '40'], 'leaves no room'],
            'nothing is left across' => [['safe_left' => '36'], 'leaves no room'],
            'more than all' => [['safe_top' => '140'], 'from 0 to 100 %'],
            'louder than all' => [['loudness' => '3'], 'from -31 to -8 LUFS'],
            'no name' => [['name' => " \t"], 'needs a name'],
            'a list for a name' => [['name' => 'Quay, wall'], 'no commas'],
            'a long name' => [['name' => str_repeat('x', 61)], 'at most 60'],
            'a file of nothing' => [['most_mb' => '0'], 'from 0.5'],
            'a cover of nothing' => [['cover' => '0x0'], 'two numbers of pixels'],
            'a title of nothing' => [['title_most' => '0'], 'A title is “0”'],
        ];
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_meant_is_told_in_words(array $typed, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        (new TargetForm([...self::typed(), ...$typed]))->target('own-quay');
    }

    public function test_of_several_targets_the_tightest_holds_and_says_whose_it_is(): void
    {
        $targets = new Targets;
        $one = Limits::of([$targets->get('upto-90')]);
        self::assertSame([90_000, ['', '', '']], [$one->length->longestMs, $one->whose]);

        $some = Limits::of([$targets->get('no-cap'), $targets->get('over-60'), $targets->get('upto-180')]);
        self::assertSame([61_000, 90_000], [$some->length->shortestMs, $some->length->longestMs]);
        self::assertSame(['60 to 90 s', '60 to 90 s', 'Any length'], $some->whose);
        self::assertSame([2_000, 0], [$some->over(92_000), $some->over(90_000)]);
        self::assertSame([1_000, 0], [$some->under(60_000), $some->under(61_000)]);
        self::assertSame(0, Limits::of([$targets->get('no-cap')])->over(10_000_000));
        self::assertEquals($some, Limits::fromArray($some->toArray()));
    }

    public function test_targets_that_are_written_as_json_are_read_or_refused(): void
    {
        $type = new TargetsType;
        $own = (new TargetForm(self::typed()))->target('own-quay');
        $kept = $type->read((string) json_encode(['own-quay' => $own->toArray()]));
        self::assertEquals(['own-quay' => $own], TargetsType::all($kept));
        self::assertSame('1 target', $type->says($kept));

        foreach ([
            'no JSON' => '{', 'an id of ours' => json_encode(['upto-60' => $own->toArray()]),
            'a place for an id' => json_encode(['own-../../x' => $own->toArray()]),
            'half of it' => json_encode(['own-quay' => ['label' => 'Quay']]),
            '240 frames' => json_encode(['own-quay' => [...$own->toArray(), 'fps' => 240]]),
            'too many' => json_encode(array_combine(
                array_map(static fn (int $i): string => "own-$i", range(1, 41)), array_fill(0, 41, $own->toArray()),
            )),
        ] as $what => $written) {
            try {
                $type->read((string) $written);
                self::fail($what);
            } catch (Refusal $refusal) {
                self::assertNotSame('', $refusal->getMessage());
            }
        }
    }
}
