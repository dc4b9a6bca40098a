<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Library\FootageCheck;
use App\Library\FootageImporter;
use App\Media\MediaStore;
use App\Media\ToolFailed;
use App\Models\Channel;
use App\Models\Footage;
use App\Models\FootageState;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Pagination\LengthAwarePaginator;
use RapidReel\Base\Refusal;
use RapidReel\Footage\FootageKind;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class FootageController extends Controller
{
    public function index(Request $request): View
    {
        $channel = Channel::of($this->user($request));

        return view('footage.index', [
            'footage' => $this->found($request, 60),
            'search' => $this->text($request, 'search'),
            'kind' => $this->text($request, 'kind'),
            'total' => Footage::at($channel)->count(),
            'channel' => $channel,
            'channels' => $this->user($request)->channels()->count(),
        ]);
    }

    /** The same search as a fragment, to swap a shot's footage by. */
    public function picker(Request $request): View
    {
        return view('footage._picker', ['footage' => $this->found($request, 60, onlyReady: true)]);
    }

    public function store(Request $request, FootageImporter $importer): JsonResponse
    {
        $tags = $this->tags($this->text($request, 'tags'));
        $channel = Channel::of($this->user($request));
        $added = $ids = [];
        $problems = [];
        foreach ((array) $request->file('files') as $file) {
            if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
                $problems[] =
                    $file instanceof UploadedFile
                        ? "“{$file->getClientOriginalName()}” did not arrive whole: "
                            .'it may be larger than this server takes at once.'
                        : 'A file did not arrive.';

                continue;
            }
            try {
                $name = $file->getClientOriginalName();
                $words = $tags !== [] ? $tags : $this->tags(str_replace(' ', ',', FootageImporter::plainName($name)));
                $footage = $importer->footage($channel, $file->getPathname(), $name, $words);
                $added[] = $footage->name;
                $ids[] = $footage->id;
            } catch (Refusal|ToolFailed $problem) {
                $problems[] = $problem->getMessage();
            }
        }

        return response()->json(['added' => $added, 'ids' => $ids, 'problems' => $problems]);
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

    public function thumbnail(Footage $footage, MediaStore $store): BinaryFileResponse
    {
        return $this->media($store->path($footage->thumbnail), 'image/jpeg', "{$footage->id}.jpg");
    }

    public function file(Footage $footage, MediaStore $store): BinaryFileResponse
    {
        return $this->media(
            $store->path($footage->path),
            $footage->mediaType(),
            $footage->name.'.'.pathinfo($footage->path, PATHINFO_EXTENSION),
        );
    }

    /** @return LengthAwarePaginator<int, Footage> */
    private function found(Request $request, int $most, bool $onlyReady = false): LengthAwarePaginator
    {
        $kind = FootageKind::tryFrom($this->text($request, 'kind'));

        return Footage::search(Channel::of($this->user($request)), $this->text($request, 'search'))
            ->when($kind !== null, static fn ($query) => $query->where('kind', $kind))
            ->when($onlyReady, static fn ($query) => $query->where('state', FootageState::Ready))
            ->orderByDesc('id')->paginate($most)->withQueryString();
    }

    /** @return list<string> */
    private function tags(string $typed): array
    {
        return array_slice(array_values(array_unique(array_filter(array_map(
            static fn (string $tag): string => mb_substr(trim(mb_strtolower($tag)), 0, 60),
            (array) preg_split('/[,;\n]+/', mb_scrub($typed)),
        )))), 0, 40);
    }
}
