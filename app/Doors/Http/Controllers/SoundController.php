<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Library\StarterDesk;
use App\Doors\Http\Presenters\Sounds\SoundsPage;
use App\Media\Probing\UnusableMedia;
use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Shelves\Levels\EffectNames;
use App\Shelves\Library\EffectBook;
use App\Shelves\Library\SoundDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Effect;
use App\Shelves\Models\Music;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Music and effects. */
final class SoundController extends Controller
{
    private const TYPES = [
        'wav' => 'audio/wav', 'mp3' => 'audio/mpeg', 'm4a' => 'audio/mp4', 'ogg' => 'audio/ogg', 'flac' => 'audio/flac',
    ];

    public function index(Request $request, SoundsPage $page): View
    {
        return view('sounds.index', ['page' => $page->of(
            Channel::of($this->user($request)), trim($this->text($request, 'words')), $this->text($request, 'mood'),
        )]);
    }

    /** Brings files as music or as effects: those that can be used, with what is wrong with each other one. */
    public function store(Request $request, SoundDesk $desk): RedirectResponse
    {
        $channel = Channel::of($this->user($request));
        $files = array_filter(
            is_array($request->file('files')) ? $request->file('files') : [],
            static fn (mixed $file): bool => $file instanceof UploadedFile,
        );
        if ($files === []) {
            throw new Refusal('Choose sound files first: WAV, MP3, M4A, OGG or FLAC.');
        }
        $brought = $problems = [];
        foreach ($files as $file) {
            $name = $file->getClientOriginalName();
            try {
                if (! $file->isValid() || $file->getSize() > (int) config('reel.upload.recording_bytes')) {
                    throw new Refusal("“{$name}” is larger than 300 MB.");
                }
                $path = (string) $file->getRealPath();
                $brought[] = $request->input('kind') === 'effect'
                    ? $desk->effect($channel, $path, $name)->name
                    : $desk->music($channel, $path, $name, $this->text($request, 'mood'))->name;
            } catch (Refusal|UnusableMedia $problem) {
                $problems[] = $problem->getMessage();
            }
        }

        return redirect()->route('sounds.index')
            ->with('saved', match (count($brought)) {
                0 => '',
                1 => "{$brought[0]} is here.",
                default => implode(', ', $brought).' are here.',
            })
            ->with('refused', $problems);
    }

    /** The music that ships, for a channel that has none. */
    public function starter(Request $request, StarterDesk $desk): RedirectResponse
    {
        $count = $desk->music(Channel::of($this->user($request)));

        return redirect()->route('sounds.index')->with(
            'saved', "$count pieces are here. Shorts get music by their mood now.",
        );
    }

    public function update(Request $request, Music $music, SoundDesk $desk): JsonResponse
    {
        $desk->change(
            $music,
            $request->exists('mood') ? $this->text($request, 'mood') : null,
            $request->exists('name') ? $this->text($request, 'name') : null,
        );

        return response()->json(['said' => "“{$music->name}” is {$music->mood}."]);
    }

    public function destroy(Music $music, SoundDesk $desk): RedirectResponse
    {
        $desk->drop($music);

        return redirect()->route('sounds.index')
            ->with('saved', "“{$music->name}” was deleted. Shorts that have it keep it until they change.");
    }

    public function destroyEffect(Effect $effect, SoundDesk $desk): RedirectResponse
    {
        $desk->drop($effect);

        return redirect()->route('sounds.index')->with('saved', "“{$effect->name}” was deleted.");
    }

    public function file(Music $music, MediaStore $store): BinaryFileResponse
    {
        $path = $store->path($music->path);
        if (! KeptFiles::agrees($path, $music->seal)) {
            throw DamagedPart::music($music->name);
        }

        return $this->sound($path, $music->name);
    }

    public function effect(Request $request, string $sound, EffectBook $book): BinaryFileResponse
    {
        $shelf = $book->of(Channel::of($this->user($request)));
        $effect = $shelf->effects[$sound] ?? null;
        $isOwn = str_starts_with($sound, EffectNames::OWN);
        abort_unless($effect !== null && ($isOwn || isset(EffectNames::SHIPPED[$sound])), 404);

        return $this->sound($shelf->path($sound, $effect->fingerprint), $effect->name);
    }

    private function sound(string $path, string $name): BinaryFileResponse
    {
        $extension = pathinfo($path, PATHINFO_EXTENSION);

        return $this->media($path, self::TYPES[$extension] ?? 'audio/mp4', "$name.$extension");
    }
}
