<?php

declare(strict_types=1);

namespace Tests\Core\Making\Render;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Colour\Written;
use RapidReel\Making\Render\EncoderArguments;
use RapidReel\Making\Render\Quality;

/** What may come from elsewhere among the arguments of a program. */
final class EncoderArgumentsTest extends TestCase
{
    public function test_what_every_quality_says_is_ours(): void
    {
        foreach (Quality::cases() as $quality) {
            self::assertTrue(EncoderArguments::areOurs($quality->encoder()), $quality->value);
        }
    }

    /** @param  array<array-key, mixed>  $arguments */
    #[TestWith([[]])]
    #[TestWith([['-c:v']])]
    #[TestWith([['-c:v', 'libx264', '/tmp/out.mp4']])]
    #[TestWith([['-c:v', '../x']])]
    #[TestWith([['-c:v', "libx264\n"]])]
    #[TestWith([['-i', 'concat']])]
    #[TestWith([['-vstats_file', 'x']])]
    #[TestWith([['-crf', 20]])]
    public function test_what_names_files_or_is_no_setting_is_not(array $arguments): void
    {
        self::assertFalse(EncoderArguments::areOurs($arguments));
    }

    #[TestWith(['FFF'])]
    #[TestWith(['00000g'])]
    #[TestWith(["000000\n"])]
    #[TestWith(['000000;movie=x'])]
    #[TestWith([null])]
    public function test_a_colour_is_six_digits_and_nothing_else(mixed $written): void
    {
        self::assertSame(['00aAfF'], Written::all(['00aAfF']));
        $this->expectException(InvalidArgumentException::class);
        Written::all([$written]);
    }
}
