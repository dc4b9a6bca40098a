<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Support\Facades\DB;

/** Footage that settings name: what stands before shorts, after them, and behind subjects. */
final class ChosenFootage
{
    private const KEYS = ['opening', 'ending', 'key_behind'];

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
                foreach (self::KEYS as $key) {
                    $any->orWhere('settings', 'like', "%\"$key\"%");
                }
            })->pluck('settings');
            foreach ($rows as $settings) {
                $own = is_string($settings) ? json_decode($settings, true) : null;
                foreach (is_array($own) ? array_intersect_key($own, array_flip(self::KEYS)) : [] as $id) {
                    $named[(int) $id] = true;
                }
            }
        }

        return array_values(array_filter($ids, static fn (int $id): bool => isset($named[$id])));
    }
}
