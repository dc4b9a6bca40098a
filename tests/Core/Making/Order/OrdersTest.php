<?php

declare(strict_types=1);

namespace Tests\Core\Making\Order;

use JsonException;
use JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\FrameShape;
use RapidReel\Captions\Card\CardDesign;
use RapidReel\Making\Order\Analysis;
use RapidReel\Making\Order\CardStill;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Order\SpokenTake;
use RapidReel\Making\Order\TightTake;
use RapidReel\Voice\Speech\Speaker;
use RapidReel\Voice\Speech\Voice;
use ValueError;

/** An order is a value: it goes anywhere as JSON, and is the same there. */
final class OrdersTest extends TestCase
{
    private const SCHEMAS = __DIR__.'/../../../../docs/schema/';

    private const SOURCE = '0123456789abcdef0123456789abcdef';

    private const RAW = self::SOURCE.self::SOURCE;

    /** @return array<string, array{class-string<Order>, string, list<Order>}> kinds, their schemas, differing orders */
    public static function orders(): array
    {
        $voice = new Voice('aldous', 'Aldous', 'en-GB', 'plain', 'low', new Speaker('en-gb', 40, 165));
        $look = static fn (string $text, int $turn = 0): CardDesign => new CardDesign(
            'text', $text, 'plex-sans', 'FFD23F', '', 400, $turn,
        );

        return [
            'analyses' => [Analysis::class, 'analysis', [
                Analysis::interest(self::SOURCE), Analysis::interest(strrev(self::SOURCE)),
                Analysis::ground(self::SOURCE, null), Analysis::ground(strrev(self::SOURCE), null),
                Analysis::ground(self::SOURCE, '30B050'),
            ]],
            'raw takes' => [SpokenTake::class, 'speech', [
                new SpokenTake('The Ness light — out!', [], $voice, 'one'),
                new SpokenTake('The Ness light — out!', [], $voice, 'two'),
                new SpokenTake('The Ness light — out!', [], $voice->at(120), 'one'),
                new SpokenTake('The Ness light — out!', ['Ness' => 'Nace'], $voice, 'one'),
                new SpokenTake('The light — out!', [], $voice, 'one'),
            ]],
            'tight takes' => [TightTake::class, 'take', [
                new TightTake(self::RAW, null, [], 100), new TightTake(self::RAW, 0, [], 100),
                new TightTake(self::RAW, 120, [], 100), new TightTake(self::RAW, 120, [3, 7], 100),
                new TightTake(self::RAW, 120, [], 115), new TightTake(strrev(self::RAW), 120, [], 100),
            ]],
            'cards' => [CardStill::class, 'card', [
                new CardStill($look('Nein — 5 %'), FrameShape::Upright),
                new CardStill($look('Nein — 5 %'), FrameShape::Wide),
                new CardStill($look('Nein — 5 %', -12), FrameShape::Upright),
                new CardStill($look('Ja'), FrameShape::Upright),
            ]],
        ];
    }

    /**
     * @param  class-string<Analysis|SpokenTake|TightTake|CardStill>  $class
     * @param  list<Order>  $orders
     */
    #[DataProvider('orders')]
    public function test_it_is_the_same_after_a_way_as_json(string $class, string $schema, array $orders): void
    {
        foreach ($orders as $order) {
            $back = $class::fromJson($order->toJson());
            self::assertEquals($order, $back);
            self::assertSame($order->key(), $back->key());
            $validator = new Validator;
            $data = json_decode($order->toJson());
            $validator->validate($data, json_decode((string) file_get_contents(self::SCHEMAS."$schema.schema.json")));
            self::assertSame([], $validator->getErrors());
        }
    }

    /**
     * @param  class-string<Order>  $class
     * @param  list<Order>  $orders
     */
    #[DataProvider('orders')]
    public function test_what_gives_something_else_has_another_key(string $class, string $schema, array $orders): void
    {
        $keys = array_map(static fn (Order $order): string => $order->key(), $orders);
        self::assertSame($keys, array_unique($keys));
    }

    public function test_a_pronunciation_that_is_not_used_changes_nothing(): void
    {
        $voice = new Voice('aldous', 'Aldous', 'en-GB', 'plain', 'low', new Speaker('en-gb', 40, 165));
        $plain = new SpokenTake('The light.', [], $voice, 'one');
        $with = new SpokenTake('The light.', ['Ness' => 'Nace'], $voice, 'one');

        self::assertSame($plain->key(), $with->key());
        self::assertSame($plain->toJson(), $with->toJson());
    }

    #[TestWith([Analysis::class, '{"analysis":"interest","source":"../../../../etc/passwd","colour":null}'])]
    #[TestWith([Analysis::class, '{"analysis":"ground","source":"0123456789abcdef","colour":"$(id)"}'])]
    #[TestWith([Analysis::class, '{"analysis":"all of it","source":"0123456789abcdef"}'])]
    #[TestWith([Analysis::class, '{"analysis":"interest"}'])]
    #[TestWith([Analysis::class, '{"analysis":["interest"],"source":{}}'])]
    #[TestWith([TightTake::class, '{"take":"../a","dead_air_ms":null,"kept_pauses":[],"tempo":100}'])]
    #[TestWith([TightTake::class, '{"take":"'.self::RAW.'","dead_air_ms":null,"kept_pauses":["1"],"tempo":100}'])]
    #[TestWith([TightTake::class, '{"take":"'.self::RAW.'","dead_air_ms":null,"kept_pauses":[],"tempo":1}'])]
    #[TestWith([SpokenTake::class, '{"speech":"Out","pronunciations":{},"voice":{},"engines":"one"}'])]
    #[TestWith([SpokenTake::class, '{"speech":"","pronunciations":{},"voice":{},"engines":"one"}'])]
    #[TestWith([CardStill::class, '{"card":{"kind":"arrow","text":"","face":"x","fill":"\"/><image href=\"/etc\"/>",'.
        '"plate":"","size":100,"turn":0},"shape":"9:16"}'])]
    #[TestWith([CardStill::class, '{"card":{"kind":"../x","text":"","face":"x","fill":"FFFFFF",'.
        '"plate":"","size":100,"turn":0},"shape":"9:16"}'])]
    public function test_what_is_no_such_order_is_refused(string $class, string $json): void
    {
        $this->expectException(ValueError::class);
        /** @var class-string<Analysis|TightTake|SpokenTake|CardStill> $class */
        $class::fromJson($json);
    }

    public function test_what_is_no_json_is_refused(): void
    {
        $this->expectException(JsonException::class);
        Analysis::fromJson('{"analysis":');
    }
}
