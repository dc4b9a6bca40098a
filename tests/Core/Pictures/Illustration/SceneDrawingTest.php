<?php

declare(strict_types=1);

namespace Tests\Core\Pictures\Illustration;

use PHPUnit\Framework\TestCase;
use RapidReel\Pictures\Illustration\SceneDrawing;
use RapidReel\Pictures\Illustration\Subjects;

final class SceneDrawingTest extends TestCase
{
    public function test_the_same_brief_and_seed_give_the_same_picture_and_others_another(): void
    {
        $one = SceneDrawing::svg('Close: the bell ringing, by night', 1);

        self::assertSame($one, SceneDrawing::svg('Close: the bell ringing, by night', 1));
        self::assertNotSame($one, SceneDrawing::svg('Close: the bell ringing, by night', 2));
        self::assertNotSame($one, SceneDrawing::svg('Close: the bell ringing, at dawn', 1));
        self::assertNotFalse(simplexml_load_string($one));
    }

    public function test_what_is_named_is_drawn_what_comes_first_foremost(): void
    {
        self::assertSame(['lighthouse', 'boat'], Subjects::in('The lighthouse guided no ships'));
        self::assertSame(['person', 'bell'], Subjects::in('A keeper rang the bell'));
        self::assertSame([], Subjects::in('Eleven years <script>'));
        self::assertStringNotContainsString('script', SceneDrawing::svg('Eleven years <script>', 3));
    }
}
