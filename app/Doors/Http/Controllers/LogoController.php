<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Media\Store\DamagedPart;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Shelves\Library\LogoDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Logo;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Logos. */
final class LogoController extends Controller
{
    public function store(Request $request, LogoDesk $desk): RedirectResponse
    {
        $file = $request->file('logo');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('Choose a PNG or SVG file.');
        }
        $logo = $desk->bring(
            Channel::of($this->user($request)), $file->getRealPath() ?: '', $file->getClientOriginalName(),
        );

        return redirect()->route('house')->with('saved', "“{$logo->name}” can be chosen as the logo now.");
    }

    public function file(Logo $logo, MediaStore $store, KeptFiles $kept): BinaryFileResponse
    {
        if (! $kept->isSource($logo->picture)) {
            throw DamagedPart::logo($logo->name);
        }

        return $this->media($store->source($logo->picture), 'image/png', 'logo.png');
    }

    public function destroy(Logo $logo, LogoDesk $desk): RedirectResponse
    {
        $desk->drop($logo);

        return redirect()->route('house')->with('saved', 'The logo was taken away.');
    }
}
