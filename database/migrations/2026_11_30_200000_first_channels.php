<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** Every account has a channel from its first moment; it was made when somebody looked. */
    public function up(): void
    {
        $without = DB::table('users')->whereNotIn('id', DB::table('channels')->select('user_id'))->get(['id', 'name']);
        foreach ($without as $user) {
            DB::table('channels')->insert([
                'user_id' => $user->id, 'name' => $user->name, 'created_at' => now(), 'updated_at' => now(),
            ]);
        }
    }
};
