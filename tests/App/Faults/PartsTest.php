<?php

declare(strict_types=1);

namespace Tests\App\Faults;

use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofDesk;
use App\Makers\Proofs\ProofFrames;
use App\Makers\Proofs\ProofMaker;
use App\Media\Artwork\CubeShelf;
use App\Media\Artwork\TypefaceBook;
use App\Media\Audio\SoundMixer;
use App\Media\Store\MediaStore;
use App\Shelves\Library\LogoDesk;
use App\Shelves\Library\SoundDesk;
use App\Shelves\Library\TableDesk;
use App\Shelves\Library\TypefaceDesk;
use App\Shelves\Models\Effect;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use App\Shelves\Models\Typeface;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use Tests\Support\Burner;
use ZipArchive;

/**
 * Whatever a video is made of is compared with what it was when it is read: made again where that can be, named in the
 * operator's words where it cannot, and never left out without a word.
 */
final class PartsTest extends FaultCase
{
    private static function store(): MediaStore
    {
        return app(MediaStore::class);
    }

    private static function flip(string $file): void
    {
        $bytes = (string) file_get_contents($file);
        $at = intdiv(strlen($bytes), 2);
        file_put_contents($file, substr_replace($bytes, $bytes[$at] ^ "\x10", $at, 1));
    }

    /** A short with one of everything that a channel brings, each made to be seen or heard. */
    private function dressed(): Short
    {
        $channel = $this->channel();
        $svg = TEST_PLACE.'/parts-logo.svg';
        file_put_contents($svg, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"><rect width="9" height="9" '
            .'fill="#0B7A3B"/></svg>');
        $cube = TEST_PLACE.'/parts.cube';
        file_put_contents($cube, "TITLE \"Plain\"\nLUT_3D_SIZE 2\n".implode("\n", array_map(
            static fn (int $i): string => implode(' ', [$i & 1, ($i >> 1) & 1, ($i >> 2) & 1]),
            range(0, 7),
        )));
        $logo = app(LogoDesk::class)->bring($channel, $svg, 'Beacon.svg');
        app(TableDesk::class)->bring($channel, $cube, 'plain.cube');
        $ttf = TEST_PLACE.'/parts.ttf';
        copy(Burner::fonts().'/Rubik_800ExtraBold.ttf', $ttf);
        app(TypefaceDesk::class)->bring($channel, $ttf);
        $face = (string) Typeface::query()->where('channel_id', $channel->id)->value('face');
        $bell = app(SoundDesk::class)->effect($channel, self::media(
            'parts-bell.wav', '-f', 'lavfi', '-i', 'sine=frequency=880:duration=1',
        ), 'Bell.wav');
        foreach (['logo' => $logo->picture, 'look_table' => 'Plain', 'caption_face' => $face] as $key => $value) {
            $this->setting('channel', $channel->id, $key, $value)->assertOk();
        }
        $short = $this->short();
        $scene = $short->scenes[0];
        $this->postJson("/scenes/{$scene->id}/words/0/sound", ['sound' => "own-{$bell->id}"])->assertOk();
        $this->postJson("/scenes/{$scene->id}/words/1/cards", ['kind' => 'text', 'text' => 'Out!'])->assertOk();
        $this->work();

        return $short->refresh()->unsetRelations();
    }

    /** What was rendered before is no help. */
    private function renderedAnew(Short $short): Export
    {
        foreach (['videos', 'segments', 'mixes', 'beds'] as $room) {
            File::deleteDirectory(self::store()->path($room));
        }

        return $this->exported($short);
    }

    public function test_what_a_channel_brought_is_named_where_it_is_damaged_or_gone(): void
    {
        $short = $this->dressed();
        $first = $this->renderedAnew($short);
        self::assertSame([ExportState::Done, null], [$first->state, $first->problem]);
        $cut = $short->refresh()->plannedCut();
        self::assertNotNull($cut);
        $face = (string) Typeface::query()->value('face');
        foreach ([
            'The logo “Beacon”' => self::store()->source((string) $cut->over->logo?->picture),
            'The colour table' => app(CubeShelf::class)
                ->file((string) DB::table('colour_tables')->latest('id')->value('hash')),
            'A typeface that captions' => app(TypefaceBook::class)->file($face),
            'The effect “Bell”' => self::store()->path(Effect::query()->sole()->path),
        ] as $told => $file) {
            $whole = (string) file_get_contents($file);
            foreach ([
                'a flipped byte' => static fn () => self::flip($file),
                'half' => static fn () => file_put_contents($file, substr($whole, 0, intdiv(strlen($whole), 2))),
                'another one' => static fn () => file_put_contents($file, strrev($whole)),
                'gone' => static fn () => unlink($file),
            ] as $how => $damage) {
                $damage();
                $export = $this->renderedAnew($short);
                self::assertSame(ExportState::Failed, $export->state, "$told, $how");
                self::assertStringStartsWith($told, (string) $export->problem, $how);
                self::assertStringContainsString('Upload it again', (string) $export->problem);
                file_put_contents($file, $whole);
            }
        }
        self::assertSame(ExportState::Done, $this->renderedAnew($short)->state);
    }

