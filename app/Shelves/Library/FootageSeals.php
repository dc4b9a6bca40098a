<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Music;
use Illuminate\Database\Eloquent\Builder;

/** Gives what earlier versions brought in a seal, so that a change of its file is noticed from now on. */
final readonly class FootageSeals
{
    public function __construct(private MediaStore $store)
    {
    }

    /**
     * @return int how many files were sealed
     *
     * @throws StrangePlace
     */
    public function fill(): int
    {
        return $this->seal(Footage::query()) + $this->seal(Music::query());
    }

    /**
     * @template T of Footage|Music
     *
     * @param  Builder<T>  $rows
     *
     * @throws StrangePlace
     */
    private function seal(Builder $rows): int
    {
        $sealed = 0;
        foreach ($rows->getModels() as $row) {
            $file = $this->store->path($row->path);
            if ($row->seal === null && is_file($file)) {
                $row->update(['seal' => KeptFiles::sealOf($file)]);
                $sealed++;
            }
        }

        return $sealed;
    }
}
