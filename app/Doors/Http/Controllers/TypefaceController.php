<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Media\Artwork\TypefaceBook;
use App\Shelves\Library\TypefaceDesk;
use App\Shelves\Models\Access;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Typeface;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Faces that captions are set in: their files for pages that draw captions, and those that operators bring. */
final class TypefaceController extends Controller
{
    public function file(Request $request, string $id, TypefaceBook $book): BinaryFileResponse
    {
        $isMine = ! str_starts_with($id, TypefaceBook::OWN) || Typeface::query()->where('face', $id)
            ->whereHas('channel', fn ($of) => Access::within($of, $this->user($request)->id))->exists();
        abort_unless($isMine && $book->has($id), 404);

        return $this->media($book->file($id), 'font/ttf', "$id.ttf");
    }

    public function store(Request $request, TypefaceDesk $desk): RedirectResponse
    {
        $file = $request->file('face');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('Choose a TTF or OTF file.');
        }
        $name = $desk->bring(Channel::of($this->user($request)), $file->getRealPath() ?: '');

        return redirect()->route('styles')->with('saved', "“{$name}” can be chosen now.");
    }

    public function destroy(Typeface $face, TypefaceDesk $desk): RedirectResponse
    {
        $desk->drop($face);

        return redirect()->route('styles')->with('saved', 'The typeface was deleted.');
    }
}
