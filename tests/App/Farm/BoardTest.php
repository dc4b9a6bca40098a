<?php

declare(strict_types=1);

namespace Tests\App\Farm;

use App\Media\Farm\FarmLink;
use App\Media\Farm\FarmUnreachable;
use App\Media\Farm\MakerReport;
use App\Media\Farm\Offer;
use App\Media\Farm\OrderBoard;
use App\Media\Farm\Roll;
use App\Media\Farm\Standing;
use App\Media\Farm\Toolprint;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\TestWith;
use RapidReel\Base\Refusal;

/** Orders that lie in a real Redis. */
final class BoardTest extends FarmCase
{
    private static function offer(string $key, float $weight = 1.0, bool $isJoined = true): Offer
    {
        return new Offer(str_pad($key, 16, '0'), "{\"order\": \"$key\"}", 1, $isJoined, $weight);
    }

    public function test_the_heaviest_is_taken_first_and_by_one_alone(): void
    {
        $this->board('main')->offer([self::offer('a', 3), self::offer('b', 7), self::offer('c', 5)]);
        [$attic, $cellar] = [$this->board('attic'), $this->board('cellar')];

        self::assertSame('{"order": "b"}', $attic->take()?->order);
        self::assertSame('{"order": "c"}', $cellar->take()?->order);
        self::assertSame('{"order": "a"}', $attic->take()?->order);
        self::assertNull($cellar->take());
        self::assertSame([Standing::Others, []], $this->board('main')->claim(self::offer('b')->key));
    }

    public function test_what_was_made_is_told_with_its_files_and_is_not_given_out_again(): void
    {
        $offer = self::offer('a');
        [$main, $attic] = [$this->board('main'), $this->board('attic')];
        $main->offer([$offer]);
        $attic->take();
        $attic->made($offer->key, ['segments/aa/a.mp4']);
        $main->offer([$offer]);

        self::assertNull($attic->take());
        self::assertSame([Standing::Made, ['segments/aa/a.mp4']], $main->claim($offer->key));
        self::assertSame([Standing::Own, []], $main->claim($offer->key), 'seen once: what is not there is made here');
    }

    public function test_what_is_handed_back_or_failed_is_free_for_others(): void
    {
        $offer = self::offer('a');
        [$main, $attic, $cellar] = [$this->board('main'), $this->board('attic'), $this->board('cellar')];
        $main->offer([$offer]);
        $attic->take();
        $attic->leave($offer->key);
        self::assertNotNull($attic->take());
        $attic->decline($offer->key);
        self::assertNull($attic->take(), 'it is not given again what it failed at');
        self::assertNotNull($cellar->take());
        self::assertFalse($attic->beat($offer->key), 'and another has it now');
        self::assertTrue($cellar->beat($offer->key));
    }

    public function test_one_that_takes_no_part_leaves_what_is_open_to_others_but_not_what_they_failed_at(): void
    {
        $offer = self::offer('a');
        [$main, $attic] = [$this->board('main'), $this->board('attic')];
        $main->offer([$offer]);
        self::assertSame([Standing::Open, []], $main->claim($offer->key, takes: false));
        $attic->take();
        self::assertSame([Standing::Others, []], $main->claim($offer->key, takes: false));
        $attic->decline($offer->key);
        self::assertSame([Standing::Own, []], $main->claim($offer->key, takes: false));
    }

    public function test_a_machine_with_other_tools_makes_only_what_is_not_joined(): void
    {
        $this->board('main')->offer([self::offer('a'), self::offer('b', isJoined: false)]);

        self::assertSame('{"order": "b"}', $this->board('attic', 'another')->take()?->order);
        self::assertNull($this->board('attic', 'another')->take());
        self::assertSame('{"order": "a"}', $this->board('cellar')->take()?->order);
    }

    public function test_a_machine_with_another_version_is_given_nothing(): void
    {
        $this->board('main')->offer([self::offer('a'), self::offer('b', isJoined: false)]);
        $old = new OrderBoard(
            new FarmLink($this->address()), 'attic/1', 'attic', new Toolprint('older', 'same', ''),
        );

        self::assertNull($old->take());
    }

