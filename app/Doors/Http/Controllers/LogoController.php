<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\SettingsDesk;
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
use RapidReel\Plan\Settings\Level;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Logos. */
final class LogoController extends Controller
{
    /** Takes a logo in; it is the one that is shown from now on. */
    public function store(Request $request, LogoDesk $desk, SettingsDesk $settings): RedirectResponse
    {
        $file = $request->file('logo');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('Choose a PNG or SVG file.');
        }
        $channel = Channel::of($this->user($request));
        $logo = $desk->bring($channel, $file->getRealPath() ?: '', $file->getClientOriginalName());
        $settings->set($channel, Level::Channel, [$channel->id], 'logo', $logo->picture);

        return redirect()->to(route('house').'#section-logo')->with(
            'saved', "“{$logo->name}” is the logo of the channel now. Its colours stand beside it.",
        );
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

        return redirect()->to(route('house').'#section-logo')->with('saved', "The logo “{$logo->name}” was deleted.");
    }
}
