<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Doors\Http\Presenters\Pace\BatchPace;
use App\Shelves\Models\Batch;
use Illuminate\Contracts\View\View;

/** The pace report of a batch. */
final class PaceController extends Controller
{
    public function show(Batch $batch, BatchPace $pace): View
    {
        return view('pace.show', ['page' => $pace->of($batch)]);
    }
}
