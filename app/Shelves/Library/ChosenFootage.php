<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use Illuminate\Support\Facades\DB;

/** Footage that settings name: what stands before shorts, after them, and behind subjects. */
final class ChosenFootage
{
    /** Those settings, and the tag by which footage can be chosen for each. */
    public const TAGS = ['opening' => 'opening', 'ending' => 'ending', 'key_behind' => 'behind'];

    private const TABLES = ['channels', 'batches', 'shorts', 'scenes', 'shots'];

    /**
     * @param  list<int>  $ids
     * @return list<int> those of them that are named anywhere
     */
    public static function among(array $ids): array
    {
        $named = [];
        foreach (self::TABLES as $table) {
            $rows = DB::table($table)->where(static function ($any): void {
                foreach (array_keys(self::TAGS) as $key) {
                    $any->orWhere('settings', 'like', "%\"$key\"%");
                }
            })->pluck('settings');
            foreach ($rows as $settings) {
                $own = is_string($settings) ? json_decode($settings, true) : null;
                foreach (is_array($own) ? array_intersect_key($own, self::TAGS) : [] as $id) {
                    $named[(int) $id] = true;
                }
            }
        }

        return array_values(array_filter($ids, static fn (int $id): bool => isset($named[$id])));
    }
}
