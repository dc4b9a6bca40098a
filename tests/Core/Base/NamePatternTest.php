<?php

declare(strict_types=1);

namespace Tests\Core\Base;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\NamePattern;
use RapidReel\Base\Refusal;

final class NamePatternTest extends TestCase
{
    #[TestWith(['{number}-{slug}', '07-the-bell-under-the-bay'])]
    #[TestWith(['{slug}', 'the-bell-under-the-bay'])]
    #[TestWith(['{date}_{number}.{target}', '2026-12-01_07.up-to-60-s'])]
    #[TestWith(['../{number}/..', '07'])]
    #[TestWith(['.{number} {batch}', '07'])]
    #[TestWith(['A “B” {number}', 'a-b-07'])]
    public function test_fields_are_filled_in_and_nothing_leads_out_of_the_folder(string $pattern, string $name): void
    {
        self::assertSame($name, (new NamePattern($pattern))->name([
            'number' => 7, 'slug' => 'The bell under the bay', 'target' => 'Up to 60 s', 'date' => '2026-12-01',
        ]));
    }

    public function test_a_name_is_never_empty_and_never_too_long(): void
    {
        self::assertSame('short', (new NamePattern('{slug}'))->name(['slug' => '🔔']));
        self::assertSame('ling-yi-ge', (new NamePattern('{slug}'))->name(['slug' => '另一个']));
        $long = (new NamePattern('{slug}{slug}{slug}-{number}'))->name([
            'slug' => str_repeat('lamp ', 90), 'number' => 3,
        ]);
        self::assertLessThanOrEqual(150, strlen($long));
    }

    #[TestWith(['{nummer}', 'Nothing is filled in for {nummer}'])]
    #[TestWith(['final', 'all be called alike'])]
    #[TestWith(['{target}', 'all be called alike'])]
    #[TestWith(['{number}-{', 'one of them is open'])]
    public function test_a_pattern_that_does_not_work_is_told(string $pattern, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        new NamePattern($pattern);
    }
}
