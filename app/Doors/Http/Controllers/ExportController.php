<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Exporting\ExportDesk;
use App\Desks\Exporting\ExportedFiles;
use App\Desks\Exporting\FinishedFiles;
use App\Media\Store\MediaStore;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
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
    public function file(
        Request $request,
        Export $export,
        string $extension,
        FinishedFiles $files,
    ): BinaryFileResponse {
        abort_unless(
            $export->state === ExportState::Done && in_array($extension, ExportedFiles::EXTENSIONS, true),
            404,
        );

        return $this->media(
            $files->path($export, $extension), self::TYPES[$extension], "{$export->name}.$extension",
            $request->boolean('save'), $export->seals[$extension] ?? null,
        );
    }

    public function poster(Export $export, MediaStore $store): BinaryFileResponse
    {
        return $this->media(
            $store->path($export->file(ExportedFiles::POSTER)),
            'image/jpeg',
            "{$export->id}.jpg",
            seal: $export->seals[ExportedFiles::POSTER] ?? null,
        );
    }
}
