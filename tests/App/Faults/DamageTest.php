<?php

declare(strict_types=1);

namespace Tests\App\Faults;

use App\Makers\Voicing\RecordingDesk;
use App\Media\Store\MediaStore;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Reading;

/** What lies on the disk is not what was written there. */
final class DamageTest extends FaultCase
{
    /** @return list<string> */
    private static function files(string $room, string $extension): array
    {
        $files = glob(app(MediaStore::class)->path($room)."/*/*.$extension") ?: [];
        self::assertNotSame([], $files);

        return $files;
    }

    public function test_what_is_damaged_is_made_again_and_nothing_wrong_is_told_as_done(): void
    {
        $short = $this->short();
        $first = $this->exported($short);
        $frames = (int) round($first->duration_ms * 30 / 1000);
        self::assertWhole($this->video($first), $frames);
        $third = static fn (string $bytes): int => intdiv(strlen($bytes), 3);
        foreach ([
            'cut short' => static fn (string $bytes): string => substr($bytes, 0, 2 * $third($bytes)),
            'emptied' => static fn (): string => '',
            'zeroed in the middle' => static fn (string $bytes): string => substr_replace(
                $bytes,
                str_repeat("\0", $third($bytes)),
                $third($bytes),
                $third($bytes),
            ),
            'one bit' => static fn (string $bytes): string => substr_replace(
                $bytes,
                $bytes[$third($bytes)] ^ "\1",
                $third($bytes),
                1,
            ),
        ] as $how => $damage) {
            foreach ([self::files('segments', 'mp4')[0], self::files('mixes', 'm4a')[0]] as $file) {
                file_put_contents($file, $damage((string) file_get_contents($file)));
            }
            $again = $this->exported($short);

            self::assertSame([ExportState::Done, null], [$again->state, $again->problem], $how);
            self::assertSame(1, $again->segments_made, $how);
            self::assertWhole($this->video($again), $frames);
        }

        // The narrator never speaks quite alike twice: a scene may come out a frame longer.
        foreach (self::files('takes', 'wav') as $i => $take) {
            $bytes = (string) file_get_contents($take);
            file_put_contents($take, $i % 2 === 0 ? '' : substr($bytes, 0, 2 * $third($bytes)));
        }
        $again = $this->exported($short);
        self::assertSame([ExportState::Done, null], [$again->state, $again->problem]);
        self::assertWhole($this->video($again), (int) round($again->duration_ms * 30 / 1000));
        self::assertEqualsWithDelta($first->duration_ms, $again->duration_ms, 400);
    }

    public function test_a_damaged_take_of_a_recording_is_cut_again_and_nobody_speaks_in_its_place(): void
    {
        $short = $this->short();
        $read = self::media('read.wav', '-f', 'lavfi', '-i', "flite=text='The lamp went out.':voice=rms");
        $recording = app(RecordingDesk::class)->bring($short, $read, 'read.wav', 'The lamp went out.');
        $this->work();
        $reading = Reading::query()->where('recording_id', $recording->id)->firstOrFail();
        $this->postJson("/readings/{$reading->id}")->assertOk();
        $this->work();
        $take = app(MediaStore::class)->keyed('takes', $reading->take, 'wav');
        $whole = file_get_contents($take);

        file_put_contents($take, '');
        self::assertSame(ExportState::Done, $this->exported($short->refresh())->state);
        self::assertSame($whole, file_get_contents($take));

        // With the recording gone too there is nothing to cut it from.
        file_put_contents($take, '');
        unlink(app(MediaStore::class)->path($recording->path));
        $failed = $this->exported($short->refresh());
        self::assertSame(ExportState::Failed, $failed->state);
        self::assertStringContainsString('The recording of “The lamp went out.” is damaged', (string) $failed->problem);
    }

    public function test_footage_whose_file_changed_under_its_name_is_noticed_and_can_be_brought_again(): void
    {
        $short = $this->short();
        $this->exported($short);
        $used = Footage::query()->findOrFail($short->refresh()->plannedCut()?->scenes[0]->shots[0]->source->footage);
        $file = app(MediaStore::class)->path($used->path);
        $before = (string) file_get_contents($file);
        foreach (self::files('segments', 'mp4') as $segment) {
            unlink($segment);
        }
        // Written into, so that every other name of the file changes with it.
        file_put_contents($file, strrev($before));

        $failed = $this->exported($short);
        self::assertSame(ExportState::Failed, $failed->state);
        self::assertStringContainsString("The file of “{$used->name}” was changed", (string) $failed->problem);

        $source = TEST_PLACE.'/'.strtolower($used->name).($used->duration_ms > 0 ? '.mp4' : '.png');
        $again = app(FootageImporter::class)->footage($this->channel(), $source, basename($source), []);
        self::assertSame($used->id, $again->id);
        self::assertSame(ExportState::Done, $this->exported($short)->state);
        // The library is read once for all tests.
        copy(app(MediaStore::class)->path($again->refresh()->path), $file);
    }

    public function test_finished_files_that_are_gone_are_told_in_place_of_the_archive(): void
    {
        $short = $this->short();
        $export = $this->exported($short);
        Export::query()->whereKey($export->id)->update(['quality' => 'final']);
        unlink($this->video($export));

        $this->from("/batches/{$short->batch_id}")->get("/batches/{$short->batch_id}/download")
            ->assertRedirect("/batches/{$short->batch_id}")
            ->assertSessionHas('problem', 'Nothing was downloaded: the finished files of “Lamp” were changed, '
                .'damaged or deleted on the disk since they were made. Export it again.');
    }
}
