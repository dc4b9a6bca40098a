<?php

declare(strict_types=1);

namespace Tests\Core\Making\Render;

use PHPUnit\Framework\TestCase;
use RapidReel\Making\Render\Blend;
use RapidReel\Making\Render\Recipe;

/** What is hashed is all the renderer sees. */
final class RecipeTest extends TestCase
{
    private const LAYER = [
        'source' => ['key' => 'a', 'kind' => 'still', 'width' => 1200, 'height' => 1600],
        'in_ms' => 200,
        'path' => [
            ['ms' => 0, 'x' => 0.5, 'y' => 0.5, 'scale' => 0.8],
            ['ms' => 900, 'x' => 0.45, 'y' => 0.55, 'scale' => 0.7],
        ],
    ];

    public function test_every_field_changes_the_key_and_survives_the_json(): void
    {
        $recipe = $this->recipe();
        $written = json_decode($recipe->toJson(), true);
        self::assertIsArray($written);
        self::assertSame($recipe->key(), Recipe::fromJson($recipe->toJson())->key());

        $keys = [$recipe->key() => 'as it is'];
        foreach (self::leaves($written) as $place => $changed) {
            $key = Recipe::fromJson((string) json_encode($changed, JSON_PRESERVE_ZERO_FRACTION))->key();
            self::assertArrayNotHasKey($key, $keys, "$place changes nothing");
            $keys[$key] = $place;
        }
        self::assertGreaterThan(40, count($keys));
    }

    public function test_size_and_encoder_leave_the_picture_the_same_one(): void
    {
        $small = $this->recipe()->sized(540, 960, ['-crf', '30']);

        self::assertNotSame($this->recipe()->key(), $small->key());
        self::assertSame($this->recipe()->picture(), $small->picture());
    }

    private function recipe(): Recipe
    {
        return Recipe::fromJson((string) json_encode([
            'frames' => 30, 'fps' => 30, 'width' => 1080, 'height' => 1920,
            'layer' => self::LAYER + ['key' => [
                'ground' => ['colours' => [[40, 176, 70]], 'subject' => [[200, 150, 120]], 'noise' => 8], 'spill' => 80,
                'behind' => ['kind' => 'gradient', 'colours' => ['1F3540', '0B1418']],
            ]],
            'next' => ['source' => ['key' => 'b', 'kind' => 'clip', 'width' => 640, 'height' => 360]] + self::LAYER,
            'blend' => Blend::cases()[0]->value,
            'overlays' => [[
                'source' => ['key' => 'c', 'kind' => 'still', 'width' => 64, 'height' => 64],
                'x' => 0.1, 'y' => 0.1, 'width' => 0.2, 'opacity' => 0.9,
                'span' => ['from' => -4, 'frames' => 20, 'enter' => 'rise', 'leave' => 'fade'],
            ]],
            'look' => [
                'brightness' => 0.01, 'saturation' => 1.1, 'dim' => 0.2,
                'shade' => ['percent' => 40, 'top' => 0.5, 'bottom' => 0.7],
            ],
            'captions' => ['ass' => '[Script Info]', 'faces' => ['narrow'], 'band' => [900, 1200]],
            'encoder' => ['-crf', '20'],
        ], JSON_PRESERVE_ZERO_FRACTION));
    }

    /**
     * The same with one leaf changed, for every leaf there is.
     *
     * @param  array<mixed>  $whole
     * @return iterable<string, array<mixed>>
     */
    private static function leaves(array $whole): iterable
    {
        foreach ($whole as $name => $value) {
            if (is_array($value)) {
                foreach (self::leaves($value) as $below => $changed) {
                    yield "$name.$below" => array_replace($whole, [$name => $changed]);
                }

                continue;
            }
            $other = match (true) {
                $value === 'gradient' => 'blur',
                $value === 'rise', $value === 'fade' => 'grow',
                $name === 'kind' => $value === 'still' ? 'clip' : 'still',
                $name === 'blend' => Blend::cases()[1]->value,
                preg_match('/^[0-9A-F]{6}$/D', (string) $value) === 1 => strrev((string) $value),
                is_int($value) => $value + 1,
                is_float($value) => $value - 0.001,
                default => "$value.",
            };
            yield (string) $name => array_replace($whole, [$name => $other]);
        }
    }
}
