<?php

declare(strict_types=1);

namespace Tests\App;

use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Edit;
use App\Shelves\Models\Effect;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Footage;
use App\Shelves\Models\GuestLink;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Music;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Pattern;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Recording;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\Short;
use App\Shelves\Models\Typeface;
use Illuminate\Support\Facades\Queue;
use RapidReel\Base\Values;

/** One of everything that an address can name. */
trait NamesPlaces
{
    /** @var array<string, string|int> what stands for each parameter of a route */
    private array $places;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->library();
        $this->actingAs($this->user());
        $short = $this->made('The secret lamp of Calder Ness. Nobody lit it. A boat came in.', name: 'Secret pile')
            ->shorts[0];
        $this->setting('short', $short->id, 'speed', 90)->assertOk();
        $this->places = [
            'channel' => $this->channel()->id,
            'batch' => $short->batch_id,
            'short' => $short->id,
            'scene' => $short->scenes[0]->id,
            'edit' => (int) Edit::query()->value('id'),
            'footage' => (int) Footage::query()->where('channel_id', $this->channel()->id)->value('id'),
            'music' => (int) Music::query()->value('id'),
            'word' => 0,
            'number' => 0,
            'level' => 'short',
            'member' => 0,
            'invitation' => 0,
            'signIn' => 0,
            'choice' => 'ink',
            'picture' => 'unheard-of.png',
            'setting' => 'voice',
            'of' => $short->id,
            'key' => str_repeat('0', 32),
            'sticker' => 'unheard-of',
            'extension' => 'mp4',
            'kind' => 'txt',
            'form' => 'html',
            'format' => 'srt',
            'kindOf' => 'csv',
            'which' => 'dark',
            'style' => 'own-night',
            'id' => 'own-0123',
            'face' => Typeface::query()->forceCreate([
                'channel_id' => $this->channel()->id, 'name' => 'Secret face', 'face' => 'own-0123',
            ])->id,
            'effect' => Effect::query()->forceCreate([
                'channel_id' => $this->channel()->id, 'name' => 'Secret effect', 'path' => 'library/none.flac',
                'fingerprint' => 'secret', 'loudest' => -20.0, 'duration_ms' => 500,
            ])->id,
            'guestLink' => GuestLink::query()->create([
                'batch_id' => $short->batch_id, 'name' => 'Secret guest', 'token' => 'none',
                'ends_at' => now()->addDay(),
            ])->id,
            'outlet' => $outlet = Outlet::query()->forceCreate([
                'channel_id' => $this->channel()->id, 'place' => 'folder', 'name' => 'Secret outlet',
            ])->id,
            'post' => Post::query()->create([
                'short_id' => $short->id, 'outlet_id' => $outlet, 'key' => 'none', 'state' => PostState::Open,
            ])->id,
            'table' => ColourTable::query()->forceCreate([
                'channel_id' => $this->channel()->id, 'name' => 'Secret table', 'hash' => 'none',
            ])->id,
            'logo' => Logo::query()->forceCreate([
                'channel_id' => $this->channel()->id, 'name' => 'Secret logo', 'picture' => 'none', 'width' => 10,
                'height' => 10, 'colours' => [],
            ])->id,
            'sound' => 'own-1',
            'half' => 'rest',
            'pattern' => Pattern::query()->forceCreate([
                'channel_id' => $this->channel()->id, 'name' => 'Secret pattern',
                'settings' => new Values(['speed' => 90]),
            ])->id,
            'target' => 'own-none',
            'voice' => 'aldous',
            'token' => 'none',
            'name' => 'attic',
            'upload' => '00000000-0000-0000-0000-000000000000',
            'path' => 'x',
            ...$this->placesOf($short),
        ];
    }

    /** @return array<string, int> */
    private function placesOf(Short $short): array
    {
        $reading = Reading::query()->forceCreate([
            'short_id' => $short->id,
            'text' => $short->scenes[0]->text,
            'take' => 'none',
            'accepted' => false,
            'words' => [['text' => 'x', 'start_ms' => 0, 'end_ms' => 100, 'doubt' => 'none', 'pinned' => false]],
            'remarks' => [],
        ]);
        $recording = Recording::query()->forceCreate([
            'short_id' => $short->id,
            'text' => '',
            'name' => 'read.wav',
            'path' => 'recordings/none',
            'state' => RecordingState::Ready,
        ]);
        $export = Export::query()->forceCreate([
            'short_id' => $short->id,
            'quality' => 'final',
            'state' => ExportState::Done,
            'name' => 'x',
        ]);

        return ['reading' => $reading->id, 'recording' => $recording->id, 'export' => $export->id];
    }
}
