<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Doors\Http\Presenters\Guide;
use Illuminate\Contracts\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The guide. */
final class HelpController extends Controller
{
    public function show(): View
    {
        return view('help.show', ['guide' => Guide::read()]);
    }

    /** A picture of the guide. */
    public function picture(string $picture): BinaryFileResponse
    {
        $file = base_path("docs/screenshots/$picture");
        abort_unless(is_file($file), 404);

        return response()->file($file, ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=3600']);
    }
}
