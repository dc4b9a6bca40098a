<?php

declare(strict_types=1);

namespace Tests\App;

use App\Makers\Planning\ShortPlanner;
use App\Makers\Proofs\ClearCue;
use App\Makers\Proofs\ContrastCheck;
use App\Makers\Videos\ShadeDesk;
use App\Makers\Videos\VideoMaker;
use App\Media\Process\Unwatched;
use App\Media\Store\MediaStore;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use RapidReel\Captions\Contrast\Wcag;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;

/** Pictures are darkened under captions that would be faint, by as much as these need, and nowhere else. */
final class ShadeTest extends AppTestCase
{
    private function plan(Short $short): Cut
    {
        $shelf = app(LibraryShelf::class)->of($this->channel());
        $short = Short::query()->findOrFail($short->id);

        return app(ShadeDesk::class)->of(app(ShortPlanner::class)->plan($short, $shelf, new Unwatched), $shelf);
    }

    /** @return list<int> by shot */
    private static function shades(Cut $cut): array
    {
        return array_merge(...array_map(
            static fn (CutScene $scene): array => array_map(
                static fn (CutShot $shot): int => $shot->look->shade,
                $scene->shots,
            ),
            $cut->scenes,
        ));
    }

    /** The bound is WCAG's for text (success criterion 1.4.3). */
    public function test_captions_that_would_be_faint_are_clear_and_the_others_are_left(): void
    {
        $this->actingAs($this->user());
        foreach (['snow' => 'white', 'night' => '0x080a14', 'fog' => '0xb8b8b8'] as $name => $colour) {
            app(FootageImporter::class)->footage($this->channel(), self::media(
                "shade-$name.png", '-f', 'lavfi', '-i', "color=c=$colour:s=540x960", '-frames:v', '1',
            ), "$name.png", [$name]);
        }
        $short = $this->made("# Snow\nThe snow lay deep.\nThe night was dark.\nThe fog came in.", [
            'caption_outline' => 0, 'caption_shadow' => 0, 'caption_glow' => 0, 'caption_plate' => 'none',
            'caption_fill' => 'FFFFFF', 'caption_spoken_colour' => 'FFFFFF', 'music' => 'none',
        ])->shorts[0];
        foreach ($short->scenes as $i => $scene) {
            $this->putJson(route('scenes.swap', [$scene, 0]), [
                'footage' => Footage::query()->where('tags', 'like', '%'.['snow', 'night', 'fog'][$i].'%')->value('id'),
            ])->assertOk();
        }
        $plain = $this->plan($short);
        self::assertSame([0, 0, 0], self::shades($plain));
        self::assertNotSame([], array_filter($this->clear($plain), static fn (ClearCue $cue): bool => $cue->isFaint()));

        $this->setting('short', $short->id, 'shade', 'needed')->assertOk();
        $cut = $this->plan($short);
        [$snow, $night, $fog] = self::shades($cut);
        self::assertSame(0, $night);
        self::assertGreaterThan($fog, $snow);
        self::assertGreaterThan(20, $fog);
        foreach ($this->clear($cut) as $cue) {
            self::assertGreaterThanOrEqual(Wcag::LEAST, $cue->ratio, "at {$cue->startMs} ms");
        }
        // No darker than it must be.
        self::assertLessThan(75, $snow);
        $keys = fn (Cut $of): array => array_column(app(SegmentPlanner::class)->plan($of, Quality::Proof, true), 'key');
        self::assertSame($keys($plain)[1], $keys($cut)[1]);
        self::assertNotSame($keys($plain)[0], $keys($cut)[0]);
    }

    /** @return list<ClearCue> */
    private function clear(Cut $cut): array
    {
        $video = app(MediaStore::class)->path('shade.mp4');
        app(VideoMaker::class)->make(
            $cut, MixPlan::of($cut), app(SegmentPlanner::class)->plan($cut, Quality::Proof, true),
            app(LibraryShelf::class)->of($this->channel()), new Unwatched, $video,
        );

        return app(ContrastCheck::class)->of($cut, $video);
    }
}
