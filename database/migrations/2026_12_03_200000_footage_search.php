<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** Footage by the terms of its words: who changes a piece, by whatever way, leaves its number to be looked at. */
    public function up(): void
    {
        foreach ([
            'create table if not exists footage_pending (id integer primary key not null)',
            'create table if not exists footage_indexed (id integer primary key not null, channel_id integer not null,
                lent integer not null, terms text not null)',
            'create table if not exists footage_collections (channel_id integer not null, lent integer not null,
                form text not null, documents integer not null, length integer not null,
                primary key (channel_id, lent, form)) without rowid',
            'create table if not exists footage_postings (channel_id integer not null, lent integer not null,
                form text not null, term text not null, body blob not null,
                primary key (channel_id, lent, form, term))',
            'insert or ignore into footage_pending select id from footage',
            'create trigger if not exists footage_comes after insert on footage begin
                insert or ignore into footage_pending values (new.id); end',
            'create trigger if not exists footage_changes after update of
                name, tags, brief, state, shared, channel_id, deleted_at on footage begin
                insert or ignore into footage_pending values (new.id); end',
            'create trigger if not exists footage_goes after delete on footage begin
                insert or ignore into footage_pending values (old.id); end',
        ] as $statement) {
            DB::statement($statement);
        }
    }

    public function down(): void
    {
        foreach (['footage_comes', 'footage_changes', 'footage_goes'] as $trigger) {
            DB::statement("drop trigger if exists $trigger");
        }
        foreach (['pending', 'indexed', 'collections', 'postings'] as $table) {
            DB::statement("drop table if exists footage_$table");
        }
    }
};
