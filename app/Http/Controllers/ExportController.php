<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exporting\ExportArchive;
use App\Exporting\ExportDesk;
use App\Exporting\ExportedFiles;
use App\Media\KeptFiles;
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
        $path = $store->path($export->file($extension));
        $seal = $export->seals[$extension] ?? null;
        if (! KeptFiles::agrees($path, $seal)) {
            throw ExportArchive::gone([$export->short]);
        }

        return $this->media($path, self::TYPES[$extension], basename($path), $request->boolean('save'), $seal);
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