    public function test_another_application_in_the_same_redis_is_not_touched(): void
    {
        $other = new OrderBoard(
            new FarmLink($this->address(), 'another'), 'x/1', 'x', new Toolprint('code', 'same', ''),
        );
        $this->board('main')->offer([self::offer('a')]);

        self::assertNull($other->take());
        $link = new FarmLink($this->address());
        foreach ((array) $link->ask('KEYS', ['*']) as $name) {
            self::assertStringStartsWith('rapid-reel:', (string) $name);
        }
        $this->expectException(InvalidArgumentException::class);
        new FarmLink($this->address(), "with space\r\nFLUSHALL");
    }

    #[TestWith(['redis://:wrong@127.0.0.1:%d', 'refuses the password'])]
    #[TestWith(['redis://127.0.0.1:%d', 'refuses the password'])]
    #[TestWith(['redis://:x@127.0.0.1:1', 'does not answer'])]
    public function test_what_is_wrong_with_redis_is_said(string $address, string $said): void
    {
        $link = new FarmLink(sprintf($address, $this->port));
        $this->expectException(FarmUnreachable::class);
        $this->expectExceptionMessage($said);
        (new Roll($link))->makers();
    }

    public function test_a_full_redis_is_said_and_nothing_is_waited_for(): void
    {
        (new FarmLink($this->address()))->ask('CONFIG', ['SET', 'maxmemory', '1']);
        $link = new FarmLink($this->address());
        $board = new OrderBoard($link, 'main/1', 'main', new Toolprint('code', 'same', ''));
        $begun = microtime(true);
        for ($i = 0; $i < 20; $i++) {
            try {
                $board->offer([self::offer('a')]);
                self::fail('It was to be full.');
            } catch (FarmUnreachable $full) {
                self::assertStringContainsString('Redis is full', $full->getMessage());
            }
        }
        self::assertLessThan(1.0, microtime(true) - $begun);
    }

    #[TestWith(['no JSON'])]
    #[TestWith(['{"threads": 1}'])]
    #[TestWith(['{"threads": 9000, "order": "{}"}'])]
    #[TestWith(['[[[[[[[[1]]]]]]]]'])]
    public function test_what_lies_there_and_is_no_order_is_refused_and_left(string $written): void
    {
        $key = self::offer('a')->key;
        $this->board('main')->offer([self::offer('a')]);
        (new FarmLink($this->address()))->ask('SET', ["rapid-reel:order:$key", $written]);
        $attic = $this->board('attic');
        try {
            $attic->take();
            self::fail('It was to be refused.');
        } catch (Refusal) {
            self::assertNull($attic->take(), 'and is not taken again');
        }
    }

    public function test_who_is_there_is_known_with_speeds_and_failures(): void
    {
        $roll = app(Roll::class);
        $tools = new Toolprint('code', 'print', 'ffmpeg 5');
        $roll->answer(new MakerReport('attic', 2, $tools, 'A shot', made: 7));
        $roll->answer(new MakerReport('attic', 1, $tools, why: 'It has no room.'));
        $roll->worked('attic', 30_000_000, 2.0);
        $roll->worked('attic', 10_000_000, 2.0);
        $roll->failed('attic', 'A shot', 'The disk said no.');
        $roll->leaveOut(['attic']);

        self::assertSame(['attic/1', 'attic/2'], array_map(
            static fn (MakerReport $one): string => $one->id(), $roll->makers(),
        ));
        self::assertSame(7, $roll->makers()[1]->made);
        self::assertEqualsWithDelta(10.0, $roll->speeds()['attic'], 0.01);
        self::assertSame('The disk said no.', $roll->failures()[0]['why']);
        self::assertTrue($roll->isLeftOut('attic'));
        $roll->leaveOut([]);
        self::assertFalse($roll->isLeftOut('attic'));
        $roll->leaves('attic/2');
        self::assertCount(1, $roll->makers());
    }
}