    public function test_the_picture_of_a_card_is_drawn_again(): void
    {
        $short = $this->dressed();
        $this->renderedAnew($short);
        $card = self::store()->source((string) $short->refresh()->plannedCut()?->over->cards[0]->picture->key);
        $whole = md5_file($card);
        foreach ([static fn () => self::flip($card), static fn () => unlink($card)] as $damage) {
            $damage();
            $export = $this->renderedAnew($short);
            self::assertSame([ExportState::Done, null], [$export->state, $export->problem]);
            self::assertSame($whole, md5_file($card));
        }
    }

    public function test_previews_come_back_whatever_of_them_is_damaged_or_gone(): void
    {
        $short = $this->short();
        $desk = app(ProofDesk::class);
        $made = function () use ($short, $desk): Proof {
            $desk->order($short->refresh());
            $this->work(...['--queue' => 'plans,looks,proofs']);
            $short->refresh()->unsetRelations();
            self::assertNull($short->proof_problem);
            self::assertTrue($desk->isFresh($short));

            return Proof::of($short) ?? self::fail('There is none.');
        };
        $proof = $made();
        $video = app(ProofMaker::class)->file($proof->key);
        $this->get("/shorts/{$short->id}/proof.mp4")->assertOk();
        foreach ([
            'video' => static fn () => self::flip(app(ProofMaker::class)->file((Proof::of($short) ?? $proof)->key)),
            'picture' => static fn () => self::flip(
                app(ProofFrames::class)->file((Proof::of($short) ?? $proof)->key, 'dark'),
            ),
            'all that is spoken' => static fn () => File::deleteDirectory(self::store()->path('takes'))
                && File::deleteDirectory(self::store()->path('proofs'))
                && File::deleteDirectory(self::store()->path('mixes')),
        ] as $what => $damage) {
            $damage();
            app('cache')->flush();
            self::assertFalse($desk->isFresh($short->refresh()), $what);
            $what === 'video' && $this->get("/shorts/{$short->id}/proof.mp4")->assertNotFound();
            $what === 'picture' && $this->get("/shorts/{$short->id}/proof/dark.jpg")->assertNotFound();
            $made();
            $this->get("/shorts/{$short->id}/proof.mp4")->assertOk();
        }
        self::assertNotSame('', $video);
    }

    public function test_what_a_page_has_beside_a_preview_comes_back_when_somebody_looks(): void
    {
        $short = $this->dressed();
        $make = function () use ($short): void {
            $this->postJson("/shorts/{$short->id}/proof")->assertOk();
            $this->work(...['--queue' => 'plans,looks,proofs']);
        };
        $make();
        $cut = $short->refresh()->plannedCut() ?? self::fail('It is not planned.');
        $key = $cut->over->cards[0]->picture->key;
        $mixer = app(SoundMixer::class);
        foreach ([
            "/shorts/{$short->id}/cards/$key.png" => self::store()->source($key),
            "/shorts/{$short->id}/sheet/rest.flac" => $mixer->rest(MixPlan::of($cut)),
            "/shorts/{$short->id}/sheet/bed.flac" => $mixer->bed(MixPlan::of($cut)),
        ] as $address => $file) {
            $this->get($address)->assertOk();
            self::flip($file);
            app('cache')->flush();
            // A look alone orders nothing.
            $jobs = DB::table('jobs')->count();
            $this->get($address)->assertNotFound();
            self::assertSame($jobs, DB::table('jobs')->count());
            $make();
            $this->get($address)->assertOk();
        }
    }

    public function test_a_thumbnail_is_drawn_again_and_footage_that_changed_does_not_go_out(): void
    {
        $footage = Footage::query()->firstOrFail();
        $thumbnail = self::store()->path($footage->thumbnail);
        $this->get("/footage/{$footage->id}/thumbnail")->assertOk();
        $whole = (string) file_get_contents($thumbnail);
        file_put_contents($thumbnail, 'none');
        self::assertSame($whole, $this->get("/footage/{$footage->id}/thumbnail")->assertOk()->streamedContent());

        $file = self::store()->path($footage->path);
        $before = (string) file_get_contents($file);
        self::flip($file);
        $this->getJson("/footage/{$footage->id}/file")->assertStatus(422);
        file_put_contents($file, $before);
        $this->get("/footage/{$footage->id}/file")->assertOk();
    }

