<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Ground\Work\Folder;
use Illuminate\Support\Facades\File;

/** Brings finished files to a folder of the operator's, which may be on another disk. */
final class OutFolder
{
    /** Each appears whole: it is copied under a passing name first, as another disk cannot be renamed to. */
    public static function fill(string $folder, string $work): void
    {
        Folder::make($folder);
        foreach (File::files($work) as $file) {
            if ($file->getFilename() === ExportedFiles::POSTER) {
                continue;
            }
            $passing = "$folder/.{$file->getFilename()}.part";
            File::copy($file->getPathname(), $passing);
            File::move($passing, "$folder/{$file->getFilename()}");
        }
    }
}
