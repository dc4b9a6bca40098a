<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exporting\ExportDesk;
use App\Exporting\ExportedFiles;
use App\Media\MediaStore;
use App\Models\Export;
use App\Models\ExportState;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class ExportController extends Controller
{
    private const TYPES = [
        'mp4' => 'video/mp4',
        'srt' => 'application/x-subrip',
        'vtt' => 'text/vtt',
        'ass' => 'text/x-ssa',
        'json' => 'application/json',
    ];

    public function cancel(Export $export, ExportDesk $desk): RedirectResponse
    {
        $desk->cancel($export);

        return back();
    }

    /** A file of a finished export, to be played (with Range, so that it can seek) or saved. */
    public function file(Request $request, Export $export, string $extension, MediaStore $store): BinaryFileResponse
    {
        abort_unless(
            $export->state === ExportState::Done && in_array($extension, ExportedFiles::EXTENSIONS, true),
            404,
        );
        $name = "{$export->name}.$extension";
        $path = $store->path("{$export->folder()}/$name");

        return $this->media($path, self::TYPES[$extension], $name, $request->boolean('save'));
    }

    public function poster(Export $export, MediaStore $store): BinaryFileResponse
    {
        $path = $store->path($export->folder().'/poster.jpg');

        return $this->media($path, 'image/jpeg', "{$export->id}.jpg");
    }
}
