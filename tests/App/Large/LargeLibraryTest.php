<?php

declare(strict_types=1);

namespace Tests\App\Large;

use App\Doors\Bench\Large\LargeChannel;
use App\Makers\Planning\LikelyNeeds;
use App\Makers\Planning\SceneTasks;
use App\Makers\Planning\ShortShelves;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use App\Shelves\Search\FootagePostings;
use Illuminate\Support\Facades\DB;
use RapidReel\Pictures\Footage\Matching\FootageMatcher;
use RapidReel\Pictures\Footage\Matching\ShotMatch;
use Tests\App\AppTestCase;

/** Libraries that are not read as a whole. */
final class LargeLibraryTest extends AppTestCase
{
    private const PIECES = 1_500;

    private Short $short;

    protected function setUp(): void
    {
        parent::setUp();
        LargeChannel::in($this->channel(), $this->user())->grow(1, self::PIECES, 3);
        $this->short = $this->made(
            'The keeper lit the lamp in the tower. A boat came through the fog to the harbour, and the bell rang on '
            .'the quay. The captain wrote a letter by candle light.',
        )->shorts->firstOrFail();
    }

    public function test_what_is_chosen_of_a_part_is_what_is_chosen_of_all(): void
    {
        $tasks = app(SceneTasks::class)->of($this->short->load(['scenes.shots', 'batch.channel', 'readings']));
        $needs = LikelyNeeds::of(array_column($tasks, 'scene'));
        $all = app(LibraryShelf::class)->of($this->channel());
        $some = app(ShortShelves::class)->of($this->short);
        self::assertCount(self::PIECES, $all->footage);
        self::assertLessThan(500, count($some->footage));
        $ids = static fn (array $matches): array => array_map(
            static fn (ShotMatch $match): string => $match->footage->id.' '.$match->why, $matches,
        );

        self::assertSame(
            $ids((new FootageMatcher('en', 'lamp'))->match($needs, $all->offered())),
            $ids((new FootageMatcher('en', 'lamp', of: $some->collection))->match($needs, $some->offered())),
        );
    }

    public function test_lists_follow_every_change_by_whatever_way(): void
    {
        $postings = app(FootagePostings::class);
        $count = fn (string $term): int => $postings->read($this->channel(), 'en', [$term])->collection
            ->holding[$term] ?? 0;
        self::assertSame(0, $count('zeppelin'));
        DB::table('footage')->whereIn('id', Footage::query()->limit(3)->pluck('id'))
            ->update(['tags' => 'zeppelin, airships']);
        self::assertSame(3, $count('zeppelin'));
        self::assertSame(3, $count('airship'), 'as it is stemmed');
        $one = Footage::query()->where('tags', 'zeppelin, airships')->firstOrFail();
        $one->update(['name' => 'Zeppelin over the quay']);
        self::assertSame(3, $count('zeppelin'), 'each once');
        $one->delete();
        self::assertSame(2, $count('zeppelin'));
        Footage::withTrashed()->find($one->id)?->restore();
        self::assertSame(3, $count('zeppelin'));
        $one->forceDelete();
        self::assertSame(2, $count('zeppelin'));
        self::assertSame(
            self::PIECES - 1, $postings->read($this->channel(), 'en', ['zeppelin'])->collection->documents,
        );
    }

    public function test_another_channel_sees_what_is_lent_to_it_and_nothing_else(): void
    {
        $lent = Footage::query()->firstOrFail();
        $lent->update(['tags' => 'zeppelin', 'shared' => true]);
        Footage::query()->latest('id')->firstOrFail()->update(['tags' => 'zeppelin']);
        $mine = \App\Shelves\Models\Channel::query()->forceCreate(['user_id' => $this->user()->id, 'name' => 'Second']);
        $theirs = $this->channel('other@lamplight.example');
        $postings = app(FootagePostings::class);

        self::assertSame(2, $postings->read($this->channel(), 'en', ['zeppelin'])->collection->holding['zeppelin']);
        self::assertSame(1, $postings->read($mine, 'en', ['zeppelin'])->collection->holding['zeppelin']);
        self::assertSame([], $postings->read($theirs, 'en', ['zeppelin'])->collection->holding);
    }

    public function test_what_a_short_shows_stays_at_its_hand(): void
    {
        $odd = Footage::query()->latest('id')->firstOrFail();
        $odd->update(['tags' => 'nothing, that, fits', 'name' => 'Xyzzy']);
        $scene = $this->short->scenes->firstOrFail();
        DB::table('shots')->insert(['scene_id' => $scene->id, 'word' => 0, 'footage_id' => $odd->id, 'locked' => 1]);
        $shelf = app(ShortShelves::class)->of($this->short->fresh(['scenes.shots', 'batch.channel']) ?? $this->short);

        self::assertArrayHasKey($odd->id, $shelf->footage);
    }

    public function test_a_file_is_found_to_look_like_one_among_thousands(): void
    {
        $clip = self::media('alike.png', '-f', 'lavfi', '-i', 'mandelbrot=size=640x360', '-frames:v', '1');
        $again = self::media(
            'alike2.jpg', '-f', 'lavfi', '-i', 'mandelbrot=size=512x288', '-frames:v', '1', '-q:v', '6',
        );
        $importer = app(\App\Shelves\Library\FootageImporter::class);
        $first = $importer->footage($this->channel(), $clip, 'One', []);
        $second = $importer->footage($this->channel(), $again, 'Two', []);

        self::assertNotSame($first->fingerprint, $second->fingerprint);
        self::assertSame($first->id, $second->near_id);
    }
}
