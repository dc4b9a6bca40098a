<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\EditBook;
use App\Desks\Library\LibraryDesk;
use App\Doors\Http\Presenters\Footage\FootagePage;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Video\ChangedFootage;
use App\Shelves\Library\FootageCheck;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LibraryFilter;
use App\Shelves\Library\MendDesk;
use App\Shelves\Library\Uploads;
use App\Shelves\Models\Channel;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class FootageController extends Controller
{
    public function index(Request $request, FootagePage $page): View
    {
        return view('footage.index', ['page' => $page->of(
            Channel::of($this->user($request)),
            $this->filter($request),
            $this->user($request)->channels()->count(),
        )]);
    }

    /** The same search as a fragment, to swap a shot's footage by. */
    public function picker(Request $request): View
    {
        $channel = Channel::of($this->user($request));

        return view('footage._picker', [
            'collections' => FootagePage::collections($channel),
            'footage' => $this->filter($request)->of($channel)
                ->where('state', FootageState::Ready)
                ->orderByDesc('id')
                ->paginate(FootagePage::EACH)
                ->withQueryString(),
        ]);
    }

    /** Takes in files that came with the request, or in pieces before. */
    public function store(Request $request, FootageImporter $importer, Uploads $uploads): JsonResponse
    {
        $user = $this->user($request);
        $channel = Channel::of($user);
        $files = $added = $ids = $near = $problems = [];
        foreach ((array) $request->file('files') as $file) {
            if ($file instanceof UploadedFile && $file->isValid()) {
                $files[] = [$file->getPathname(), $file->getClientOriginalName(), null];
            } else {
                $problems[] =
                    $file instanceof UploadedFile
                        ? "“{$file->getClientOriginalName()}” did not arrive whole: "
                            .'it may be larger than this server takes at once.'
                        : 'A file did not arrive.';
            }
        }
        $upload = $this->text($request, 'upload');
        if ($upload !== '') {
            $files[] = [...$uploads->whole($user, $upload), $upload];
        }
        $folder = trim($this->text($request, 'folder'), "/ \t\n");
        foreach ($files as [$path, $name, $piece]) {
            try {
                $footage = $importer->footage(
                    $channel,
                    $path,
                    $name,
                    $this->tagsOf($this->text($request, 'tags'), $name, $folder),
                    collection: mb_strimwidth(strtok($folder, '/') ?: '', 0, 80, '…'),
                );
                $added[] = $footage->name;
                $ids[] = $footage->id;
                if ($footage->near_id !== null && $footage->wasRecentlyCreated) {
                    $near[] = sprintf(
                        '“%s” is nearly the same as “%s”.',
                        $footage->name,
                        Footage::query()->whereKey($footage->near_id)->value('name'),
                    );
                } elseif (! $footage->wasRecentlyCreated) {
                    $near[] = "“{$name}” is there already, as “{$footage->name}”.";
                }
            } catch (Refusal|ToolFailed $problem) {
                $problems[] = $problem->getMessage();
            }
            $piece === null || $uploads->drop($user, $piece);
        }

        return response()->json(['added' => $added, 'ids' => $ids, 'near' => $near, 'problems' => $problems]);
    }

    /** Does something with many at once. */
    public function act(Request $request, LibraryDesk $desk, MendDesk $mends, EditBook $edits): JsonResponse
    {
        $channel = Channel::of($this->user($request));
        $ids = array_values(array_map(intval(...), (array) $request->input('ids', [])));
        $value = $this->text($request, 'value');

        return response()->json(['said' => match ($request->input('do')) {
            'tag' => $desk->tag($channel, $ids, $this->tags($value)),
            'untag' => $desk->untag($channel, $ids, $this->tags($value)),
            'collect' => $desk->collect($channel, $ids, $value),
            'delete' => $desk->delete($channel, $ids),
            'mend' => $mends->order($channel, $ids, $value),
            'undo' => 'Undone: '.$edits->undo($channel, EditPart::Library).'.',
            'redo' => 'Done again: '.$edits->redo($channel, EditPart::Library).'.',
            default => throw new Refusal('That cannot be done with footage.'),
        }]);
    }

    public function update(Request $request, Footage $footage): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'tags' => ['nullable', 'string', 'max:1000'],
        ]);
        $footage->update([
            'name' => $given['name'],
            'shared' => $request->boolean('shared'),
            'tags' => implode(', ', $this->tags((string) ($given['tags'] ?? ''))),
        ]);

        return back()->with('saved', $footage->id);
    }

    public function dismiss(Footage $footage, FootageCheck $check): RedirectResponse
    {
        $check->dismiss($footage);

        return back();
    }

    public function again(Footage $footage, FootageCheck $check): RedirectResponse
    {
        $check->again($footage);

        return back();
    }

    public function thumbnail(Footage $footage, MediaStore $store, FootageImporter $importer): BinaryFileResponse
    {
        $importer->keepThumbnail($footage);

        return $this->media($store->path($footage->thumbnail), 'image/jpeg', "{$footage->id}.jpg");
    }

    public function file(Footage $footage, MediaStore $store): BinaryFileResponse
    {
        $path = $store->path($footage->path);
        if (! KeptFiles::agrees($path, $footage->seal)) {
            throw new ChangedFootage($footage->name);
        }

        return $this->media(
            $path,
            $footage->mediaType(),
            $footage->name.'.'.pathinfo($footage->path, PATHINFO_EXTENSION),
        );
    }

    private function filter(Request $request): LibraryFilter
    {
        return new LibraryFilter(
            $this->text($request, 'search'),
            $this->text($request, 'kind'),
            $this->text($request, 'shape'),
            $this->text($request, 'length'),
            $this->text($request, 'collection'),
            $this->text($request, 'use'),
        );
    }

    /** @return list<string> those that were typed, or else the words of its name and folders */
    private function tagsOf(string $typed, string $name, string $folder): array
    {
        $tags = $this->tags($typed);
        $folders = $this->tags(str_replace(['/', '_', '-', ' '], ',', $folder));

        return $tags !== []
            ? array_values(array_unique([...$tags, ...$folders]))
            : array_values(array_unique([
                ...$this->tags(str_replace(' ', ',', FootageImporter::plainName($name))), ...$folders,
            ]));
    }

    /** @return list<string> */
    private function tags(string $typed): array
    {
        return array_slice(array_values(array_unique(array_filter(array_map(
            static fn (string $tag): string => mb_substr(trim(mb_strtolower($tag)), 0, 60),
            preg_split('/[,;\n]+/', mb_scrub($typed)) ?: [],
        )))), 0, 40);
    }
}