    public function test_a_finished_file_that_was_changed_later_leaves_by_no_door(): void
    {
        $short = $this->short();
        $export = $this->order($short, Quality::Final);
        Export::query()->whereKey($export->id)->update(['quality' => 'draft']);
        $this->work();
        Export::query()->whereKey($export->id)->update(['quality' => 'final']);
        self::assertCount(6, $export->refresh()->seals ?? []);
        $this->get("/batches/{$short->batch_id}/download")->assertOk();
        foreach (['mp4', 'srt', 'json'] as $extension) {
            $file = self::store()->path($export->file($extension));
            $whole = (string) file_get_contents($file);
            self::flip($file);
            $this->getJson("/exports/{$export->id}/$extension")->assertStatus(422)
                ->assertJsonPath('message', fn (string $said): bool => str_contains(
                    $said, 'the finished files of “Lamp” were changed, damaged or deleted',
                ));
            $this->from("/batches/{$short->batch_id}")->get("/batches/{$short->batch_id}/download")
                ->assertSessionHas('problem');
            file_put_contents($file, $whole);
        }
        $this->get("/exports/{$export->id}/poster")->assertOk();
        self::flip(self::store()->path($export->file('poster.jpg')));
        $this->get("/exports/{$export->id}/poster")->assertNotFound();
    }

    public function test_drafts_and_outdated_files_come_along_by_choice_and_are_named_so(): void
    {
        $batch = $this->made("# Lamp\nThe lamp went out.\n---\n# Bell\nA bell rang.\n---\n# Map\nThe map was wrong.");
        $this->post("/batches/{$batch->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        [$lamp, $bell] = [$batch->shorts[0], $batch->shorts[1]];
        Export::query()->whereIn('short_id', [$lamp->id, $bell->id])->update(['quality' => 'final']);
        $scene = $bell->scenes[0];
        $this->putJson("/scenes/{$scene->id}", ['text' => 'A bell rang twice.'])->assertOk();
        $this->work();
        $zip = fn (string $query): ZipArchive => self::zipOf(
            $this->get("/batches/{$batch->id}/download$query")->assertOk(),
        );
        $names = static fn (ZipArchive $zip): array => array_values(array_filter(array_map(
            static fn (int $i): string => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1),
        ), static fn (string $name): bool => str_ends_with($name, 'mp4')));
        self::assertSame(['01-lamp.mp4'], $names($zip('')));
        self::assertStringContainsString(',final', (string) $zip('')->getFromName('manifest.csv'));
        $all = $zip('?all=1');
        self::assertSame(['01-lamp.mp4', '02-bell-outdated.mp4', '03-map-draft.mp4'], $names($all));
        $manifest = (string) $all->getFromName('manifest.csv');
        self::assertMatchesRegularExpression(
            '/^02-bell-outdated\.mp4,Bell,.*02-bell-outdated\.srt,.*,outdated,short-\d+\r?$/m', $manifest,
        );
        self::assertMatchesRegularExpression('/^03-map-draft\.mp4,.*,draft,short-\d+\r?$/m', $manifest);
        $page = $this->get("/batches/{$batch->id}")->assertOk();
        foreach (['final', 'outdated', 'draft'] as $state) {
            $page->assertSee("data-leaves=\"$state\"", false);
        }
        // None of the chosen is finished: it says what there is.
        $this->getJson("/batches/{$batch->id}/download?shorts[]={$bell->id}")->assertStatus(422)
            ->assertJsonPath('message', fn (string $said): bool => str_contains($said, '1 outdated'));
    }

    public function test_what_was_stopped_can_be_had_again(): void
    {
        $short = $this->short();
        $export = $this->order($short);
        $this->post("/exports/{$export->id}/cancel")->assertRedirect();
        $this->get("/batches/{$short->batch_id}")->assertSee('Make Lamp again', false);
        $this->post("/shorts/{$short->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        self::assertSame(ExportState::Done, $short->refresh()->latestExport?->state);
    }

    /** @return array<string, array{string}> */
    public static function formats(): array
    {
        return ['srt' => ['srt'], 'vtt' => ['vtt'], 'ass' => ['ass']];
    }

    #[DataProvider('formats')]
    public function test_the_words_stay_in_the_files_where_no_captions_are_in_the_picture(string $format): void
    {
        $short = $this->made(
            'The lamp went out. A boat came in with a bell.', ['voice' => 'aldous', 'captions_shown' => 'off'],
        )->shorts[0];
        $this->work();
        self::assertSame([], $short->refresh()->plannedCut()?->cues);
        $file = (string) $this->get("/shorts/{$short->id}/captions.$format")->assertOk()->getContent();
        $plain = (string) preg_replace('/<[^>]*>|\{[^}]*\}/', '', $file);
        self::assertStringContainsString('The lamp went out.', $plain);
        self::assertStringContainsString('came in with a bell.', $plain);
    }
}
