<?php

declare(strict_types=1);

namespace Tests\Core\Making\Order;

use JsonException;
use JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Making\Order\Analysis;
use ValueError;

/** An order to look at a file is a value: it goes anywhere as JSON, and is the same there. */
final class AnalysisTest extends TestCase
{
    private const SCHEMA = __DIR__.'/../../../../docs/schema/analysis.schema.json';

    private const SOURCE = '0123456789abcdef0123456789abcdef';

    public function test_it_is_the_same_after_a_way_as_json(): void
    {
        foreach ([
            Analysis::interest(self::SOURCE), Analysis::ground(self::SOURCE, null),
            Analysis::ground(self::SOURCE, '30B050'),
        ] as $order) {
            $back = Analysis::fromJson($order->toJson());
            self::assertEquals($order, $back);
            self::assertSame($order->key(), $back->key());
            $validator = new Validator;
            $data = json_decode($order->toJson());
            $validator->validate($data, json_decode((string) file_get_contents(self::SCHEMA)));
            self::assertSame([], $validator->getErrors());
        }
    }

    public function test_what_gives_another_answer_has_another_key(): void
    {
        $keys = array_map(static fn (Analysis $order): string => $order->key(), [
            Analysis::interest(self::SOURCE), Analysis::interest(strrev(self::SOURCE)),
            Analysis::ground(self::SOURCE, null), Analysis::ground(strrev(self::SOURCE), null),
            Analysis::ground(self::SOURCE, '30B050'),
        ]);
        self::assertSame($keys, array_unique($keys));
    }

    #[TestWith(['{"analysis":"interest","source":"../../../../etc/passwd","colour":null}'])]
    #[TestWith(['{"analysis":"ground","source":"0123456789abcdef","colour":"$(id)"}'])]
    #[TestWith(['{"analysis":"all of it","source":"0123456789abcdef"}'])]
    #[TestWith(['{"analysis":"interest"}'])]
    #[TestWith(['{"analysis":["interest"],"source":{}}'])]
    public function test_what_names_no_file_by_its_hash_is_refused(string $json): void
    {
        $this->expectException(ValueError::class);
        Analysis::fromJson($json);
    }

    public function test_what_is_no_json_is_refused(): void
    {
        $this->expectException(JsonException::class);
        Analysis::fromJson('{"analysis":');
    }
}
