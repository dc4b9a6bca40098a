<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Library\LogoDesk;
use App\Media\DamagedPart;
use App\Media\KeptFiles;
use App\Media\MediaStore;
use App\Models\Channel;
use App\Models\Logo;
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
