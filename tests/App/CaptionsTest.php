<?php

declare(strict_types=1);

namespace Tests\App;

use App\Desks\Editing\CaptionEditor;
use App\Desks\Editing\CaptionImport;
use App\Desks\Editing\CaptionMender;
use App\Desks\Editing\EditBook;
use App\Desks\Editing\HalfFit;
use App\Desks\Editing\ScriptEditor;
use App\Desks\Editing\SettingsDesk;
use App\Desks\Editing\StyleDesk;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Proofs\ClearCue;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofDesk;
use App\Makers\Proofs\ProofFrames;
use App\Makers\Proofs\ProofMaker;
use App\Makers\Videos\VideoMaker;
use App\Media\Artwork\TypefaceBook;
use App\Media\Process\Unwatched;
use App\Shelves\Levels\Resolver;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\TypefaceDesk;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use App\Shelves\Models\Typeface;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use RapidReel\Base\Refusal;
use RapidReel\Base\Subtitle\SubRip;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Captions\Contrast\MendKind;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cue\Piece;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Plan\Settings\CaptionSettings;
use RapidReel\Plan\Settings\Level;
use Symfony\Component\Process\Process;

/** Captions as operators change them: with their words through every edit, by settings, from files, in other faces. */
final class CaptionsTest extends AppTestCase
{
    private const SCRIPT = 'The lamp at Calder Ness went out at nine, and nobody came before dawn. Follow us.';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
        Queue::fake();
    }

    private function short(string $script = self::SCRIPT): Short
    {
        return $this->made($script)->shorts[0];
    }

    /** @return list<string> */
    private function texts(Short $short): array
    {
        return array_map(
            static fn (Cue $cue): string => $cue->text(),
            app(LiveCaptions::class)->of($short->refresh()->unsetRelations())->cues,
        );
    }

    /** @return list<Cue> */
    private function cues(Short $short): array
    {
        return app(LiveCaptions::class)->of($short->refresh()->unsetRelations())->cues;
    }

    private function set(Short $short, string $key, string $value): void
    {
        app(SettingsDesk::class)->set($this->channel(), Level::Short, [$short->id], $key, $value);
    }

    public function test_captions_are_joined_split_reworded_nudged_and_broken_and_all_of_it_is_undone(): void
    {
        $short = $this->short();
        $editor = app(CaptionEditor::class);
        $before = $this->texts($short);
        $scene = static fn (): \App\Shelves\Models\Scene => $short->refresh()->unsetRelations()->scenes[0];

        $editor->join($scene(), 0);
        self::assertSame("{$before[0]} {$before[1]}", $this->texts($short)[0]);
        $editor->split($scene(), 0, 2);
        self::assertSame('The lamp', $this->texts($short)[0]);
        $editor->reword($scene(), 0, ' One  light ');
        self::assertSame('One light', $this->texts($short)[0]);
        self::assertSame(self::SCRIPT, $scene()->text.' '.$short->scenes[1]->text, 'what is said is as it was');
        $start = $this->cues($short)[1]->startMs;
        $editor->nudge($scene(), 2, 4, 0);
        self::assertEqualsWithDelta($start + 133, $this->cues($short)[1]->startMs, 17);
        $editor->break($scene(), 0, 1);
        self::assertSame([1, 1], $this->cues($short)[0]->setting->lines);
        $editor->stress($scene(), 4, true);
        $editor->emoji($scene(), 4, '🔔');
        $word = array_merge(...array_map(static fn (Cue $cue): array => $cue->words, $this->cues($short)))[4];
        self::assertSame([true, '🔔'], [$word->stands, $word->emoji]);
        foreach (range(1, 7) as $step) {
            app(EditBook::class)->undo($short->refresh());
        }
        self::assertSame($before, $this->texts($short));
    }

    public function test_what_was_made_goes_with_its_words_through_other_edits(): void
    {
        $short = $this->short();
        $scene = static fn (int $at = 0): \App\Shelves\Models\Scene => $short->refresh()->unsetRelations()->scenes[$at];
        app(CaptionEditor::class)->reword($scene(), 0, 'THE ONE LAMP');
        app(CaptionEditor::class)->stress($scene(), 3, true);
        $editor = app(ScriptEditor::class);
        $has = fn (): bool => in_array('THE ONE LAMP', $this->texts($short), true);

        $editor->reword($scene(), 'Then: the lamp at Calder Ness went out at nine, and nobody came before dawn.');
        self::assertSame(['the lamp at', 1], $has() ? ['the lamp at', 1] : $this->texts($short));
        $editor->split($scene(), 31);
        self::assertTrue($has(), 'split after it');
        $editor->join($scene());
        self::assertTrue($has(), 'joined');
        $editor->move($scene(), 1);
        self::assertTrue($has(), 'moved');
        $this->set($short, 'split', 'words:3-6');
        self::assertTrue($has(), 'split by another rule');
        $copy = $editor->shortsOf($short->refresh()->batch, [[$short, 'Nine boats came home.']])[0];
        self::assertContains('THE ONE LAMP', $this->texts($copy), 'copied');
        $kept = array_filter(
            array_merge(...array_map(static fn (Cue $cue): array => $cue->words, $this->cues($short))),
            static fn ($word): bool => $word->stands,
        );
        self::assertSame(['Calder'], array_column($kept, 'text'));
    }

    public function test_every_part_of_a_style_is_a_setting_of_every_level_and_own_styles_are_kept(): void
    {
        $short = $this->short();
        $style = fn (): ?CaptionStyle => CaptionSettings::style(
            app(Resolver::class)->short($short->refresh()->unsetRelations()),
        );
        $this->set($short, 'caption_style', 'story');
        $this->set($short, 'caption_fill', '#abc');
        $this->set($short, 'caption_height', 'lower third');
        self::assertSame(['bookish', 'AABBCC', 70], [$style()?->type->face, $style()?->paint->fill, $style()?->height]);
        foreach (['caption_size' => '9000', 'caption_fill' => 'reddish', 'caption_style' => 'none'] as $key => $wrong) {
            try {
                $this->set($short, $key, $wrong);
                self::fail("$key takes $wrong");
            } catch (Refusal $problem) {
                $told = $key === 'caption_size' ? '24 to 220' : $wrong;
                self::assertStringContainsString($told, $problem->getMessage());
            }
        }
        $id = app(StyleDesk::class)->keep($this->channel(), 'Night  watch', $style() ?? self::fail());
        $this->set($short, 'caption_fill', 'style');
        $this->set($short, 'caption_style', $id);
        self::assertSame(['own-night-watch', 'AABBCC'], [$id, $style()?->paint->fill]);
        app(EditBook::class)->undo($this->channel());
        self::assertSame('condensed', $style()?->type->face, 'a style that is gone leaves the usual one');

        $this->set($short, 'captions_shown', 'off');
        self::assertNull($style());
        self::assertSame([], $this->texts($short));
    }

    public function test_files_of_captions_are_brought_and_what_is_in_error_is_told(): void
    {
        $short = $this->short();
        $file = tempnam(sys_get_temp_dir(), 'cap') ?: self::fail();
        $bring = function (string $text, bool $times = false) use ($short, $file): string {
            file_put_contents($file, $text);

            return app(CaptionImport::class)->bring($short->refresh()->unsetRelations(), $file, $times);
        };
        $said = $bring("1\n00:00:00,000 --> 00:00:01,000\nThe lamp at\nCalder Ness\n\n"
            ."2\n00:00:01,000 --> 00:00:02,000\nwent dark at nine,\n\n3\n00:00:09,000 --> 00:00:10,000\nUnrelated!\n");
        self::assertSame('2 captions taken over. 1 say nothing that is said here and were left out.', $said);
        $cues = $this->cues($short);
        self::assertSame(['The lamp at Calder Ness', 'went dark at nine,'], array_map(
            static fn (Cue $cue): string => $cue->text(),
            array_slice($cues, 0, 2),
        ));
        self::assertSame([3, 2], $cues[0]->setting->lines);
        // At their times they may say anything: here, the same in another language.
        $said = $bring("WEBVTT\n\n00:00.000 --> 00:01.000\nDie Lampe von\nCalder Ness\n\n"
            ."00:01.000 --> 00:02.000\nging um neun aus\n\n01:09.000 --> 01:10.000\nEnde", true);
        self::assertSame('2 captions taken over. 1 stand where nothing is said and were left out.', $said);
        self::assertSame(['Die Lampe von Calder Ness', 'ging um neun aus'], array_map(
            static fn (Cue $cue): string => $cue->text(),
            array_slice($this->cues($short), 0, 2),
        ));
        self::assertSame([3, 2], $this->cues($short)[0]->setting->lines);

        foreach ([
            'no captions' => 'Once upon a time.',
            'ends before it begins' => "1\n00:00:05,000 --> 00:00:02,000\nThe lamp",
            'begins before the one ahead' => "1\n00:00:05,000 --> 00:00:06,000\nThe lamp\n\n"
                ."2\n00:00:01,000 --> 00:00:02,000\nwent out",
            'more than 600 letters' => "1\n00:00:01,000 --> 00:00:06,000\n".str_repeat('lamp ', 200),
            'says what this short says' => "1\n00:00:05,000 --> 00:00:06,000\nQuite another story",
        ] as $why => $wrong) {
            try {
                $bring($wrong);
                self::fail($why);
            } catch (Refusal $problem) {
                self::assertStringContainsString($why, $problem->getMessage());
            }
        }
        $many = SubRip::write(array_map(
            static fn (int $i): TimedCue => new TimedCue(900 * $i, 900 * $i + 800, "nobody came $i"),
            range(0, 9_999),
        ));
        // Where only some fit, it is asked; nothing is changed until then.
        $before = $short->refresh()->revision;
        try {
            $bring($many);
            self::fail('It was not asked.');
        } catch (HalfFit $question) {
            self::assertMatchesRegularExpression('/^\d+ of 10000 captions? say/', $question->getMessage());
        }
        $answer = $this->actingAs($this->user())->post("/shorts/{$short->id}/captions/file", [
            'file' => UploadedFile::fake()->createWithContent('many.srt', $many), 'times' => '0',
        ]);
        self::assertStringContainsString('at the times of the file', (string) $answer->assertOk()->json('asks'));
        self::assertSame($before, $short->refresh()->revision);
        file_put_contents($file, $many);
        self::assertStringContainsString(
            'taken over', app(CaptionImport::class)->bring($short->refresh()->unsetRelations(), $file, false, true),
        );
        self::assertSame($before + 1, $short->refresh()->revision);
    }

    public function test_a_face_that_was_brought_is_burned_and_a_broken_one_is_refused(): void
    {
        $short = $this->short();
        $desk = app(TypefaceDesk::class);
        self::assertSame('Kalam Bold', $desk->bring($this->channel(), resource_path('fonts/Kalam_700Bold.ttf')));
        $face = Typeface::query()->sole();
        $this->set($short, 'caption_face', $face->face);
        $cut = app(ShortPlanner::class)->plan(
            $short->refresh(), app(LibraryShelf::class)->of($this->channel()), new Unwatched,
        );
        self::assertSame($face->face, $cut->cues[0]->setting->pieces[0]->type->face);
        self::assertSame('Kalam Bold', $cut->cues[0]->setting->pieces[0]->type->family);
        self::assertFileExists(app(TypefaceBook::class)->file($face->face));
        $this->actingAs($this->channel()->user)->get(route('faces.file', $face->face))
            ->assertOk()->assertHeader('Content-Type', 'font/ttf');
        $this->get('/faces/own-0123456789')->assertNotFound();
        $desk->drop($face);
        self::assertNotSame([], $this->texts($short), 'a face that is gone is stood in for');

        $bad = tempnam(sys_get_temp_dir(), 'face') ?: self::fail();
        file_put_contents($bad, substr((string) file_get_contents(resource_path('fonts/Kalam_700Bold.ttf')), 0, 9_000));
        $this->expectException(Refusal::class);
        $desk->bring($this->channel(), $bad);
    }

    public function test_contrast_is_measured_on_the_pictures_and_mended_at_a_press(): void
    {
        $short = $this->short();
        $this->set($short, 'caption_style', 'even');
        foreach (['caption_outline' => '0', 'caption_shadow' => '0', 'caption_fill' => '808080',
            'caption_spoken_colour' => '808080'] as $key => $value) {
            $this->set($short, $key, $value);
        }
        $proof = $this->proof($short);
        self::assertNotSame([], $proof->faint());
        self::assertSame(count($this->cues($short)), count($proof->cues));
        foreach (ProofFrames::KINDS as $kind) {
            self::assertFileExists(app(ProofFrames::class)->file($proof->key, $kind));
        }
        $probe = (new Process(['ffprobe', '-v', 'error', '-count_frames', '-select_streams', 'v', '-show_entries',
            'stream=width,height,nb_read_frames', '-of', 'csv=p=0', app(ProofMaker::class)->file($proof->key)]))
            ->mustRun()->getOutput();
        self::assertSame('432,768,'.$short->plannedCut()?->frames(), trim($probe));

        app(CaptionMender::class)->mend($short->refresh(), MendKind::Plate);
        $mended = $this->proof($short);
        self::assertSame([], $mended->faint());
        self::assertSame($proof->key, $mended->key, 'the pictures are the same: nothing was rendered again');
        app(EditBook::class)->undo($short->refresh());
        self::assertCount(count($proof->faint()), $this->proof($short)->faint());

        // What a picture does not allow is not offered, and refused.
        $offered = array_unique(array_merge(...array_map(
            static fn (ClearCue $cue): array => array_column($cue->mends, 'kind'),
            $proof->faint(),
        )));
        foreach (MendKind::cases() as $kind) {
            if (! in_array($kind->value, $offered, true)) {
                try {
                    app(CaptionMender::class)->mend($short->refresh(), $kind);
                    self::fail($kind->value);
                } catch (Refusal $problem) {
                    self::assertStringContainsString('No caption', $problem->getMessage());
                }
            }
        }
    }

    /** Sampled in the finished video: each word has the colour of the spoken in just the frames in which it is said. */
    public function test_every_word_is_marked_in_just_its_frames_of_the_finished_video(): void
    {
        // The stills of the library have no amber in them.
        Footage::query()->where('kind', FootageKind::Clip)->delete();
        $short = $this->short('Nine boats came in. The lamp went out at nine, and nobody came before dawn.');
        $cut = app(ShortPlanner::class)->plan(
            $short->refresh()->unsetRelations(), app(LibraryShelf::class)->of($this->channel()), new Unwatched,
        );
        $work = sys_get_temp_dir().'/captions-'.bin2hex(random_bytes(4)).'.mp4';
        app(VideoMaker::class)->make(
            $cut, MixPlan::of($cut), app(SegmentPlanner::class)->plan($cut, Quality::Draft),
            app(LibraryShelf::class)->of($this->channel()), new Unwatched, $work,
        );
        $raw = (new Process([
            'ffmpeg', '-v', 'error', '-i', $work, '-vf', 'scale=270:480:flags=area,format=rgb24', '-f', 'rawvideo', '-',
        ]))->mustRun()->getOutput();
        unlink($work);
        $frames = str_split($raw, 3 * 270 * 480);
        self::assertCount($cut->frames(), $frames);
        $amber = static function (int $frame, Piece $piece) use ($frames): float {
            [$found, $all] = [0, 0];
            for ($y = (int) (($piece->box->foot - 60) / 4); $y < $piece->box->foot / 4; $y++) {
                $half = $piece->box->width / 2;
                for ($x = (int) (($piece->box->x - $half) / 4); $x < ($piece->box->x + $half) / 4; $x++) {
                    $at = 3 * ($y * 270 + $x);
                    $isAmber = ord($frames[$frame][$at]) > 180 && ord($frames[$frame][$at + 2]) < 140
                        && ord($frames[$frame][$at + 1]) > 120;
                    [$found, $all] = [$found + ($isAmber ? 1 : 0), $all + 1];
                }
            }

            return $found / $all;
        };
        $words = 0;
        foreach ($cut->cues as $cue) {
            foreach ($cue->setting->pieces as $piece) {
                $word = $cue->words[$piece->word];
                [$from, $until] = [$cut->grid()->frameOf($word->startMs), $cut->grid()->frameOf($word->endMs)];
                $marked = $amber($from, $piece);
                self::assertGreaterThan(0.2, $marked, "$word->text at frame $from");
                self::assertEqualsWithDelta($marked, $amber($until - 1, $piece), 0.1, "$word->text to its end");
                $before = $from === 0 ? 0.0 : $amber($from - 1, $piece);
                self::assertLessThan($marked - 0.15, $before, "$word->text before");
                self::assertLessThan($marked - 0.15, $amber($until, $piece), "$word->text after");
                $words++;
            }
        }
        self::assertSame(15, $words);
    }

    private function proof(Short $short): Proof
    {
        app(ShortPlanner::class)->plan(
            $short->refresh()->unsetRelations(), app(LibraryShelf::class)->of($this->channel()), new Unwatched,
        );
        app(ProofDesk::class)->make($short->refresh()->unsetRelations(), new Unwatched);

        return Proof::of($short->refresh()) ?? self::fail((string) $short->proof_problem);
    }
}
