<?php

declare(strict_types=1);

namespace Tests\Core\Making\Publish;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Csv;
use RapidReel\Base\FileName;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\Targets;
use RapidReel\Making\Mix\Loudness;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Publish\Manifest;
use RapidReel\Making\Publish\PublishTime;
use Tests\Support\Cuts;

final class PublishTest extends TestCase
{
    /** @return array<string, array{string, string}> */
    public static function titles(): array
    {
        return [
            'words' => ['The lamp that burned for nobody', '03-the-lamp-that-burned-for-nobody'],
            'accents and signs' => ['Łódź — “Café” & 3½ boats!', '03-lodz-cafe-3-1-2-boats'],
            'another script' => ['Маяк', '03-maak'],
            'a path' => ['../../etc/passwd', '03-etc-passwd'],
            'nothing usable' => ['…!?', '03-short'],
        ];
    }

    #[DataProvider('titles')]
    public function test_a_file_name_is_safe_on_every_disk(string $title, string $name): void
    {
        self::assertSame($name, FileName::numbered(3, $title));
        self::assertLessThanOrEqual(64, strlen(FileName::numbered(3, str_repeat($title, 20))));
    }

    public function test_cells_are_quoted_and_never_run_as_formulas(): void
    {
        self::assertSame(
            "a,\"b \"\"c\"\", d\",'=1+1,'@x,-1.5\r\n",
            Csv::write([['a', 'b "c", d', '=1+1', '@x', -1.5]]),
        );
    }

    public function test_the_manifest_names_every_file_of_every_short(): void
    {
        $rows = explode(
            "\r\n",
            Manifest::csv([
                Manifest::row(
                    '01-a',
                    Cuts::of(['One two.', 'Three four five six seven eight nine ten eleven twelve.']),
                ),
            ]),
        );

        self::assertSame('file,title,duration_s,hook_s,scenes,profile,flags,srt,vtt,ass,cut,state,id', $rows[0]);
        self::assertMatchesRegularExpression(
            '/^01-a\.mp4,A test,[\d.]+,0\.64,2,upto-60,.*,01-a\.srt,01-a\.vtt,01-a\.ass,01-a\.json,final,'
                .'script-[0-9a-f]{16}$/',
            $rows[1],
        );
    }

    public function test_the_mix_changes_its_key_with_anything_that_is_heard(): void
    {
        $plan = MixPlan::of(Cuts::of(['One two.', 'Three.']));

        self::assertSame($plan->key(), MixPlan::of(Cuts::of(['One two.', 'Three.']))->key());
        self::assertNotSame($plan->key(), MixPlan::of(Cuts::of(['One two.', 'Four.']))->key());
        self::assertSame([0, $plan->voice[1]['start_ms']], array_column($plan->voice, 'start_ms'));
    }

    public function test_loudness_is_reached_by_the_difference_and_silence_is_left_alone(): void
    {
        self::assertSame(6.0, (new Loudness(-20, -3))->gainTo(-14));
        self::assertSame(0.0, (new Loudness(-120, -120))->gainTo(-14));
        self::assertTrue((new Loudness(-14.2, -1.9))->meets(-14, -1));
        self::assertFalse((new Loudness(-14.2, -0.5))->meets(-14, -1));
        self::assertFalse((new Loudness(-15.2, -3))->meets(-14, -1));
    }

    public function test_a_target_is_known_by_what_operators_write(): void
    {
        self::assertSame(
            [
                'upto-60', 'upto-60', 'upto-90', 'upto-180', 'over-60', 'no-cap', 'own-4', null,
            ],
            array_map((new Targets([new Target('own-4', 'The wall at the quay')]))->named(...), [
                '60 s', 'Up to 60 s', '90', '3 min', '60-90', 'no cap', 'the wall  at the quay', 'tomorrow',
            ]),
        );
    }

    public function test_a_time_to_publish_is_read_where_it_can_mean_only_one(): void
    {
        $same = [
            '2026-12-01 18:00', '2026-12-01T18:00', '1.12.2026 18:00', '1 Dec 2026 18:00', '2026-12-01T19:00:00+01:00',
        ];
        foreach ($same as $written) {
            self::assertSame('2026-12-01 18:00', PublishTime::read($written)?->format('Y-m-d H:i'), $written);
        }
        foreach (['next week', '03/04/2026', '2026-02-30', '31.11.2026', ''] as $written) {
            self::assertNull(PublishTime::read($written), $written);
        }
    }
}
